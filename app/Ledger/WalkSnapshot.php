<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Catalogue\PlanName;
use App\Contract\JsonObject;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\Walk;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Ledger\HashChain;

/**
 * A walk as its row says now, and what its hire and its machine say around it, in one statement: each entry that is
 * posted asks for it twice.
 *
 * What most walks have none of (a doubt, a stop, a finding, a tag) is counted, and read only where there is one.
 */
final readonly class WalkSnapshot
{
    private const AROUND = <<<'SQL'
        select walks.*, machines.model_id as of_model, walk_plans.catalogue_version as of_catalogue,
            walk_plans.sha256 as of_plan, hires.cancelled_at as of_cancelled_at, hire_states.standing as of_standing,
            head.sequence as of_sequence, head.hash as of_hash,
            (select count(*) from findings
                where machine_id = machines.id and is_struck = 0 and mended_at is null) as of_findings,
            (select count(*) from tags where machine_id = machines.id and lifted_at is null) as of_tags,
            (select count(*) from doubtful_entries where walk_id = walks.id and is_taken is null) as of_doubts,
            (select count(*) from walk_lines where walk_id = walks.id and outcome = 'stop') as of_stops,
            (select count(*) from readings
                where walk_id = walks.id and is_struck = 0
                    and json_value(judgement, '$.may_be_read_later') in ('1', 'true')) as of_waiting,
            (select group_concat(user_id order by joined_at, user_id separator ' ')
                from walk_people where walk_id = walks.id) as of_people,
            (select id from walks as came_in
                where came_in.machine_id = machines.id and movement = 'return' and given_back_at is null
                order by opened_at desc limit 1) as of_return
        from machines
            left join walks on walks.id = ?
            left join walk_plans on walk_plans.walk_id = walks.id
            left join hires on hires.id = walks.hire_id
            left join hire_states on hire_states.hire_id = walks.hire_id
            left join ledger_entries as head on head.chain_id = machines.id
                and head.sequence = (select max(sequence) from ledger_entries where chain_id = machines.id)
        where machines.id = ?
        SQL;

    /**
     * @param int $sequence of the last entry of the machine: all that is read afterwards is at least as new
     * @param string $hash of that entry
     * @param int $doubts entries of the walk that wait for the lead
     * @param int $stops lines of the walk that say stop
     * @param int $waiting readings of the walk that may be made again later, when oil is warm
     * @param int $findings of the machine that are open
     * @param int $tags that hang on the machine
     * @param list<string> $people ids of those who walk it, the one with the key first
     * @param string|null $lastReturn the walk on which the machine came in last
     */
    private function __construct(
        public HireStatus $standing,
        public ?PlanName $plan,
        public int $sequence,
        public string $hash,
        public int $doubts,
        public int $stops,
        public int $waiting,
        public int $findings,
        public int $tags,
        public array $people,
        public ?string $lastReturn,
    ) {
    }

    /** @param  Walk  $walk  whose columns are read anew, unless nobody has opened it yet */
    public static function read(Walk $walk): self
    {
        $row = (array) DB::selectOne(self::AROUND, [$walk->id, $walk->machine_id]);
        $around = array_filter(
            $row,
            static fn (string $column): bool => str_starts_with($column, 'of_'),
            ARRAY_FILTER_USE_KEY,
        );
        if ($row['id'] !== null) {
            $walk->setRawAttributes(array_diff_key($row, $around), true);
        }
        $told = JsonObject::of((object) $around);
        $version = $told->optionalString('of_catalogue');

        return new self(
            Hire::standingIn($told->optionalString('of_cancelled_at'), $told->optionalString('of_standing')),
            $version === null
                ? null
                : new PlanName($version, $told->string('of_model'), $told->string('of_plan')),
            $told->optionalInteger('of_sequence') ?? 0,
            $told->optionalString('of_hash') ?? HashChain::GENESIS,
            $told->integer('of_doubts'),
            $told->integer('of_stops'),
            $told->integer('of_waiting'),
            $told->integer('of_findings'),
            $told->integer('of_tags'),
            array_values(array_filter(explode(' ', $told->optionalString('of_people') ?? ''))),
            $told->optionalString('of_return'),
        );
    }
}
