<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Judgements\RepairJudgement;
use App\Ledger\MustBeQualified;
use App\Ledger\Payloads\RepairRecordedPayload;
use App\Ledger\TagInOfWalk;
use App\Ledger\UpdateWalkLine;
use App\Models\Finding;
use App\Models\LedgerEntry;
use App\Models\Repair;
use App\Models\Tag;
use App\Models\User;
use App\Models\WalkLine;
use JadeLedger\Core\People\AskedFor;
use JadeLedger\Core\Release\DueAfterRepair;
use JadeLedger\Core\Walk\PlannedLine;

/**
 * What stopped the machine was mended. The tag stays: what the repair made due is looked at again first.
 *
 * @implements EntryOfWalk<RepairRecordedPayload>
 */
final readonly class RepairRecorded implements EntryOfWalk
{
    public function __construct(
        private UpdateWalkLine $lines,
        private TagInOfWalk $tagIn,
        private MustBeQualified $qualified,
    ) {
    }

    public static function name(): string
    {
        return 'repair.recorded';
    }

    public static function payload(): string
    {
        return RepairRecordedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->repairs();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $tag = Tag::hangingOn($context->walk->machine_id) ?? throw ApiProblem::because(ProblemName::NoTagHangs, 409);
        if ($tag->walk_id !== $context->walk->id) {
            throw ApiProblem::because(ProblemName::TagOfAnotherWalk, 409, ['number' => $tag->number]);
        }
        ($this->qualified)($context->actor, AskedFor::Repair, $context, $entry->recordedAt, $entry->doubts);
        $before = Repair::under($tag->id);
        if ($before !== null && ($this->tagIn)($context->walk, $tag, $context->catalogue())->stops() === []) {
            throw ApiProblem::because(ProblemName::RepairedAlready, 409, ['name' => $before->repairedBy->name]);
        }
        foreach ($entry->payload->lines as $line) {
            $context->line($line);
        }
        $due = (new DueAfterRepair($context->plan, $context->catalogue()->featuresOf($context->model)))->of([
            ...$entry->payload->lines,
            ...$this->linesAround($entry->payload->findings, $context),
        ]);

        return new RepairJudgement($tag->id, $due);
    }

    /**
     * A mended finding makes due the line from which it was placed, and everything that is looked at where its part is.
     *
     * @param list<string> $findings
     * @return list<string> keys of lines
     */
    private function linesAround(array $findings, WalkContext $context): array
    {
        $parts = array_column($context->catalogue()->family($context->model->familyId)->parts, 'id', 'name');
        $lines = [];
        $mended = Finding::query()->where('machine_id', $context->walk->machine_id)->whereIn('id', $findings)->get();
        foreach ($mended as $finding) {
            array_push($lines, ...array_filter([$finding->line]));
            foreach ($context->plan->visits as $visit) {
                if (
                    $visit->station->part !== null &&
                    $visit->station->part === ($parts[$finding->part] ?? null)
                ) {
                    array_push(
                        $lines,
                        ...array_map(static fn (PlannedLine $line): string => $line->key, $visit->lines),
                    );
                }
            }
        }

        return $lines;
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = RepairRecordedPayload::read($entry->payload());
        $judgement = RepairJudgement::read($entry->judgement());
        Repair::query()->create([
            'id' => $entry->id,
            'tag_id' => $judgement->tag,
            'machine_id' => $entry->machineId(),
            'walk_id' => $entry->walkId(),
            'words' => $payload->words,
            'parts' => $payload->parts,
            'due' => $judgement->due,
            'repaired_by_id' => $entry->actor_id,
            'repaired_at' => $entry->recorded_at,
        ]);
        $this->lines->dueAgain(
            $entry,
            WalkLine::query()->where('walk_id', $entry->walkId())->whereIn('key', $judgement->due),
        );
        Finding::query()
            ->where('machine_id', $entry->machineId())
            ->whereIn('id', $payload->findings)
            ->update(['mended_at' => $entry->recorded_at->format('Y-m-d H:i:s.u')]);
    }
}
