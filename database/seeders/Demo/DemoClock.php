<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use Carbon\CarbonImmutable;

/**
 * The demo day, made relative to the moment of seeding: what has happened lies before now, what is due lies after, and
 * all of it on today's page, however early or late it is seeded.
 */
final readonly class DemoClock
{
    private const HOURS_BEHIND = 4.0;

    private const HOURS_AHEAD = 7.0;

    public function __construct(public CarbonImmutable $now, private string $timezone)
    {
    }

    /** @param  float  $hours of the busy day, squeezed when midnight is nearer than that */
    public function ago(float $hours): CarbonImmutable
    {
        $since = $this->now->diffInSeconds($this->now->setTimezone($this->timezone)->startOfDay(), true) - 120;

        return $this->now->subSeconds((int) ($hours * min(3600.0, max(0.0, $since) / self::HOURS_BEHIND)));
    }

    public function ahead(float $hours): CarbonImmutable
    {
        $left = $this->now->diffInSeconds($this->now->setTimezone($this->timezone)->endOfDay(), true) - 120;

        return $this->now
            ->addSeconds((int) ($hours * min(3600.0, max(0.0, $left) / self::HOURS_AHEAD)))
            ->startOfMinute();
    }

    /** A time of day in the yard, some days before or after today. */
    public function day(int $days, string $time): CarbonImmutable
    {
        return CarbonImmutable::parse(
            $this->now->setTimezone($this->timezone)->addDays($days)->format('Y-m-d').' '.$time,
            $this->timezone,
        )->utc();
    }
}
