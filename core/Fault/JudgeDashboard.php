<?php

declare(strict_types=1);

namespace JadeLedger\Core\Fault;

use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;

/**
 * The verdict on lamps and codes: level three stops the machine, level two keeps it here until the cause is found,
 * level
 * one goes out with the repair planned. Common practice, no source.
 */
final readonly class JudgeDashboard
{
    public function judge(Check $check, Dashboard $dashboard): Verdict
    {
        $working = [
            ...array_map(static fn (Lamp $lamp): string => $lamp->value, $dashboard->lit),
            ...array_map(
                static fn (TroubleCode $code): string => "SPN {$code->parameter} FMI {$code->mode->number}",
                $dashboard->codes,
            ),
            ...array_map(static fn (PanelSignal $signal): string => $signal->words, $dashboard->signals),
        ];
        $figures = ['shown' => implode(', ', $working)];

        return match ($dashboard->level()) {
            null => Verdict::stands(new Phrase('fault.none'), [], $check->source),
            AlertLevel::Aware => Verdict::stands(
                new Phrase('fault.aware', $figures),
                $working,
                $check->source,
                new Phrase('fault.plan'),
            ),
            AlertLevel::StopSoon => Verdict::attend(
                new Phrase('fault.stop_soon', $figures),
                $working,
                $check->source,
                new Phrase('fault.find_cause'),
            ),
            AlertLevel::StopNow => Verdict::stop(
                new Phrase('fault.stop_now', $figures),
                $working,
                $check->source,
                new Phrase('fault.tag'),
            ),
        };
    }
}
