<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

/** A figure that is read from a scale and judged by the band that it lies in. */
interface ScaleReading extends Instrument
{
    public function scale(): Scale;

    public function bands(): Bands;
}
