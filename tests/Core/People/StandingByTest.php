<?php

declare(strict_types=1);

namespace Tests\Core\People;

use JadeLedger\Core\People\StandingBy;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** For how long a second person has to confirm nothing anew. Common practice, no source. */
final class StandingByTest extends TestCase
{
    #[TestWith(['ines', 'rafe', '10:00:00', true], 'at once')]
    #[TestWith(['ines', 'rafe', '10:15:00', true], 'to the minute')]
    #[TestWith(['ines', 'rafe', '10:15:01', false], 'longer ago')]
    #[TestWith(['ines', 'rafe', '09:59:59', false], 'before they said it')]
    #[TestWith(['ines', 'dilys', '10:05:00', false], 'somebody else')]
    #[TestWith(['dilys', 'rafe', '10:05:00', false], 'beside somebody else')]
    public function test_it_counts_for_a_quarter_of_an_hour_beside_the_same_person(
        string $actor,
        string $second,
        string $at,
        bool $counts,
    ): void {
        $standing = new StandingBy('crossing', 'rafe', 'ines', new \DateTimeImmutable('2026-12-01T10:00:00Z'));
        $now = new \DateTimeImmutable("2026-12-01T{$at}Z");

        self::assertSame($counts, $standing->stillStandsBeside($actor, $second, $now));
    }
}
