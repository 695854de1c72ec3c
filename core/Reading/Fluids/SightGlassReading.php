<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * The level in a round sight glass.
 *
 * Below Add: trace the loss, fill to Full, read again. Above Full: the posture is checked before oil is let off, since
 * a raised implement is the usual cause of both. An empty glass stops the machine. Common practice, no source.
 */
final readonly class SightGlassReading
{
    public function __construct(private SightGlassLimits $limits)
    {
    }

    public function judge(Quantity $level): Verdict
    {
        $marks = $this->limits->marks;
        $words = new LevelWords($level, $marks, $this->limits->fluid);
        $topUp = $words->topUp();

        return match ($marks->position($level)) {
            LevelPosition::NothingToSee => Verdict::stop(
                new Phrase('glass.nothing'),
                [$words->compare('≤', $marks->lowest)],
                $this->limits->source(),
                new Phrase('level.find_the_loss', $words->topUpFigures($topUp)),
                $topUp,
            ),
            LevelPosition::BelowAdd => Verdict::attend(
                new Phrase('glass.below_add', ['gap' => $words->gapTo($marks->add)]),
                [$words->compare('<', $marks->add), $words->topUpWorking($topUp)],
                $this->limits->source(),
                new Phrase('level.add_and_reread', $words->topUpFigures($topUp)),
                $topUp,
            ),
            LevelPosition::LowerHalf, LevelPosition::UpperHalf => Verdict::stands(
                new Phrase('glass.between'),
                [$words->between()],
                $this->limits->source(),
            ),
            LevelPosition::AboveFull => Verdict::attend(
                new Phrase('glass.above_full', ['gap' => $words->gapTo($marks->full)]),
                [$words->compare('>', $marks->full)],
                $this->limits->source(),
                new Phrase('glass.posture_first', ['minutes' => (string) $this->limits->fluid->settleMinutes]),
            ),
        };
    }
}
