<?php

declare(strict_types=1);

namespace JadeLedger\Core\Fault;

/**
 * A lamp or a word on a panel that has no standard engine lamps, told by its colour and its rhythm: red is danger,
 * amber
 * is not as it should be, and what blinks is one step more urgent. Source: IEC 60073, from memory, to be confirmed.
 */
final readonly class PanelSignal
{
    public function __construct(public SignalColour $colour, public SignalRhythm $rhythm, public string $words)
    {
    }

    public function level(): AlertLevel
    {
        $steady = match ($this->colour) {
            SignalColour::Red => AlertLevel::StopNow,
            SignalColour::Amber => AlertLevel::StopSoon,
            SignalColour::Other => AlertLevel::Aware,
        };
        $raised = $this->rhythm === SignalRhythm::Blinking ? 1 : 0;

        return AlertLevel::from(min($steady->value + $raised, AlertLevel::StopNow->value));
    }
}
