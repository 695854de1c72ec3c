<?php

declare(strict_types=1);

namespace JadeLedger\Core\Fault;

/**
 * The failure mode identifier of a trouble code, 0 to 31.
 *
 * Source: SAE J1939-73 Appendix A. 22 to 30 are reserved: a machine that sends one is believed, and how grave it is
 * nobody knows.
 */
final readonly class FailureMode
{
    private function __construct(public int $number)
    {
    }

    /** @throws NoSuchCode outside 0 to 31 */
    public static function of(int $number): self
    {
        return $number < 0 || $number > 31 ? throw NoSuchCode::failureMode($number) : new self($number);
    }

    public function severity(): ?FaultSeverity
    {
        return match ($this->number) {
            0, 1 => FaultSeverity::Most,
            16, 18 => FaultSeverity::Moderate,
            15, 17 => FaultSeverity::Least,
            default => null,
        };
    }

    public function side(): ?FaultSide
    {
        return match ($this->number) {
            0, 15, 16 => FaultSide::High,
            1, 17, 18 => FaultSide::Low,
            default => null,
        };
    }
}
