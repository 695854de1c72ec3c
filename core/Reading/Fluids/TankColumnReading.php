<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * The level in a tank column or a bottle between Min and Max.
 *
 * What the machine needs to run stops it when the column is empty; what belongs to the hire is only filled and charged.
 * Common practice, no source.
 */
final readonly class TankColumnReading
{
    public function __construct(private TankColumnLimits $limits)
    {
    }

    public function judge(Quantity $level): Verdict
    {
        $marks = $this->limits->marks;
        $words = new LevelWords($level, $marks, $this->limits->fluid);
        $topUp = $words->topUp();
        $needed = $this->limits->need === Need::ToRun;

        return match ($marks->position($level)) {
            LevelPosition::NothingToSee => $needed
                ? Verdict::stop(
                    new Phrase('column.nothing'),
                    [$words->compare('≤', $marks->lowest)],
                    $this->limits->source(),
                    new Phrase('level.find_the_loss', $words->topUpFigures($topUp)),
                    $topUp,
                )
                : Verdict::attend(
                    new Phrase('column.nothing'),
                    [$words->compare('≤', $marks->lowest)],
                    $this->limits->source(),
                    new Phrase('column.fill', $words->topUpFigures($topUp)),
                    $topUp,
                ),
            LevelPosition::BelowAdd => Verdict::attend(
                new Phrase('column.below_min', ['gap' => $words->gapTo($marks->add)]),
                [$words->compare('<', $marks->add), $words->topUpWorking($topUp)],
                $this->limits->source(),
                new Phrase($needed ? 'level.add_and_reread' : 'column.fill', $words->topUpFigures($topUp)),
                $topUp,
            ),
            LevelPosition::LowerHalf, LevelPosition::UpperHalf => Verdict::stands(
                new Phrase('column.between'),
                [$words->between()],
                $this->limits->source(),
            ),
            LevelPosition::AboveFull => Verdict::attend(
                new Phrase('column.above_max', ['gap' => $words->gapTo($marks->full)]),
                [$words->compare('>', $marks->full)],
                $this->limits->source(),
                new Phrase('level.let_off_and_reread', ['minutes' => (string) $this->limits->fluid->settleMinutes]),
            ),
        };
    }
}
