<?php

declare(strict_types=1);

namespace Tests\Core\Yard;

use JadeLedger\Core\Yard\LatestStart;
use PHPUnit\Framework\TestCase;

final class LatestStartTest extends TestCase
{
    public function test_work_of_34_minutes_before_11_30_begins_at_10_56_at_the_latest(): void
    {
        $latest = LatestStart::before(new \DateTimeImmutable('2026-11-24T11:30:00Z'), 34 * 60);

        self::assertSame('10:56:00', $latest->at->format('H:i:s'));
    }

    public function test_what_is_due_past_midnight_may_begin_the_day_before(): void
    {
        $latest = LatestStart::before(new \DateTimeImmutable('2026-11-24T00:10:00Z'), 34 * 60);

        self::assertSame('2026-11-23 23:36:00', $latest->at->format('Y-m-d H:i:s'));
    }
}
