<?php

declare(strict_types=1);

namespace JadeLedger\Core\Fault;

/**
 * The lamps that are lit and the codes that are active, mapped to one of three alert levels.
 *
 * Three: the red stop lamp, or oil or coolant of the engine far out of its range. Two: the amber or the protect lamp,
 * or
 * anything else moderately or far out of its range. One: the rest. More lamps and more codes never make it lower.
 * Source:
 * convention of this product on the lamp meanings of SAE J1939-73.
 */
final readonly class Dashboard
{
    /** Oil level and oil pressure, coolant temperature and coolant level. Source: SAE J1939-71. */
    private const ENGINE_IS_LOST = [98, 100, 110, 111];

    /**
     * @param list<Lamp> $lit
     * @param list<TroubleCode> $codes
     * @param list<PanelSignal> $signals of a panel that has other lamps than the four
     */
    public function __construct(public array $lit, public array $codes, public array $signals = [])
    {
    }

    /** Nothing when no lamp is lit, no code is active and nothing else shows. */
    public function level(): ?AlertLevel
    {
        $levels = [
            ...array_map(self::ofLamp(...), $this->lit),
            ...array_map(self::ofCode(...), $this->codes),
            ...array_map(static fn (PanelSignal $signal): AlertLevel => $signal->level(), $this->signals),
        ];

        return $levels === []
            ? null
            : AlertLevel::from(max(array_map(static fn (AlertLevel $level): int => $level->value, $levels)));
    }

    private static function ofLamp(Lamp $lamp): AlertLevel
    {
        return match ($lamp) {
            Lamp::RedStop => AlertLevel::StopNow,
            Lamp::Amber, Lamp::Protect => AlertLevel::StopSoon,
            Lamp::Malfunction => AlertLevel::Aware,
        };
    }

    private static function ofCode(TroubleCode $code): AlertLevel
    {
        return match ($code->mode->severity()) {
            FaultSeverity::Most => in_array($code->parameter, self::ENGINE_IS_LOST, true)
                ? AlertLevel::StopNow
                : AlertLevel::StopSoon,
            FaultSeverity::Moderate => AlertLevel::StopSoon,
            default => AlertLevel::Aware,
        };
    }
}
