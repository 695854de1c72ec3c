<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Check\Movement;

/** A whole walk: its machine states in order, the stops in each, and the lines at each stop. */
final readonly class WalkPlan
{
    /** How fast a technician with a tablet walks, in centimetres a second. Common practice, no source. */
    private const PACE = 90.0;

    /**
     * @param list<Crossing> $crossings one for each stage, in order
     * @param list<Visit> $visits in walking order
     */
    public function __construct(
        public Movement $movement,
        public Route $route,
        public array $crossings,
        public array $visits,
    ) {
    }

    /** @return list<PlannedLine> in walking order */
    public function lines(): array
    {
        return array_merge(...array_map(static fn (Visit $visit): array => $visit->lines, $this->visits));
    }

    public function line(string $key): ?PlannedLine
    {
        foreach ($this->lines() as $line) {
            if ($line->key === $key) {
                return $line;
            }
        }

        return null;
    }

    public function crossing(string $stageId): ?Crossing
    {
        foreach ($this->crossings as $crossing) {
            if ($crossing->stage->id === $stageId) {
                return $crossing;
            }
        }

        return null;
    }

    /** Seconds spent on foot between the stops of all stages. */
    public function secondsOnFoot(): int
    {
        $centimetres = 0.0;
        $stage = null;
        $at = 0.0;
        foreach ($this->visits as $visit) {
            $next = $this->route->distanceTo($visit->station);
            $centimetres += $visit->stageId === $stage ? max(0.0, $next - $at) : 0.0;
            [$stage, $at] = [$visit->stageId, $next];
        }

        return (int) round(self::secondsToWalk($centimetres));
    }

    public static function secondsToWalk(float $centimetres): float
    {
        return $centimetres / self::PACE;
    }

    public function seconds(): int
    {
        return $this->secondsOnFoot()
            + array_sum(array_map(static fn (Crossing $crossing): int => $crossing->seconds(), $this->crossings))
            + array_sum(array_map(static fn (Visit $visit): int => $visit->seconds(), $this->visits));
    }
}
