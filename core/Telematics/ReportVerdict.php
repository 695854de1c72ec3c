<?php

declare(strict_types=1);

namespace JadeLedger\Core\Telematics;

use JadeLedger\Core\Quantity\Quantity;

/** A report is taken with what the machine ran since the last one, is no news, or is put aside with the reason. */
final readonly class ReportVerdict
{
    private function __construct(public ?Quantity $ran, public ?WhyNotPlaced $aside)
    {
    }

    public static function taken(Quantity $ran): self
    {
        return new self($ran, null);
    }

    public static function oldNews(): self
    {
        return new self(null, null);
    }

    public static function aside(WhyNotPlaced $why): self
    {
        return new self(null, $why);
    }
}
