<?php

declare(strict_types=1);

namespace JadeLedger\Core\Meter;

use JadeLedger\Core\Check\AnswerKind;

/** Which of the hour meters of a machine. */
enum Meter: string
{
    /** The one that a hire is charged by: of the engine, or of a battery machine's key. */
    case Main = 'main';

    /** A second one that counts work only: pump hours, hours under load. */
    case Work = 'work';

    /** How a line of a walk that reads it is answered. */
    public function answer(): AnswerKind
    {
        return match ($this) {
            self::Main => AnswerKind::HourMeter,
            self::Work => AnswerKind::WorkMeter,
        };
    }

    public static function readBy(AnswerKind $kind): self
    {
        return $kind === AnswerKind::WorkMeter ? self::Work : self::Main;
    }
}
