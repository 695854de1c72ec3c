<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Presenters\PresentPhrase;
use App\Presenters\WrittenDate;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Paper\CalendarDate;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\YardTestCase;

/** Names of months: Unicode CLDR, common/main/en_GB.xml and es.xml, abbreviated. */
final class WrittenDateTest extends YardTestCase
{
    /** @return iterable<string, array{string, string, string}> language, as stored, as read */
    public static function days(): iterable
    {
        yield 'English' => ['en', '2026-12-03', '3 Dec 2026'];
        yield 'Spanish' => ['es', '2026-12-03', '3 dic 2026'];
        yield 'the last day of a leap February' => ['en', '2028-02-29', '29 Feb 2028'];
        yield 'the first day of a year, Spanish' => ['es', '2027-01-01', '1 ene 2027'];
        yield 'no day' => ['en', '2027-02-29', '2027-02-29'];
        yield 'words' => ['es', 'Hydraulic oil', 'Hydraulic oil'];
        yield 'a day among other words' => ['en', '2027-02-28, at noon', '2027-02-28, at noon'];
    }

    #[DataProvider('days')]
    public function test_a_day_is_read_as_the_language_writes_it(string $language, string $stored, string $read): void
    {
        app()->setLocale($language);

        self::assertSame($read, WrittenDate::ifDay($stored));
    }

    /** Lisbon is an hour ahead of UTC in June: tz database, europe, Zone Europe/Lisbon. */
    public function test_a_moment_is_that_of_the_yard(): void
    {
        $moment = CarbonImmutable::parse('2026-06-30 23:30', 'UTC');

        self::assertSame('1 Jul 2026, 00:30', WrittenDate::moment($moment, 'Europe/Lisbon'));
        self::assertSame('30 Jun 2026, 23:30', WrittenDate::moment($moment, 'UTC'));
    }

    /** A day has no zone: it is the same one wherever the server stands. */
    public function test_a_day_stays_the_day_in_any_zone_of_the_server(): void
    {
        $zone = date_default_timezone_get();
        try {
            foreach (['Pacific/Kiritimati', 'Pacific/Pago_Pago'] as $other) {
                date_default_timezone_set($other);
                self::assertSame('3 Dec 2026', WrittenDate::day(CalendarDate::parse('2026-12-03')));
            }
        } finally {
            date_default_timezone_set($zone);
        }
    }

    public function test_what_the_ledger_says_of_a_paper_has_its_days_in_the_language_of_the_reader(): void
    {
        $phrase = ['key' => 'paper.runs_out', 'figures' => [
            'due' => '2026-12-01', 'days' => 2, 'end' => '2026-12-03',
        ]];

        self::assertSame(
            'Runs out on 1 Dec 2026, 2 days before the hire ends on 3 Dec 2026.',
            PresentPhrase::sentence($phrase),
        );
        app()->setLocale('es');
        self::assertMatchesRegularExpression('/1 dic 2026.*3 dic 2026/', PresentPhrase::sentence($phrase));
    }
}
