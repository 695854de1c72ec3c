<?php

declare(strict_types=1);

namespace JadeLedger\Core\Briefing;

use JadeLedger\Core\Paper\CalendarDate;

/** What a hirer signed for before: the day on which a machine of this family, and of this model, was handed to them. */
final readonly class KnownFrom
{
    private const MODEL_DAYS = 31;

    private const FAMILY_DAYS = 366;

    public function __construct(public ?CalendarDate $family, public ?CalendarDate $model)
    {
    }

    /** The shortest briefing that may be given; a longer one always may. Days: our own choice. */
    public function shortest(CalendarDate $today): BriefingLength
    {
        return match (true) {
            self::isWithin($this->model, $today, self::MODEL_DAYS) => BriefingLength::KnowsModel,
            self::isWithin($this->family, $today, self::FAMILY_DAYS) => BriefingLength::KnowsFamily,
            default => BriefingLength::Full,
        };
    }

    private static function isWithin(?CalendarDate $day, CalendarDate $today, int $days): bool
    {
        $past = $day?->daysUntil($today);

        return $past !== null && $past >= 0 && $past <= $days;
    }
}
