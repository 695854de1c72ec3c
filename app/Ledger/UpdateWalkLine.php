<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Ledger\Judgements\AnswerJudgement;
use App\Models\LedgerEntry;
use App\Models\WalkLine;
use Illuminate\Support\Facades\DB;

/** Writes the answer of an entry to the line it belongs to. */
final class UpdateWalkLine
{
    /** @param  array<string, mixed>  $columns */
    public function answer(LedgerEntry $entry, string $line, array $columns): void
    {
        $this->write($entry->walk_id, $line, $columns + [
            'changed_by' => $entry->sequence,
            'entry_id' => $entry->id,
            'judgement' => json_encode($entry->judgement()->toArray(), JSON_THROW_ON_ERROR),
            'answered_by_id' => $entry->actor_id,
            'answered_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
            'attempts' => DB::raw('attempts + 1'),
        ]);
    }

    /** Writes the outcome that was judged; what was not valid leaves the line open, to be answered again. */
    public function answerAsJudged(LedgerEntry $entry): void
    {
        $judgement = AnswerJudgement::read($entry->judgement());
        $this->answer(
            $entry,
            $entry->payload()->string('line'),
            $judgement->isValid ? ['outcome' => $judgement->outcome->value] : [],
        );
    }

    /** A struck answer leaves the line open, to be answered again. */
    public function reopen(LedgerEntry $strike, string $entryId): void
    {
        WalkLine::query()->where('walk_id', $strike->walk_id)->where('entry_id', $entryId)->update([
            'changed_by' => $strike->sequence, 'outcome' => 'open', 'entry_id' => null, 'judgement' => null, 'value' => null, 'unit' => null, 'answered_by_id' => null, 'answered_at' => null,
        ]);
    }

    /**
     * Lines that a repair made due are open as on the first day; what was answered before stays in the ledger.
     *
     * @param list<string> $keys
     */
    public function dueAgain(LedgerEntry $repair, array $keys): void
    {
        WalkLine::query()->where('walk_id', $repair->walk_id)->whereIn('key', $keys)->update([
            'changed_by' => $repair->sequence, 'outcome' => 'open', 'entry_id' => null, 'judgement' => null, 'value' => null, 'unit' => null, 'answered_by_id' => null, 'answered_at' => null, 'attempts' => 0,
        ]);
    }

    /** @param  array<string, mixed>  $columns */
    private function write(?string $walkId, string $line, array $columns): void
    {
        DB::table('walk_lines')->where('walk_id', $walkId)->where('key', $line)->update($columns);
    }
}
