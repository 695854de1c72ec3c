<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * The level on a dipstick, on the face that belongs to the temperature of the oil.
 *
 * Both marks belong to the band. Below Add nothing is started before oil is added and a second reading stands; nothing
 * on the blade stops the machine; above Full oil is let off first. Common practice, no source.
 */
final readonly class DipstickReading
{
    public function __construct(private DipstickLimits $limits, private Face $face)
    {
    }

    public function judge(Quantity $level): Verdict
    {
        $marks = $this->limits->marks($this->face);
        if ($marks === null) {
            return Verdict::open(new Phrase('dipstick.no_such_face'), [], $this->limits->source());
        }
        $words = new LevelWords($level, $marks, $this->limits->fluid);
        $topUp = $words->topUp();

        return match ($marks->position($level)) {
            LevelPosition::NothingToSee => Verdict::stop(
                new Phrase('dipstick.nothing'),
                [$words->compare('≤', $marks->lowest)],
                $this->limits->source(),
                new Phrase('level.find_the_loss', $words->topUpFigures($topUp)),
                $topUp,
            ),
            LevelPosition::BelowAdd => Verdict::attend(
                new Phrase('dipstick.below_add', ['gap' => $words->gapTo($marks->add)]),
                [$words->compare('<', $marks->add), $words->topUpWorking($topUp)],
                $this->limits->source(),
                new Phrase('level.add_and_reread', $words->topUpFigures($topUp)),
                $topUp,
            ),
            LevelPosition::LowerHalf => Verdict::stands(
                new Phrase('dipstick.above_add_'.$this->face->value, ['gap' => $words->gapTo($marks->add)]),
                [$words->between()],
                $this->limits->source(),
                new Phrase('level.may_be_topped_up', $words->topUpFigures($topUp)),
            ),
            LevelPosition::UpperHalf => Verdict::stands(
                new Phrase('dipstick.above_add_'.$this->face->value, ['gap' => $words->gapTo($marks->add)]),
                [$words->between()],
                $this->limits->source(),
            ),
            LevelPosition::AboveFull => Verdict::attend(
                new Phrase('dipstick.above_full', ['gap' => $words->gapTo($marks->full)]),
                [$words->compare('>', $marks->full)],
                $this->limits->source(),
                new Phrase('level.let_off_and_reread', ['minutes' => (string) $this->limits->fluid->settleMinutes]),
            ),
        };
    }
}
