<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Fluids;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\TopUp;

/** The figures and the arithmetic that all level readings share. */
final readonly class LevelWords
{
    public function __construct(private Quantity $level, private LevelMarks $marks, private Fluid $fluid)
    {
    }

    public function gapTo(Quantity $mark): Quantity
    {
        $gap = $this->level->minus($mark);

        return $gap->isNegative() ? $gap->negated() : $gap;
    }

    /**
     * Fills to the upper mark and never above it, rounded down to a tenth of a litre.
     *
     * Common practice, no source: top up to the upper mark, wait until it has settled, read again.
     */
    public function topUp(): TopUp
    {
        $missing = $this->marks->full->minus($this->level)->ratioTo(Quantity::of(1, $this->marks->full->unit));
        $litres = $this->fluid->perUnit->in(Unit::Litre)->times($missing);
        // Down, because above the mark is a fault of its own.
        $tenths = $litres->decimal(1, RoundingMode::DOWN);
        $least = $tenths->isZero() ? $litres->decimal(2, RoundingMode::DOWN) : $tenths;

        return new TopUp(Quantity::of($least, Unit::Litre), $this->fluid->name, $this->fluid->settleMinutes);
    }

    public function compare(string $sign, Quantity $mark): string
    {
        $unit = $mark->unit->symbol();

        return "{$this->level->text()} {$unit} {$sign} {$mark->text()} {$unit}";
    }

    public function between(): string
    {
        $unit = $this->marks->add->unit->symbol();
        [$add, $full] = [$this->marks->add->text(), $this->marks->full->text()];

        return "{$add} {$unit} ≤ {$this->level->text()} {$unit} ≤ {$full} {$unit}";
    }

    public function topUpWorking(TopUp $topUp): string
    {
        $unit = $this->marks->full->unit->symbol();
        $perUnit = $this->fluid->perUnit->in(Unit::Litre)->decimal(4, RoundingMode::HALF_UP)->stripTrailingZeros();

        $missing = "({$this->marks->full->text()} − {$this->level->text()}) {$unit}";

        return "{$missing} × {$perUnit} L/{$unit} = {$topUp->volume->text()} L";
    }

    /** @return array<string, string|Quantity> */
    public function topUpFigures(TopUp $topUp): array
    {
        return ['volume' => $topUp->volume, 'fluid' => $topUp->fluid, 'minutes' => (string) $topUp->rereadAfterMinutes];
    }
}
