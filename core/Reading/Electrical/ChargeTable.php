<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Electrical;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/**
 * State of charge of a flooded lead-acid battery at rest, at 80 °F, by specific gravity or by voltage of a 12 V block.
 *
 * Straight lines between the rows, and no further than the ends. The table has to be that of the battery: starting and
 * deep-cycle batteries differ.
 */
final readonly class ChargeTable
{
    /**
     * Percent, specific gravity, volts; falling. Source: Battery Council International service manual, starting
     * batteries.
     */
    private const STARTING = [
        ['100', '1.265', '12.65'],
        ['75', '1.225', '12.45'],
        ['50', '1.190', '12.24'],
        ['25', '1.155', '12.06'],
        ['0', '1.120', '11.89'],
    ];

    /**
     * Percent, specific gravity, volts; falling. Source: user guides of deep-cycle battery makers, from memory, to be
     * confirmed.
     */
    private const DEEP_CYCLE = [
        ['100', '1.277', '12.73'],
        ['90', '1.258', '12.62'],
        ['80', '1.238', '12.50'],
        ['70', '1.217', '12.37'],
        ['60', '1.195', '12.24'],
        ['50', '1.172', '12.10'],
        ['40', '1.148', '11.96'],
        ['30', '1.124', '11.81'],
        ['20', '1.098', '11.66'],
        ['10', '1.073', '11.51'],
    ];

    /** @param  list<array{string, string, string}>  $rows */
    private function __construct(private array $rows)
    {
    }

    public static function starting(): self
    {
        return new self(self::STARTING);
    }

    public static function deepCycle(): self
    {
        return new self(self::DEEP_CYCLE);
    }

    /** Percent. */
    public function fromGravity(Quantity $gravity): BigRational
    {
        return $this->between(
            BigRational::of((string) $gravity->in(Unit::SpecificGravity)->decimal(6, RoundingMode::HALF_UP)),
            1,
        );
    }

    /**
     * Percent.
     *
     * @param Quantity $volts of a block of 12 V
     */
    public function fromVoltage(Quantity $volts): BigRational
    {
        return $this->between(BigRational::of((string) $volts->in(Unit::Volt)->decimal(6, RoundingMode::HALF_UP)), 2);
    }

    /** @param  1|2  $column */
    private function between(BigRational $value, int $column): BigRational
    {
        $above = $this->rows[0];
        if ($value->isGreaterThanOrEqualTo($above[$column])) {
            return BigRational::of($above[0]);
        }
        foreach (array_slice($this->rows, 1) as $row) {
            if ($value->isGreaterThanOrEqualTo($row[$column])) {
                $share = $value
                    ->minus($row[$column])
                    ->dividedBy(BigRational::of($above[$column])->minus($row[$column]));

                return BigRational::of($row[0])->plus($share->multipliedBy(BigRational::of($above[0])->minus($row[0])));
            }
            $above = $row;
        }

        return BigRational::of($above[0]);
    }
}
