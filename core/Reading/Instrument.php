<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Verdict;

/**
 * Something on a machine that is read, as it is on one model: in which unit, from where to where, how it looks, and
 * what a figure on it means. A new kind of reading is a class that answers these.
 */
interface Instrument extends Limits
{
    public function unit(): Unit;

    public function range(): InstrumentRange;

    public function drawing(): Drawing;

    /** What the figure means where the machine stood as it should; whether it did, the walk says. */
    public function judge(Observation $observation): Verdict;
}
