<?php

declare(strict_types=1);

namespace Tests\Core\Yard;

use JadeLedger\Core\Yard\LatestStart;
use PHPUnit\Framework\TestCase;

final class LatestStartTest extends TestCase
{
    public function test_work_of_34_minutes_before_11_30_begins_at_10_56_at_the_latest(): void
    {
        $latest = LatestStart::before(
            new \DateTimeImmutable('2026-11-24T11:30:00Z'),
            34 * 60,
            new \DateTimeImmutable('2026-11-24T10:37:00Z'),
        );

        self::assertSame('10:56', $latest->at->format('H:i'));
        self::assertSame(19 * 60, $latest->slackSeconds);
    }

    public function test_a_late_start_has_less_than_no_slack(): void
    {
        $latest = LatestStart::before(
            new \DateTimeImmutable('2026-11-24T11:30:00Z'),
            34 * 60,
            new \DateTimeImmutable('2026-11-24T11:00:00Z'),
        );

        self::assertSame(-4 * 60, $latest->slackSeconds);
    }
}
