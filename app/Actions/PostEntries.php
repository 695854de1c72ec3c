<?php

declare(strict_types=1);

namespace App\Actions;

use App\Contract\Contract;
use App\Http\Problems\Problem;
use App\Http\Problems\Refused;
use App\Ledger\AppendEntry;
use App\Ledger\ContextOfWalk;
use App\Ledger\DeviceClock;
use App\Ledger\DeviceMoment;
use App\Ledger\EntryKinds;
use App\Ledger\EntryResult;
use App\Ledger\IncomingEntry;
use App\Ledger\WalkInHand;
use App\Models\HireStanding;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\User;
use App\Models\Walk;
use App\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use JadeLedger\Core\Ledger\CanonicalJson;

/**
 * The one write path: takes a batch, stores what is valid and answers the rest entry by entry.
 *
 * One transaction, one lock on the machine. The client makes the ids, so the same batch may come twice, late, or out of
 * order, and nothing is doubled.
 */
final readonly class PostEntries
{
    /** A device clock may run ahead by this much before its times are no longer believed. */
    private const MINUTES_AHEAD = 10;

    public function __construct(private Contract $contract, private EntryKinds $kinds, private AppendEntry $append, private ContextOfWalk $context)
    {
    }

    /**
     * @param list<mixed> $batch decoded JSON, objects as \stdClass
     * @return list<EntryResult>
     */
    public function __invoke(Walk $walk, array $batch, User $actor, ?DeviceClock $clock = null): array
    {
        $clock ??= DeviceClock::right();

        return DB::transaction(function () use ($walk, $batch, $actor, $clock): array {
            Machine::query()->whereKey($walk->machine_id)->lockForUpdate()->firstOrFail();

            $hand = WalkInHand::forBatch($walk, $batch);

            return array_map(fn (mixed $raw): EntryResult => $this->one($hand, $raw, $actor, $clock), $batch);
        }, 3);
    }

    private function one(WalkInHand $hand, mixed $raw, User $actor, DeviceClock $clock): EntryResult
    {
        $id = $raw instanceof \stdClass && is_string($raw->id ?? null) ? mb_substr($raw->id, 0, 60) : null;
        try {
            // A savepoint: what a refused entry had begun to write is taken back, the rest of the batch stays.
            return DB::transaction(fn (): EntryResult => $this->post($hand, $this->shaped($raw, $clock), $actor));
        } catch (Refused $refused) {
            return EntryResult::refused($id, $refused->problem);
        }
    }

    private function post(WalkInHand $hand, IncomingEntry $entry, User $actor): EntryResult
    {
        $walk = $hand->walk();
        $before = $hand->known($entry->id);
        if ($before !== null) {
            return $this->same($before, $entry, $walk)
                ? EntryResult::already($before)
                : throw Refused::because('id_already_used', 409, ['id' => $entry->id]);
        }
        $kind = $this->kinds->named($entry->kind);
        if (! $kind->mayBePostedBy($actor)) {
            throw Refused::because('not_yours_to_do', 403);
        }
        $this->mustBeWritable($walk, $hand->standing(), $entry);
        $judgement = $kind->judge($entry, ($this->context)($walk, $actor));
        $row = ($this->append)($entry, $judgement, $hand->head, $walk->hire_id, $walk->id, $actor);
        $hand->posted($row, $kind);

        return EntryResult::posted($row);
    }

    private function shaped(mixed $raw, DeviceClock $clock): IncomingEntry
    {
        $faults = $this->contract->faults('EntryInput', $raw);
        if ($faults === []) {
            $schema = Str::studly(str_replace('.', '_', $raw->kind)).'Payload';
            if (! $this->contract->has($schema)) {
                throw Refused::because('not_yours_to_do', 403);
            }
            foreach ($this->contract->faults($schema, $raw->payload) as $path => $messages) {
                $faults["payload.{$path}"] = $messages;
            }
        }
        if ($faults !== []) {
            throw new Refused(Problem::named('look_at_the_fields', 422, [], $faults));
        }
        $said = CarbonImmutable::parse($raw->recorded_at)->utc();
        $recordedAt = $clock->corrected($said);
        if ($recordedAt->greaterThan(CarbonImmutable::now()->addMinutes(self::MINUTES_AHEAD))) {
            throw Refused::because('clock_runs_ahead', 422, [], ['recorded_at' => [Words::say('problems.clock_runs_ahead.title')]]);
        }

        return new IncomingEntry(strtolower($raw->id), $raw->kind, $recordedAt, isset($raw->corrects) ? strtolower($raw->corrects) : null, $raw->payload, $clock->isOff() ? new DeviceMoment($said, $clock->secondsAhead) : null);
    }

    private function same(LedgerEntry $before, IncomingEntry $entry, Walk $walk): bool
    {
        return $before->walk_id === $walk->id
            && $before->kind === $entry->kind
            && CanonicalJson::encode(json_decode($before->body, false, flags: JSON_THROW_ON_ERROR)->payload) === CanonicalJson::encode($entry->payload);
    }

    /** A machine that left, or a hire that is closed, takes no more lines of that walk. */
    private function mustBeWritable(Walk $walk, HireStanding $standing, IncomingEntry $entry): void
    {
        $over = $walk->movement->value === 'checkout'
            ? in_array($standing, [HireStanding::Out, HireStanding::WalkingIn, HireStanding::Returned, HireStanding::Closed], true)
            : $standing === HireStanding::Closed;
        if ($over) {
            throw Refused::because('walk_is_over', 409, ['kind' => $entry->kind]);
        }
    }
}
