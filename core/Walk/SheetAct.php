<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

/** One act of a walk on paper: a state that was entered, or a line that was answered in it. */
final readonly class SheetAct
{
    private function __construct(public ?string $stageId, public ?string $line, public int $seconds)
    {
    }

    public static function entering(Crossing $crossing): self
    {
        return new self($crossing->stage->id, null, $crossing->seconds());
    }

    public static function answering(PlannedLine $line): self
    {
        return new self(null, $line->key, $line->check->seconds);
    }

    /**
     * What was done, in the order of the plan, whatever order it was entered in; a state is entered where the next
     * line that was answered stands in another one.
     *
     * @param string|null $present the state in which the machine is before the first of them
     * @param list<string> $answered keys of lines of the plan
     * @return list<self>
     */
    public static function inOrder(WalkPlan $plan, ?string $present, array $answered): array
    {
        $acts = [];
        foreach ($plan->visits as $visit) {
            foreach ($visit->lines as $line) {
                if (! in_array($line->key, $answered, true)) {
                    continue;
                }
                $crossing = $visit->stageId === $present ? null : $plan->crossing($visit->stageId);
                if ($crossing !== null) {
                    $acts[] = self::entering($crossing);
                    $present = $visit->stageId;
                }
                $acts[] = self::answering($line);
            }
        }

        return $acts;
    }
}
