<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Counted;

use JadeLedger\Core\Meter\MeterHistory;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Drawing;
use JadeLedger\Core\Reading\Instrument;
use JadeLedger\Core\Reading\InstrumentRange;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Verdict;

/** An hour meter and the number of digits it can show before it rolls over. */
final readonly class HourMeterLimits implements Instrument
{
    public function __construct(public int $wholeDigits, public int $decimals, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function unit(): Unit
    {
        return Unit::Hour;
    }

    public function range(): InstrumentRange
    {
        return new InstrumentRange(Quantity::zero(Unit::Hour), Quantity::of(10 ** $this->wholeDigits, Unit::Hour));
    }

    public function drawing(): Drawing
    {
        return Drawing::hourMeter($this->wholeDigits, $this->decimals);
    }

    public function judge(Observation $observation): Verdict
    {
        return (new HourMeterReading($this, $observation->history ?? MeterHistory::none()))->judge($observation->value);
    }
}
