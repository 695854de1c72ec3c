<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Movement;

/**
 * What is most often so of a line that is read, and is then said with one touch that shows what it posts.
 *
 * Only of figures that stand on what is read and do not change while a machine stands: they are compared, not measured.
 * Common practice, no source.
 */
enum Shortcut: string
{
    /** The figure is the one of the walk before. */
    case AsBefore = 'as_before';
    /** No lamp is lit and no code is shown. */
    case NothingLit = 'nothing_lit';

    public static function of(Check $check, Movement $movement): ?self
    {
        if ($check->answer === AnswerKind::Dashboard) {
            return self::NothingLit;
        }
        $isCompared = match ($check->answer) {
            AnswerKind::Count => true,
            // A machine that comes back has run.
            AnswerKind::HourMeter, AnswerKind::WorkMeter => $movement === Movement::Checkout,
            default => false,
        };

        return $isCompared && $check->conditions === [] && $check->looks === [] ? self::AsBefore : null;
    }
}
