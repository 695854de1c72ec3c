<?php

declare(strict_types=1);

namespace JadeLedger\Core\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\BigNumber;
use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;

/**
 * A value that cannot lose its unit.
 *
 * Exact throughout: nothing is rounded until a decimal with a number of places and a rounding mode is asked for.
 */
final readonly class Quantity
{
    private function __construct(private BigRational $value, public Unit $unit)
    {
    }

    /**
     * @param BigNumber|int|string $value a plain decimal text such as "-12.5", or an exact number; fractions, exponents and white
     *                                    space are refused, and floats by the type on purpose
     *
     * @throws NotANumber when the text is no number
     */
    public static function of(BigNumber|int|string $value, Unit $unit): self
    {
        if (is_string($value) && preg_match('/^-?\d{1,15}(\.\d{1,15})?$/D', $value) !== 1) {
            throw NotANumber::text($value);
        }
        try {
            return new self(BigRational::of($value), $unit);
        } catch (MathException) {
            throw NotANumber::text((string) $value);
        }
    }

    public static function zero(Unit $unit): self
    {
        return new self(BigRational::zero(), $unit);
    }

    /** @throws UnitsDoNotMatch when the other unit measures something else */
    public function in(Unit $unit): self
    {
        if ($unit === $this->unit) {
            return $this;
        }
        $this->mustMatch($unit);
        $base = $this->value->multipliedBy($this->unit->factor())->plus($this->unit->offset());

        return new self($base->minus($unit->offset())->dividedBy($unit->factor())->simplified(), $unit);
    }

    /**
     * The same difference in another unit: a step of 10 °C is one of 18 °F.
     *
     * @throws UnitsDoNotMatch when the other unit measures something else
     */
    public function differenceIn(Unit $unit): self
    {
        $this->mustMatch($unit);

        return new self(
            $this->value->multipliedBy($this->unit->factor())->dividedBy($unit->factor())->simplified(),
            $unit,
        );
    }

    public function plus(self $other): self
    {
        return new self($this->value->plus($other->in($this->unit)->value), $this->unit);
    }

    public function minus(self $other): self
    {
        return new self($this->value->minus($other->in($this->unit)->value), $this->unit);
    }

    public function times(BigNumber|int|string $factor): self
    {
        return new self($this->value->multipliedBy($factor), $this->unit);
    }

    public function dividedBy(BigNumber|int|string $divisor): self
    {
        return new self($this->value->dividedBy($divisor), $this->unit);
    }

    public function negated(): self
    {
        return new self($this->value->negated(), $this->unit);
    }

    /** The share that this is of the other, without a unit. */
    public function ratioTo(self $other): BigRational
    {
        return $this->value->dividedBy($other->in($this->unit)->value);
    }

    public function compareTo(self $other): int
    {
        return $this->value->compareTo($other->in($this->unit)->value);
    }

    public function isLessThan(self $other): bool
    {
        return $this->compareTo($other) < 0;
    }

    public function isGreaterThan(self $other): bool
    {
        return $this->compareTo($other) > 0;
    }

    public function isEqualTo(self $other): bool
    {
        return $this->compareTo($other) === 0;
    }

    public function isZero(): bool
    {
        return $this->value->isZero();
    }

    public function isNegative(): bool
    {
        return $this->value->isNegative();
    }

    /** The value with so many places; how it is rounded is asked for. */
    public function decimal(int $places, RoundingMode $rounding): BigDecimal
    {
        return $this->value->toScale($places, $rounding);
    }

    /** The shortest decimal text with at most three places, rounded half up: what is written to the ledger. */
    public function text(): string
    {
        return (string) $this->decimal(3, RoundingMode::HALF_UP)->stripTrailingZeros();
    }

    private function mustMatch(Unit $unit): void
    {
        if ($unit->dimension() !== $this->unit->dimension()) {
            throw UnitsDoNotMatch::between($this->unit, $unit);
        }
    }
}
