<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Brick\Math\BigRational;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Electrical\ChargeTable;
use JadeLedger\Core\Reading\Fluids\GlycolTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\PublishedValues;

/** Every row of the published tables, and the middle between two rows; the source stands beside each case. */
final class PublishedTablesTest extends TestCase
{
    /** @return iterable<string, array{\Closure(float): float, float, float}> */
    public static function cells(): iterable
    {
        $gravity = static fn (ChargeTable $table): \Closure => static fn (float $value): float => $table
            ->fromGravity(Quantity::of((string) $value, Unit::SpecificGravity))->toFloat();
        $volts = static fn (ChargeTable $table): \Closure => static fn (float $value): float => $table
            ->fromVoltage(Quantity::of((string) $value, Unit::Volt))->toFloat();
        $freezes = static fn (GlycolTable $table): \Closure => static fn (float $share): float => $table
            ->freezingPoint(BigRational::of((string) $share))->decimal(9, \Brick\Math\RoundingMode::HALF_UP)->toFloat();
        $share = static fn (GlycolTable $table): \Closure => static fn (float $point): float => $table
            ->share(Quantity::of((string) $point, Unit::Celsius))->toFloat();
        yield from self::between('S-251', 1, 0, $gravity(ChargeTable::starting()));
        yield from self::between('S-251', 2, 0, $volts(ChargeTable::starting()));
        yield from self::between('S-281', 0, 1, $freezes(GlycolTable::byVolume()));
        yield from self::between('S-281', 1, 0, $share(GlycolTable::byVolume()));
        yield from self::between('S-282', 0, 1, $freezes(GlycolTable::byMass()));
        yield from self::between('S-282', 1, 0, $share(GlycolTable::byMass()));
        // Makers of deep-cycle batteries, from memory, to be confirmed.
        $deep = [
            [100, 1.277, 12.73], [90, 1.258, 12.62], [80, 1.238, 12.50], [70, 1.217, 12.37], [60, 1.195, 12.24],
            [50, 1.172, 12.10], [40, 1.148, 11.96], [30, 1.124, 11.81], [20, 1.098, 11.66], [10, 1.073, 11.51],
        ];
        yield from self::rows('deep cycle, gravity', $deep, 1, 0, $gravity(ChargeTable::deepCycle()));
        yield from self::rows('deep cycle, voltage', $deep, 2, 0, $volts(ChargeTable::deepCycle()));
    }

    /** @param  \Closure(float): float  $read */
    #[DataProvider('cells')]
    public function test_a_table_is_the_published_one(\Closure $read, float $known, float $expected): void
    {
        self::assertEqualsWithDelta($expected, $read($known), 1e-6);
    }

    /**
     * @param \Closure(float): float $read
     * @return iterable<string, array{\Closure(float): float, float, float}>
     */
    private static function between(string $id, int $from, int $to, \Closure $read): iterable
    {
        foreach (PublishedValues::entries() as $entry) {
            if ($entry['id'] === $id) {
                $name = "{$id} {$entry['source']}, column {$from}";
                yield from self::rows($name, $entry['table']['rows'], $from, $to, $read);

                return;
            }
        }
        throw new \LogicException("No table under {$id}");
    }

    /**
     * @param list<list<int|float>> $rows
     * @param \Closure(float): float $read
     * @return iterable<string, array{\Closure(float): float, float, float}>
     */
    private static function rows(string $name, array $rows, int $from, int $to, \Closure $read): iterable
    {
        foreach ($rows as $at => $row) {
            yield "{$name}, {$row[$from]}" => [$read, (float) $row[$from], (float) $row[$to]];
            if (isset($rows[$at + 1])) {
                $middle = ($row[$from] + $rows[$at + 1][$from]) / 2;
                yield "{$name}, between, {$middle}" => [$read, $middle, ($row[$to] + $rows[$at + 1][$to]) / 2];
            }
        }
    }
}
