<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\ContextOfWalk;
use App\Ledger\EntryKind;
use App\Ledger\EntryKinds;
use App\Ledger\FollowStanding;
use App\Ledger\IncomingEntry;
use App\Ledger\PostingContext;
use App\Models\DoubtfulEntry;
use App\Models\LedgerEntry;
use App\Models\Role;
use App\Models\User;
use App\Words;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * The lead looked at entries that were in doubt: they are taken, or set aside and stay legible.
 *
 * What is taken is judged now, one after the other, against the machine as it stands; a release among it is computed
 * anew like any other.
 */
final readonly class DoubtSettled implements EntryKind
{
    public function __construct(private ContextOfWalk $context, private FollowStanding $standing)
    {
    }

    public static function name(): string
    {
        return 'doubt.settled';
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role === Role::Lead;
    }

    public function judge(IncomingEntry $entry, PostingContext $context): array
    {
        $rows = self::rows($entry->texts('entries'));
        $open = DoubtfulEntry::query()->whereIn('id', $rows->pluck('id')->all())
            ->where('walk_id', $context->walk->id)
            ->whereNull('is_taken')
            ->count();
        if ($rows->isEmpty() || $open !== count($entry->texts('entries'))) {
            throw ApiProblem::because(
                ProblemName::NothingInDoubt,
                409,
                [],
                ['entries' => [Words::say('problems.nothing_in_doubt.title')]],
            );
        }
        if ($entry->payload->taken !== true) {
            return ['judgements' => new \stdClass];
        }

        return ['judgements' => (object) $this->judgements($rows, $context)];
    }

    /**
     * @param Collection<int, LedgerEntry> $rows
     * @return array<string, array<string, mixed>> by entry
     */
    private function judgements(Collection $rows, PostingContext $context): array
    {
        $judgements = [];
        // Each is judged after those before it had their effect; project() gives them that effect, so here it is
        // taken back.
        DB::beginTransaction();
        try {
            foreach ($rows as $row) {
                $body = json_decode($row->body, false, 64, JSON_THROW_ON_ERROR);
                $late = new IncomingEntry(
                    $row->id,
                    $row->kind,
                    $row->recorded_at->toImmutable(),
                    $row->corrects,
                    $body->payload,
                );
                $now = ($this->context)($context->walk->refresh(), $row->actor)->confirmedByTheLead();
                $judgements[$row->id] = app(EntryKinds::class)->named($row->kind)->judge($late, $now);
                $this->effect($row, $judgements[$row->id]);
            }
        } finally {
            DB::rollBack();
        }

        return $judgements;
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = $entry->payload();
        DoubtfulEntry::query()->withoutGlobalScopes()->whereIn('id', $payload['entries'])
            ->update(['is_taken' => $payload['taken']]);
        if ($payload['taken'] !== true) {
            return;
        }
        foreach (self::rows($payload['entries']) as $row) {
            $this->effect($row, $entry->judgement()['judgements'][$row->id]);
        }
    }

    /** @param  array<string, mixed>  $judgement */
    private function effect(LedgerEntry $row, array $judgement): void
    {
        // As it will be read from the ledger: decoded JSON, and not what the core gave.
        $decoded = json_decode((string) json_encode($judgement), true);
        $row = $row->judgedLater(is_array($decoded) ? $decoded : []);
        app(EntryKinds::class)->named($row->kind)->project($row);
        $this->standing->after($row);
    }

    /**
     * @param list<string> $ids
     * @return Collection<int, LedgerEntry> in the order in which they were received
     */
    private static function rows(array $ids): Collection
    {
        return LedgerEntry::query()->with('actor')->whereIn('id', $ids)->orderBy('sequence')->get();
    }
}
