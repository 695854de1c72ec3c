<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\PaperKind;
use JadeLedger\Core\Check\Severity;

/**
 * What is most often so of a line that is read, and is then said with one touch that shows what it posts.
 *
 * Only of figures that stand on what is read and do not change while a machine stands: they are compared, not measured.
 * A plate is never taken for read because it should be so: it is found among others. Common practice, no source.
 */
enum Shortcut: string
{
    /** The figure is the one of the walk before. */
    case AsBefore = 'as_before';
    /** As many go out as came in; the act that says the rest of the page says it too. */
    case AsMany = 'as_many';
    /** No lamp is lit and no code is shown. */
    case NothingLit = 'nothing_lit';
    /** The serial on the plate is one of three that are shown: see SerialChoices. */
    case OneOfThree = 'one_of_three';

    public static function of(Check $check, Movement $movement): ?self
    {
        if ($check->answer === AnswerKind::Dashboard) {
            return self::NothingLit;
        }
        if ($check->paper?->kind === PaperKind::Serial) {
            return self::OneOfThree;
        }
        if (self::isCountedOut($check, $movement)) {
            return self::AsMany;
        }
        $isCompared = match ($check->answer) {
            AnswerKind::Count => true,
            // A machine that comes back has run.
            AnswerKind::HourMeter, AnswerKind::WorkMeter => $movement === Movement::Checkout,
            default => false,
        };

        return $isCompared && $check->conditions === [] && $check->looks === [] ? self::AsBefore : null;
    }

    /** What comes back is counted for itself: that is where something is missing. */
    private static function isCountedOut(Check $check, Movement $movement): bool
    {
        return $check->answer === AnswerKind::Count
            && $movement === Movement::Checkout
            && $check->severity !== Severity::Stop
            && $check->standsBefore === null;
    }
}
