<?php

declare(strict_types=1);

namespace JadeLedger\Core\Paper;

/** A day of the Gregorian calendar, as it stands on a certificate or a tag: no time and no zone. */
final readonly class CalendarDate
{
    private function __construct(public int $year, public int $month, public int $day)
    {
    }

    /**
     * @param string $text year, month and day as in 2026-11-25
     *
     * @throws NotADate when there is no such day
     */
    public static function parse(string $text): self
    {
        return self::found($text) ?? throw NotADate::written($text);
    }

    public static function isOne(string $text): bool
    {
        return self::found($text) !== null;
    }

    /**
     * The same day some months on, or the last one of a shorter month: the earlier day is the safe side.
     *
     * Source: 29 CFR 1910.178(l)(4)(iii) and the calendar of ISO 8601.
     */
    public function plusMonths(int $months): self
    {
        [$year, $month] = $this->monthAfter($months);

        return new self($year, $month, min($this->day, self::lastDay($year, $month)));
    }

    /** @param  int  $days later, or earlier where they are negative */
    public function plusDays(int $days): self
    {
        $day = $this->day + $days;
        $months = 0;
        while ($day > ($last = self::lastDay(...$this->monthAfter($months)))) {
            $day -= $last;
            $months++;
        }

        while ($day < 1) {
            $day += self::lastDay(...$this->monthAfter(--$months));
        }

        return new self(...[...$this->monthAfter($months), $day]);
    }

    public function isBefore(self $other): bool
    {
        return $this->text() < $other->text();
    }

    /** Whole days from this one to the other; negative when that one is earlier. */
    public function daysUntil(self $other): int
    {
        return $other->number() - $this->number();
    }

    public function text(): string
    {
        return sprintf('%04d-%02d-%02d', $this->year, $this->month, $this->day);
    }

    /** @return array{int, int} year and month */
    private function monthAfter(int $months): array
    {
        $all = $this->year * 12 + $this->month - 1 + $months;

        return [intdiv($all, 12), $all % 12 + 1];
    }

    private static function found(string $text): ?self
    {
        return preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $text, $part) === 1
            && checkdate((int) $part[2], (int) $part[3], (int) $part[1])
            ? new self((int) $part[1], (int) $part[2], (int) $part[3])
            : null;
    }

    private static function lastDay(int $year, int $month): int
    {
        return match (true) {
            $month === 2 => $year % 4 === 0 && ($year % 100 !== 0 || $year % 400 === 0) ? 29 : 28,
            in_array($month, [4, 6, 9, 11], true) => 30,
            default => 31,
        };
    }

    /** Days since an arbitrary day in the past. */
    private function number(): int
    {
        // March is the first month of this count, so that the leap day is the last one of its year.
        $year = $this->month > 2 ? $this->year : $this->year - 1;
        $month = ($this->month + 9) % 12;

        return 365 * $year +
            intdiv($year, 4) -
            intdiv($year, 100) +
            intdiv($year, 400) +
            intdiv($month * 306 + 5, 10) +
            $this->day;
    }
}
