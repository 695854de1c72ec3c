<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading\Counted;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Drawing;
use JadeLedger\Core\Reading\Instrument;
use JadeLedger\Core\Reading\InstrumentRange;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Verdict\Verdict;

/** How many pieces belong to the machine. */
final readonly class CountLimits implements Instrument
{
    public function __construct(public string $pieces, public int $expected, private Source $source)
    {
    }

    public function source(): Source
    {
        return $this->source;
    }

    public function unit(): Unit
    {
        return Unit::Piece;
    }

    public function range(): InstrumentRange
    {
        return new InstrumentRange(Quantity::zero(Unit::Piece), null);
    }

    public function drawing(): Drawing
    {
        return Drawing::count($this->pieces, $this->expected);
    }

    public function judge(Observation $observation): Verdict
    {
        return (new CountReading($this))->judge($observation->value);
    }
}
