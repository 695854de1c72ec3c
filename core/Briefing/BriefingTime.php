<?php

declare(strict_types=1);

namespace JadeLedger\Core\Briefing;

use JadeLedger\Core\Catalogue\BriefingStep;

/**
 * How long a briefing takes: each step told in words, and some seconds more where the customer does it.
 *
 * 130 words a minute, ten seconds for a hand: common practice, no source. Clocks of a step run while one talks on.
 */
final class BriefingTime
{
    private const WORDS_A_MINUTE = 130;

    private const SECONDS_BY_HAND = 10;

    /**
     * @param list<BriefingStep> $steps
     * @return int minutes, at least 1 where there is a step
     */
    public static function minutes(array $steps): int
    {
        $seconds = 0.0;
        foreach ($steps as $step) {
            $words = count(preg_split('/\s+/', "{$step->instruction} {$step->why} {$step->caution}") ?: []);
            $seconds += $words * 60 / self::WORDS_A_MINUTE + ($step->byHand ? self::SECONDS_BY_HAND : 0);
        }

        return (int) ceil($seconds / 60);
    }
}
