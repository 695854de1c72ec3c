<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Eris\Generators;
use Eris\TestTrait;
use JadeLedger\Core\Calendar\Calendar;
use JadeLedger\Core\Calendar\CalendarEvent;
use JadeLedger\Core\Calendar\CalendarLine;
use JadeLedger\Core\Calendar\CalendarText;
use JadeLedger\Core\Calendar\EventStatus;
use JadeLedger\Core\Paper\CalendarDate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\PublishedValues;

/** iCalendar as RFC 5545 writes it; examples by the sections that stand in the names of the data sets. */
final class CalendarTest extends TestCase
{
    use TestTrait;

    /** @return array<string, array{array<string, mixed>, mixed}> */
    public static function folded(): array
    {
        return PublishedValues::examples('S-534');
    }

    /**
     * @param array{line: string} $inputs
     * @param array{lines: int, octets: list<int>} $expected
     */
    #[DataProvider('folded')]
    public function test_a_long_line_is_folded(array $inputs, array $expected): void
    {
        $lines = CalendarLine::fold($inputs['line']);

        self::assertSame([$expected['lines'], $expected['octets']], [count($lines), array_map(strlen(...), $lines)]);
    }

    /** @return array<string, array{array<string, mixed>, mixed}> */
    public static function escaped(): array
    {
        return PublishedValues::examples('S-535');
    }

    /**
     * @param array<string, string> $inputs
     * @param array<string, string> $expected
     */
    #[DataProvider('escaped')]
    public function test_texts_are_escaped_and_whole_days_end_on_the_day_after(array $inputs, array $expected): void
    {
        $computed = isset($inputs['text'])
            ? ['ical' => CalendarText::escape($inputs['text'])]
            : ['dtend' => CalendarEvent::endOf(CalendarDate::parse($inputs['last_day']))];

        self::assertSame($expected, $computed);
    }

    /** Whoever unfolds what was folded has what was there: RFC 5545, section 3.1. */
    public function test_unfolding_gives_back_the_line_and_no_character_is_parted(): void
    {
        $this->limitTo(300)
            ->forAll(Generators::seq(Generators::elements('a', 'é', '€', '🏗', ' ', ',', 'Z')))
            ->then(static function (array $characters): void {
                $line = 'SUMMARY:'.implode('', $characters);
                $lines = CalendarLine::fold($line);
                self::assertSame(
                    $line,
                    $lines[0].
                        implode(
                            '',
                            array_map(static fn (string $next): string => substr($next, 1), array_slice($lines, 1)),
                        ),
                );
                foreach ($lines as $one) {
                    self::assertLessThanOrEqual(75, strlen($one));
                    self::assertTrue(mb_check_encoding($one, 'UTF-8'));
                }
            });
    }

    /** Sections 3.4, 3.6.1 and 3.3.5: written by hand from the text of the RFC. */
    public function test_a_calendar_is_written_whole(): void
    {
        $moment = static fn (string $text): \DateTimeImmutable => new \DateTimeImmutable($text);
        $calendar = new Calendar('Tern Quay; hires', [
            CalendarEvent::between(
                'hire-1@yard',
                $moment('2026-11-28T08:00:00+01:00'),
                $moment('2026-12-01T16:00:00Z'),
                $moment('2026-11-27T12:00:00Z'),
                EventStatus::Cancelled,
                'E-05, Ibbet',
                "Folio 2206\nRing first",
                'Quay, north',
            ),
            CalendarEvent::onDays(
                'service-1@yard',
                CalendarDate::parse('2026-12-31'),
                CalendarDate::parse('2026-12-31'),
                $moment('2026-11-27T12:00:00Z'),
                'Oil',
            ),
        ]);

        self::assertSame(
            implode("\r\n", [
                'BEGIN:VCALENDAR',
                'VERSION:2.0',
                'PRODID:-//Jade Ledger//Hires//EN',
                'METHOD:PUBLISH',
                'X-WR-CALNAME:Tern Quay\; hires',
                'BEGIN:VEVENT',
                'UID:hire-1@yard',
                'DTSTAMP:20261127T120000Z',
                'DTSTART:20261128T070000Z',
                'DTEND:20261201T160000Z',
                'STATUS:CANCELLED',
                'SUMMARY:E-05\, Ibbet',
                'DESCRIPTION:Folio 2206\nRing first',
                'LOCATION:Quay\, north',
                'END:VEVENT',
                'BEGIN:VEVENT',
                'UID:service-1@yard',
                'DTSTAMP:20261127T120000Z',
                'DTSTART;VALUE=DATE:20261231',
                'DTEND;VALUE=DATE:20270101',
                'STATUS:CONFIRMED',
                'SUMMARY:Oil',
                'END:VEVENT',
                'END:VCALENDAR',
                '',
            ]),
            $calendar->text(),
        );
    }
}
