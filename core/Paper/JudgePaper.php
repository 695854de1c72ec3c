<?php

declare(strict_types=1);

namespace JadeLedger\Core\Paper;

use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Paper;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * The verdict on a date or a serial: a paper has to be valid on the day and until the hire ends, and the plate has to
 * be
 * the one of the record. What is amiss weighs as much as the check does. Common practice, no source, for the hire's
 * end.
 */
final readonly class JudgePaper
{
    public function __construct(private Check $check)
    {
    }

    /**
     * @param Quantity|null $at hours of the meter on that day
     *
     * @throws NotADate when the day has not come yet
     */
    public function dated(Paper $paper, CalendarDate $done, ?Quantity $at, HireDays $hire): Verdict
    {
        if ($hire->today->isBefore($done)) {
            throw NotADate::written($done->text());
        }
        $term = Term::of($paper, $done, $at);
        $figures = [
            'done' => $done->text(),
            'due' => $term->day->text(),
            'end' => $hire->end->text(),
            'days' => (string) abs($hire->end->daysUntil($term->day)),
            'hours' => $term->hours?->text() ?? '',
        ];
        $working = ["{$done->text()} + {$paper->months} mo = {$term->day->text()}"];
        if ($term->hours !== null) {
            $working[] = "{$at?->text()} h + {$paper->hours} h = {$term->hours->text()} h";
        }
        $act = new Phrase('look.act', ['act' => $this->check->ifNot]);

        return match (true) {
            $term->hours !== null
                && $hire->hours === null => Verdict::attend(
                    new Phrase('paper.hours_unknown', $figures),
                    $working,
                    $this->check->source,
                    new Phrase('paper.read_the_meter'),
                ),
            $term->hours !== null
                && $at !== null
                && $at->isGreaterThan($hire->hours) => $this->amiss(
                    new Phrase('paper.hours_ahead', $figures + ['at' => $at->text(), 'now' => $hire->hours->text()]),
                    $working,
                    $act,
                ),
            $term->hours !== null
                && ServicePoint::isDue($term->hours, $hire->hours) => $this->amiss(
                    new Phrase('paper.hours_over', $figures),
                    $working,
                    $act,
                ),
            Certificate::isOver($term->day, $hire->today) => $this->amiss(
                new Phrase('paper.ran_out', $figures),
                $working,
                $act,
            ),
            Certificate::isOver($term->day, $hire->end) => $this->amiss(
                new Phrase('paper.runs_out', $figures),
                $working,
                $act,
            ),
            default => Verdict::stands(new Phrase('paper.valid', $figures), $working, $this->check->source),
        };
    }

    /**
     * What the yard's register says of a paper, where it has it and it lasts until the hire ends.
     *
     * @param CalendarDate $until the last day on which it counts
     * @param CalendarDate|null $done the day from which its term runs, where that was recorded
     * @return Verdict|null none where somebody has to look
     */
    public function registered(Paper $paper, CalendarDate $until, ?CalendarDate $done, HireDays $hire): ?Verdict
    {
        $term = $done?->plusMonths($paper->months);
        $due = $term !== null && $term->isBefore($until) ? $term : $until;

        $ends = Certificate::isOver($due, $hire->today) || Certificate::isOver($due, $hire->end);

        return $paper->hours !== null || $ends
            ? null
            : Verdict::stands(new Phrase('paper.registered', ['due' => $due->text()]), [], $this->check->source);
    }

    /** Spaces, strokes and the size of letters do not make another serial. */
    public function serial(string $plate, string $record): Verdict
    {
        $figures = ['plate' => trim($plate), 'record' => $record];

        return self::bare($plate) === self::bare($record)
            ? Verdict::stands(new Phrase('paper.same_serial', $figures), [], $this->check->source)
            : $this->amiss(
                new Phrase('paper.other_serial', $figures),
                [],
                new Phrase('look.act', ['act' => $this->check->ifNot]),
            );
    }

    /** What of a serial is compared: its letters and digits, in capitals. */
    public static function bare(string $serial): string
    {
        return mb_strtoupper((string) preg_replace('/[^\p{L}\p{N}]/u', '', $serial));
    }

    /** @param  list<string>  $working */
    private function amiss(Phrase $reason, array $working, Phrase $act): Verdict
    {
        return $this->check->severity === Severity::Stop
            ? Verdict::stop($reason, $working, $this->check->source, $act)
            : Verdict::attend($reason, $working, $this->check->source, $act);
    }
}
