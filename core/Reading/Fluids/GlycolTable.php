<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\OutsideTheTable;

/**
 * Freezing point of a mixture of ethylene glycol and water by its share of glycol.
 *
 * Straight lines between the rows; outside of them nothing is known, and nothing is said.
 */
final readonly class GlycolTable
{
    /** @param  non-empty-list<array{string, string}>  $rows per cent of glycol and degrees Celsius, the share rising */
    private function __construct(private array $rows)
    {
    }

    /** By mass, without inhibitors. Source: ASHRAE Handbook Fundamentals, aqueous ethylene glycol. */
    public static function byMass(): self
    {
        return new self([
            ['0', '0'],
            ['10', '-3.2'],
            ['20', '-7.8'],
            ['30', '-14.1'],
            ['40', '-22.3'],
            ['50', '-33.8'],
            ['60', '-48.3'],
        ]);
    }

    /**
     * By volume. From half and half on: labels of concentrates of the ASTM D3306 type, whose freezing points are those
     * of inhibited coolant. Beyond 70 % protection gets worse.
     */
    public static function byVolume(): self
    {
        return new self([['50', '-37'], ['60', '-52'], ['70', '-64']]);
    }

    /** @throws OutsideTheTable */
    public function freezingPoint(BigRational $share): Quantity
    {
        return Quantity::of($this->between($share, 0, 1), Unit::Celsius);
    }

    /**
     * Per cent of glycol that freezes at a temperature.
     *
     * @throws OutsideTheTable
     */
    public function share(Quantity $freezing): BigRational
    {
        return $this->between(
            BigRational::of((string) $freezing->in(Unit::Celsius)->decimal(6, RoundingMode::HALF_UP)),
            1,
            0,
        );
    }

    /**
     * @param 0|1 $from the column that is known
     * @param 0|1 $to the column that is asked for
     */
    private function between(BigRational $known, int $from, int $to): BigRational
    {
        $rows = $this->rows;
        $falls = $from === 1;
        foreach ($rows as $at => $row) {
            $here = BigRational::of($row[$from]);
            if ($falls ? $known->isGreaterThanOrEqualTo($here) : $known->isLessThanOrEqualTo($here)) {
                if ($at === 0) {
                    return $known->isEqualTo($here) ? BigRational::of($row[$to]) : throw OutsideTheTable::of($known);
                }
                $before = $rows[$at - 1];
                $part = $known->minus($before[$from])->dividedBy($here->minus($before[$from]));

                return BigRational::of($before[$to])->plus(
                    $part->multipliedBy(BigRational::of($row[$to])->minus($before[$to])),
                );
            }
        }

        throw OutsideTheTable::of($known);
    }
}
