<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Tyres\RoadTread;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a tyre needs on the road, and of which machine each figure is the least. */
final class RoadTreadTest extends TestCase
{
    #[TestWith([RoadTread::UsSteer, '0.125', Unit::Inch], '4/32 in: 49 CFR 393.75(b)')]
    #[TestWith([RoadTread::UsOther, '0.0625', Unit::Inch], '2/32 in: 49 CFR 393.75(c)')]
    #[TestWith([RoadTread::UkTo3500kg, '1.6', Unit::Millimetre], '1.6 mm: UK C&U Regulations 1986, reg. 27')]
    #[TestWith([RoadTread::UkOther, '1.0', Unit::Millimetre], '1.0 mm: UK C&U Regulations 1986, reg. 27')]
    public function test_the_least_is_that_of_the_regulation(RoadTread $tread, string $least, Unit $unit): void
    {
        self::assertTrue($tread->least()->isEqualTo(Quantity::of($least, $unit)));
    }

    /** The deeper tread is asked of goods vehicles and trailers up to 3,500 kg: UK C&U Regulations 1986, reg. 27. */
    #[TestWith([750, RoadTread::UkTo3500kg])]
    #[TestWith([3500, RoadTread::UkTo3500kg])]
    #[TestWith([3501, RoadTread::UkOther])]
    public function test_a_trailer_is_light_to_3500_kg(int $kilograms, RoadTread $tread): void
    {
        self::assertSame($tread, RoadTread::ofTrailer($kilograms));
    }
}
