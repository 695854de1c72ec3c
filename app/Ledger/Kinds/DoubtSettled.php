<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Contract\JsonObject;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryKinds;
use App\Ledger\EntryOfWalk;
use App\Ledger\FollowStanding;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\DoubtSettledJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\DoubtSettledPayload;
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
 *
 * @implements EntryOfWalk<DoubtSettledPayload>
 */
final readonly class DoubtSettled implements EntryOfWalk
{
    public function __construct(private ContextOfWalk $context, private FollowStanding $standing)
    {
    }

    public static function name(): string
    {
        return 'doubt.settled';
    }

    public static function payload(): string
    {
        return DoubtSettledPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role === Role::Lead;
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $rows = self::rows($entry->payload->entries);
        $open = DoubtfulEntry::query()->whereIn('id', $rows->pluck('id')->all())
            ->where('walk_id', $context->walk->id)
            ->whereNull('is_taken')
            ->count();
        if ($rows->isEmpty() || $open !== count($entry->payload->entries)) {
            throw ApiProblem::because(
                ProblemName::NothingInDoubt,
                409,
                [],
                ['entries' => [Words::say('problems.nothing_in_doubt.title')]],
            );
        }

        return $entry->payload->taken
            ? DoubtSettledJudgement::taken($this->judgements($rows, $context))
            : DoubtSettledJudgement::noneTaken();
    }

    /**
     * @param Collection<int, LedgerEntry> $rows
     * @return array<string, RecordedJudgement> by entry
     */
    private function judgements(Collection $rows, WalkContext $context): array
    {
        $judgements = [];
        // Each is judged after those before it had their effect; project() gives them that effect, so here it is
        // taken back.
        DB::beginTransaction();
        try {
            foreach ($rows as $row) {
                $judgements[$row->id] = $this->judgedNow($row, $context);
                $this->effect($row, JsonObject::of($judgements[$row->id]->record()));
            }
        } finally {
            DB::rollBack();
        }

        return $judgements;
    }

    private function judgedNow(LedgerEntry $row, WalkContext $context): RecordedJudgement
    {
        $kind = app(EntryKinds::class)->named($row->kind);
        if (! $kind instanceof EntryOfWalk || $row->actor === null) {
            throw new \LogicException("Only persons leave doubts, on walks; {$row->id} is another entry.");
        }
        $payload = $row->payload();
        $late = new IncomingEntry(
            $row->id,
            $row->kind,
            $row->recorded_at->toImmutable(),
            $row->corrects,
            $kind::payload()::read($payload),
            (object) $payload->toArray(),
        );

        return $kind->judge($late, ($this->context)($context->walk->refresh(), $row->actor)->confirmedByTheLead());
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = DoubtSettledPayload::read($entry->payload());
        DoubtfulEntry::query()->withoutGlobalScopes()->whereIn('id', $payload->entries)
            ->update(['is_taken' => $payload->taken]);
        if (! $payload->taken) {
            return;
        }
        $judgement = DoubtSettledJudgement::read($entry->judgement());
        foreach (self::rows($payload->entries) as $row) {
            $this->effect($row, $judgement->of($row->id));
        }
    }

    private function effect(LedgerEntry $row, JsonObject $judgement): void
    {
        $row = $row->judgedLater($judgement);
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
