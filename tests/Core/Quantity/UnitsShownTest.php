<?php

declare(strict_types=1);

namespace Tests\Core\Quantity;

use Eris\Generators;
use Eris\TestTrait;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Quantity\UnitSchool;
use JadeLedger\Core\Quantity\UnitsShown;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Factors: NIST SP 811, Appendix B.8. */
final class UnitsShownTest extends TestCase
{
    use TestTrait;

    #[TestWith(['6', Unit::Millimetre, '0.24 in'])]
    #[TestWith(['25.4', Unit::Millimetre, '1.000 in'])]
    #[TestWith(['1', Unit::Litre, '0.3 US gal'])]
    #[TestWith(['3.785', Unit::Litre, '0.9999 US gal'])]
    #[TestWith(['35', Unit::Kilopascal, '5.1 psi'])]
    #[TestWith(['15', Unit::Bar, '218 psi'])]
    #[TestWith(['-25', Unit::Celsius, '-13 °F'])]
    #[TestWith(['-40', Unit::Celsius, '-40 °F'])]
    #[TestWith(['0.7', Unit::MetrePerSecond, '1.6 mph'])]
    public function test_a_figure_is_written_in_customary_units(string $value, Unit $unit, string $customary): void
    {
        $figure = Quantity::of($value, $unit);
        $own = trim("{$value} {$unit->symbol()}");

        self::assertSame($customary, UnitsShown::Us->write($figure));
        self::assertSame($own, UnitsShown::Si->write($figure));
        self::assertSame("{$own} ({$customary})", UnitsShown::SiFirst->write($figure));
        self::assertSame("{$customary} ({$own})", UnitsShown::UsFirst->write($figure));
    }

    public function test_what_has_no_customary_unit_is_written_as_it_is_whatever_somebody_reads(): void
    {
        foreach (UnitsShown::cases() as $shown) {
            self::assertSame('29.6 h', $shown->write(Quantity::of('29.6', Unit::Hour)));
            self::assertSame('3 pcs', $shown->write(Quantity::of('3', Unit::Piece)));
            self::assertSame('1.265', $shown->write(Quantity::of('1.265', Unit::SpecificGravity)));
        }
    }

    public function test_two_figures_that_differ_in_their_own_unit_differ_in_the_other_one_too(): void
    {
        $this->forAll(
            Generators::choose(0, 40000),
            Generators::choose(0, 2),
            Generators::elements(
                ...array_filter(Unit::cases(), static fn (Unit $unit): bool => $unit->customary() !== null),
            ),
        )->then(static function (int $digits, int $places, Unit $unit): void {
            $step = Quantity::of('1', $unit)->dividedBy(10 ** $places);
            // A figure that ends in nothing loses that place: the neighbour above shows how many it has.
            $figure = $step->times($digits - ($digits % 10) + 1);

            self::assertNotSame(UnitsShown::Us->write($figure), UnitsShown::Us->write($figure->plus($step)));
        });
    }

    public function test_a_yard_that_reads_one_school_shows_it_to_whoever_chose_nothing(): void
    {
        self::assertSame(
            [UnitsShown::Si, UnitsShown::UsFirst, UnitsShown::SiFirst],
            array_map(UnitsShown::asTheYardReads(...), [UnitSchool::Si, UnitSchool::UsFirst, UnitSchool::UsBeside]),
        );
    }
}
