<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Check\Check;

/**
 * How fast the machines of one family are walked in this yard, learned from the walks that were done.
 *
 * The middle value of what was measured, for a break in the middle of a line or a line that is tapped through must not
 * move the plan. Under five measurements the catalogue's own time stands. Common practice, no source.
 */
final readonly class Pace
{
    public const ENOUGH = 5;

    /** Longer than this is a break, not work, in seconds. */
    private const BREAK = 1200.0;

    private const SHORTEST = 2;

    /** @param  array<string, int>  $seconds by what was done */
    public function __construct(public array $seconds = [], public int $walks = 0)
    {
    }

    /** @param  list<StepTaken>  $steps */
    public static function learnedFrom(array $steps, int $walks): self
    {
        $measured = [];
        foreach ($steps as $step) {
            if ($step->seconds > 0.0 && $step->seconds <= self::BREAK) {
                $measured[$step->of][] = $step->seconds;
            }
        }
        $enough = array_filter($measured, static fn (array $all): bool => count($all) >= self::ENOUGH);
        ksort($enough);

        return new self(
            array_map(static fn (array $all): int => max(self::SHORTEST, (int) round(self::middle($all))), $enough),
            $walks,
        );
    }

    public static function check(string $id): string
    {
        return "check {$id}";
    }

    public static function stage(string $id): string
    {
        return "stage {$id}";
    }

    public function ofCheck(Check $check): int
    {
        return $this->seconds[self::check($check->id)] ?? $check->seconds;
    }

    /** Without the waits of its lines, which nobody can hurry. */
    public function ofStage(Stage $stage): int
    {
        return $this->seconds[self::stage($stage->id)] ?? $stage->seconds;
    }

    /** @param  non-empty-list<float>  $all */
    private static function middle(array $all): float
    {
        sort($all);
        $half = intdiv(count($all), 2);

        return count($all) % 2 === 1 ? $all[$half] : ($all[$half - 1] + $all[$half]) / 2;
    }
}
