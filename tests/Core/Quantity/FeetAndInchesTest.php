<?php

declare(strict_types=1);

namespace Tests\Core\Quantity;

use JadeLedger\Core\Quantity\FeetAndInches;
use JadeLedger\Core\Quantity\NotANumber;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Quantity\UnitsShown;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Lengths as they stand on plates. 1 ft = 12 in, 1 in = 25.4 mm exactly: NIST SP 811, appendix B.8. */
final class FeetAndInchesTest extends TestCase
{
    #[TestWith(['7 in', '7'])]
    #[TestWith(['2 ft', '24'])]
    #[TestWith(['2 ft 6 1/2 in', '30.5'])]
    #[TestWith(["1' 3/4\"", '12.75'])]
    public function test_what_is_left_out_is_none(string $text, string $inches): void
    {
        self::assertSame(0, FeetAndInches::read($text)->length()->compareTo(Quantity::of($inches, Unit::Inch)));
    }

    #[TestWith(['3 1/0 in'])]
    #[TestWith([''])]
    #[TestWith(['two feet'])]
    public function test_what_is_no_length_is_said_so(string $text): void
    {
        $this->expectException(NotANumber::class);
        FeetAndInches::read($text);
    }

    #[TestWith(['24', '2 ft 0 in'])]
    #[TestWith(['30.5', '2 ft 6 1/2 in'])]
    #[TestWith(['0.25', '0 ft 0 1/4 in'])]
    #[TestWith(['0.75', '0 ft 0 3/4 in'])]
    #[TestWith(['11.99', '1 ft 0 in'])]
    public function test_fractions_are_written_in_their_lowest_terms(string $inches, string $text): void
    {
        self::assertSame($text, FeetAndInches::of(Quantity::of($inches, Unit::Inch))->write(8));
    }

    /** NIST SP 811, appendix B.8; the day is 86 400 s: BIPM SI Brochure, table 8. */
    #[TestWith(['1', Unit::Atmosphere, '101.325', Unit::Kilopascal])]
    #[TestWith(['1', Unit::Day, '24', Unit::Hour])]
    #[TestWith(['90', Unit::Minute, '1.5', Unit::Hour])]
    #[TestWith(['1', Unit::KilowattHour, '3.6', Unit::Megajoule])]
    public function test_units_that_are_seldom_read(string $value, Unit $unit, string $same, Unit $other): void
    {
        self::assertSame(0, Quantity::of($value, $unit)->in($other)->compareTo(Quantity::of($same, $other)));
    }

    /** A bar is a hundred kilopascals: two decimals fewer one way, two more the other. */
    public function test_decimals_follow_the_size_of_the_unit(): void
    {
        self::assertSame(-2, UnitsShown::placesAdded(Unit::Bar, Unit::Kilopascal));
        self::assertSame(2, UnitsShown::placesAdded(Unit::Kilopascal, Unit::Bar));
    }

    public function test_what_is_no_number_is_told_with_its_beginning(): void
    {
        $told = NotANumber::text(str_repeat('ab', 30))->getMessage();

        self::assertSame('"'.str_repeat('ab', 20).'" is not a number. Type the figure with digits.', $told);
    }

    public function test_a_difference_is_converted_without_an_offset(): void
    {
        $step = Quantity::of('10', Unit::Celsius)->differenceIn(Unit::Fahrenheit);
        self::assertSame(0, $step->compareTo(Quantity::of('18', Unit::Fahrenheit)));
        $width = Quantity::of('2', Unit::Inch)->differenceIn(Unit::Millimetre);
        self::assertSame(0, $width->compareTo(Quantity::of('50.8', Unit::Millimetre)));
    }
}
