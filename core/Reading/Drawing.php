<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Reading\Fluids\Fluid;
use JadeLedger\Core\Reading\Fluids\LevelMarks;

/** What has to be known to draw an instrument, and in which steps it is set. */
final readonly class Drawing
{
    /**
     * @param string $step in the instrument's unit, as a decimal
     * @param LevelMarks|null $hotMarks of the other face of a dipstick
     * @param Quantity|null $diameter of a round glass
     * @param int|null $wholeDigits of a counter that rolls over, and its decimals
     * @param ScaleReading|null $scaled whose scale and bands are drawn
     * @param string|null $pieces what is counted, and how many belong there
     */
    private function __construct(
        public InstrumentKind $kind,
        public string $step,
        public ?LevelMarks $marks = null,
        public ?LevelMarks $hotMarks = null,
        public ?Fluid $fluid = null,
        public ?Quantity $diameter = null,
        public ?int $wholeDigits = null,
        public ?int $decimals = null,
        public ?ScaleReading $scaled = null,
        public ?string $pieces = null,
        public ?int $expected = null,
    ) {
    }

    public static function dipstick(LevelMarks $cold, ?LevelMarks $hot, Fluid $fluid): self
    {
        return new self(InstrumentKind::Dipstick, '1', $cold, $hot, $fluid);
    }

    public static function sightGlass(LevelMarks $marks, Quantity $diameter, Fluid $fluid): self
    {
        return new self(InstrumentKind::SightGlass, '1', $marks, fluid: $fluid, diameter: $diameter);
    }

    public static function tankColumn(LevelMarks $marks, string $step, Fluid $fluid): self
    {
        return new self(InstrumentKind::TankColumn, $step, $marks, fluid: $fluid);
    }

    public static function hourMeter(int $wholeDigits, int $decimals): self
    {
        $step = $decimals === 0 ? '1' : '0.'.str_repeat('0', $decimals - 1).'1';

        return new self(InstrumentKind::HourMeter, $step, wholeDigits: $wholeDigits, decimals: $decimals);
    }

    public static function scale(ScaleReading $reading): self
    {
        return new self(InstrumentKind::Scale, $reading->scale()->step, scaled: $reading);
    }

    public static function count(string $pieces, int $expected): self
    {
        return new self(InstrumentKind::Count, '1', pieces: $pieces, expected: $expected);
    }
}
