<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Catalogue\Pace;
use JadeLedger\Core\Catalogue\StepTaken;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** Median of what was measured: common practice, no source. */
final class PaceTest extends TestCase
{
    public function test_the_middle_of_five_measurements_takes_the_place_of_the_catalogues_time(): void
    {
        $check = RealCatalogue::get()->check('eng-oil-stick');

        self::assertSame(31, $this->of([20, 31, 30, 400, 33])->ofCheck($check));
        self::assertSame(
            30,
            $this->of([20, 31, 29, 400, 33, 22])->ofCheck($check),
            'of six the mean of the two in the middle',
        );
        self::assertSame($check->seconds, $this->of([20, 31, 30, 29])->ofCheck($check), 'four are too few');
        self::assertSame($check->seconds, (new Pace)->ofCheck($check));
    }

    public function test_a_break_in_the_middle_of_a_line_is_no_work(): void
    {
        $check = RealCatalogue::get()->check('eng-oil-stick');

        self::assertSame(
            30,
            $this->of([30, 30, 30, 30, 30, 5_000, 6_000, 7_000, 8_000, 9_000, 9_500])->ofCheck($check),
        );
        self::assertSame($check->seconds, $this->of([30, 30, 30, 30, 5_000])->ofCheck($check));
    }

    public function test_what_takes_just_as_long_as_a_break_still_counts_and_nothing_is_done_in_no_time(): void
    {
        $check = RealCatalogue::get()->check('eng-oil-stick');

        self::assertSame(1_200, $this->of([1_200, 1_200, 1_200, 1_200, 1_200])->ofCheck($check));
        self::assertSame($check->seconds, $this->of([1_201, 1_201, 1_201, 1_201, 1_201])->ofCheck($check));
        self::assertSame(2, $this->of([1, 1, 1, 1, 1])->ofCheck($check), 'two seconds are the least');
        self::assertSame($check->seconds, $this->of([0, 30, 30, 30, 30])->ofCheck($check), 'nought teaches nothing');
        self::assertSame(35, $this->of([20, 20, 20, 50, 50, 50])->ofCheck($check));
    }

    public function test_a_clock_that_ran_backwards_teaches_nothing(): void
    {
        $check = RealCatalogue::get()->check('eng-oil-stick');

        self::assertSame($check->seconds, $this->of([-30, -30, -30, -30, -30, 0])->ofCheck($check));
    }

    /** A law: fewer than half the measurements, however wild, do not move the learned time out of the others' range. */
    public function test_less_than_half_of_wild_measurements_cannot_carry_it_away(): void
    {
        $check = RealCatalogue::get()->check('eng-oil-stick');
        for ($seed = 1; $seed <= 300; $seed++) {
            mt_srand($seed);
            $honest = array_map(static fn (): int => mt_rand(20, 40), range(1, mt_rand(5, 15)));
            $wild = array_map(
                static fn (): int => [1, mt_rand(900, 1_199)][mt_rand(0, 1)],
                range(1, intdiv(count($honest) - 1, 2)),
            );
            $learned = $this->of([...$honest, ...$wild])->ofCheck($check);
            self::assertGreaterThanOrEqual(min($honest), $learned);
            self::assertLessThanOrEqual(max($honest), $learned);
        }
    }

    /** @param  list<int>  $seconds */
    private function of(array $seconds): Pace
    {
        return Pace::learnedFrom(
            array_map(static fn (int $one): StepTaken => StepTaken::line('eng-oil-stick', (float) $one), $seconds),
            count($seconds),
        );
    }
}
