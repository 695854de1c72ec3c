<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Limits\Platform\ReachChart;
use JadeLedger\Core\Limits\Truck\LoadChart;
use JadeLedger\Core\Quantity\Figure;
use JadeLedger\Core\Quantity\NotANumber;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Slope;
use JadeLedger\Core\Quantity\Unit;

/**
 * What was entered, by the names of a sheet's fields. Nothing is guessed: what is missing, negative, zero where that
 * means nothing, or far too large is refused with what to do.
 */
final readonly class SheetInputs
{
    /**
     * @param array<string, Entered> $entered
     * @param array<string, ReachChart|LoadChart> $charts
     */
    public function __construct(private LimitSheet $sheet, public array $entered, private array $charts = [])
    {
    }

    /** @throws InputRefused */
    public function quantity(string $name): Quantity
    {
        return $this->optional($name) ?? throw InputRefused::because($this->sheet->field($name), 'missing');
    }

    /** @throws InputRefused */
    public function optional(string $name): ?Quantity
    {
        $field = $this->sheet->field($name);
        $entered = $this->entered[$name] ?? null;
        if ($entered === null) {
            return null;
        }
        $unit = $entered->unit ?? $field->unit ?? throw InputRefused::because($field, 'no_unit');
        try {
            $quantity = Quantity::of($entered->value, $unit);
        } catch (NotANumber) {
            throw InputRefused::because($field, 'no_number');
        }
        if ($field->unit !== null && $unit->dimension() !== $field->unit->dimension()) {
            throw InputRefused::because($field, 'other_measure');
        }
        $this->mustBePlausible($field, $quantity);

        return $quantity->in($field->unit ?? $unit);
    }

    /** What is not entered counts as nothing. */
    public function orNothing(string $name): Quantity
    {
        return $this->optional($name) ?? Quantity::zero($this->sheet->field($name)->unit ?? Unit::Piece);
    }

    /** @throws InputRefused */
    public function count(string $name): int
    {
        $quantity = $this->quantity($name);
        try {
            return $quantity->decimal(0, RoundingMode::UNNECESSARY)->toInt();
        } catch (MathException) {
            throw InputRefused::because($this->sheet->field($name), 'not_whole');
        }
    }

    /** Between 0 and 1. */
    public function share(string $name): BigRational
    {
        return $this->quantity($name)->ratioTo(Quantity::of(100, Unit::Percent));
    }

    /** A slope in degrees, or in percent of rise over run. */
    public function slope(string $name): Slope
    {
        $field = $this->sheet->field($name);
        $entered = $this->entered[$name] ?? throw InputRefused::because($field, 'missing');
        if (preg_match('/^\d{1,4}(\.\d{1,6})?$/D', $entered->value) !== 1) {
            throw InputRefused::because($field, 'no_slope');
        }
        $slope = $entered->unit === Unit::Percent
            ? Slope::percent((float) $entered->value)
            : $this->degrees($field, (float) $entered->value);
        if ($slope->degrees > 45.0) {
            throw InputRefused::because($field, 'too_steep');
        }

        return $slope;
    }

    /** @throws InputRefused */
    public function choice(string $name): string
    {
        $field = $this->sheet->field($name);
        $value = $this->entered[$name]->value ?? throw InputRefused::because($field, 'missing');
        if (! isset($field->choices[$value])) {
            throw InputRefused::because($field, 'no_choice');
        }

        return $value;
    }

    /** @throws InputRefused */
    public function chart(string $name): ReachChart
    {
        $chart = $this->charts[$name] ?? null;

        return $chart instanceof ReachChart ? $chart : throw $this->refuse($name, 'no_chart');
    }

    /** @throws InputRefused */
    public function loadChart(string $name): LoadChart
    {
        $chart = $this->charts[$name] ?? null;

        return $chart instanceof LoadChart ? $chart : throw $this->refuse($name, 'no_chart');
    }

    /** Degrees of a lashing or a jib, above 0 and less than a right angle. */
    public function angle(string $name): float
    {
        $degrees = Figure::float($this->quantity($name), Unit::Degree);

        return $degrees < 90.0 ? $degrees : throw $this->refuse($name, 'right_angle');
    }

    public function refuse(string $name, string $key): InputRefused
    {
        return InputRefused::because($this->sheet->field($name), $key);
    }

    private function degrees(Field $field, float $degrees): Slope
    {
        return $degrees < 90.0 ? Slope::degrees($degrees) : throw InputRefused::because($field, 'too_steep');
    }

    private function mustBePlausible(Field $field, Quantity $quantity): void
    {
        $hasSign = in_array($quantity->unit, [Unit::Celsius, Unit::Fahrenheit], true);
        if ($quantity->isNegative() && ! $hasSign) {
            throw InputRefused::because($field, 'negative');
        }
        if ($quantity->isZero() && $field->need === FieldNeed::Needed && ! $hasSign) {
            throw InputRefused::because($field, 'zero');
        }
        if ($field->most !== null && $quantity->isGreaterThan($field->most)) {
            throw InputRefused::because($field, 'far_too_large', ['most' => $field->most]);
        }
    }
}
