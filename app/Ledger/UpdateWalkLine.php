<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Ledger\Judgements\AffirmedLine;
use App\Ledger\Judgements\AnswerJudgement;
use App\Models\LedgerEntry;
use App\Models\WalkLine;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;
use JadeLedger\Core\Walk\Judgement;

/** Writes the answer of an entry to the line it belongs to. */
final class UpdateWalkLine
{
    /** A line that nobody has answered. */
    private const OPEN = [
        'outcome' => 'open', 'entry_id' => null, 'judgement' => null, 'value' => null, 'unit' => null,
        'answered_by_id' => null, 'answered_at' => null, 'carried_from' => null,
    ];

    /** @param  array<string, mixed>  $columns */
    public function answer(LedgerEntry $entry, string $line, array $columns): void
    {
        $this->write($entry->walk_id, $line, $columns + [
            'changed_by' => $entry->sequence,
            'entry_id' => $entry->id,
            'judgement' => json_encode($entry->judgement()->toArray(), JSON_THROW_ON_ERROR),
            'answered_by_id' => $entry->actor_id,
            'answered_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
            // What the register answers is nobody's attempt.
            'attempts' => DB::raw($entry->actor_id === null ? 'attempts' : 'attempts + 1'),
            // Whoever looks again answers for themselves.
            'carried_from' => null,
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

    /** The line stands as on the return walk. */
    public function affirm(LedgerEntry $entry, AffirmedLine $line): void
    {
        $this->answer($entry, $line->line, [
            'outcome' => Outcome::Stands->value,
            'carried_from' => $line->from,
            'value' => $line->read?->text(),
            'unit' => $line->read?->unit->value,
            'judgement' => json_encode(JudgementRecord::of(Judgement::valid(Verdict::stands(
                new Phrase('carried.as_on', ['day' => $line->day, 'by' => $line->by]),
                [],
                new Source(SourceKind::HouseRule, 'house rule'),
            ))), JSON_THROW_ON_ERROR),
        ]);
    }

    /**
     * Lines that no longer stand as on the return walk are open, to be looked at.
     *
     * @param Builder<WalkLine> $lines
     */
    public function reopenCarried(LedgerEntry $because, Builder $lines): void
    {
        $lines->update(['changed_by' => $because->sequence] + self::OPEN);
    }

    /** A struck answer leaves the line open, to be answered again. */
    public function reopen(LedgerEntry $strike, string $entryId): void
    {
        WalkLine::query()->where('walk_id', $strike->walk_id)->where('entry_id', $entryId)->update([
            'changed_by' => $strike->sequence,
        ] + self::OPEN);
    }

    /**
     * Lines that a repair or another attachment made due are open as on the first day; what was answered before stays
     * in the ledger.
     *
     * @param Builder<WalkLine> $lines
     */
    public function dueAgain(LedgerEntry $cause, Builder $lines): void
    {
        $lines->update(['changed_by' => $cause->sequence, 'attempts' => 0] + self::OPEN);
    }

    /** @param  array<string, mixed>  $columns */
    private function write(?string $walkId, string $line, array $columns): void
    {
        DB::table('walk_lines')->where('walk_id', $walkId)->where('key', $line)->update($columns);
    }
}
