<?php

declare(strict_types=1);

namespace JadeLedger\Core\Briefing;

use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\SignalWord;

/**
 * How much of a briefing somebody is told. What kills is told to everybody, each time.
 *
 * Common practice, no source.
 */
enum BriefingLength: string
{
    /** The first hire of this kind of machine. */
    case Full = 'full';
    /** They had a machine of this family before: what can hurt, and what is this model's own. */
    case KnowsFamily = 'knows_family';
    /** They had this model within the last month: what kills. */
    case KnowsModel = 'knows_model';

    public function tells(BriefingStep $step): bool
    {
        return match ($this) {
            self::Full => true,
            self::KnowsFamily => $step->ofThisModel
                || in_array($step->level, [SignalWord::Danger, SignalWord::Warning], true),
            self::KnowsModel => $step->level === SignalWord::Danger,
        };
    }

    /** Lengths that are no shorter than this one. */
    public function isAtLeast(self $other): bool
    {
        return $this->rank() >= $other->rank();
    }

    private function rank(): int
    {
        return match ($this) {
            self::KnowsModel => 0,
            self::KnowsFamily => 1,
            self::Full => 2,
        };
    }
}
