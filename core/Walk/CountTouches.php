<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\AnswerKind;
use JadeLedger\Core\Catalogue\Catalogue;

/**
 * Counts the touches of a walk on which everything is as it should be, by the rules of its pages: see Leaf.
 *
 * What is typed counts a touch for each character; papers that the yard's register keeps are answered by it. A browser
 * story counts real ones beside it.
 */
final readonly class CountTouches
{
    /** The row of the day, and that it is meant. */
    private const OPENING = 2;

    /** The way to the decision, and the decision, which is held. */
    private const DECISION = 2;

    /** A drawn instrument is drawn to where the real one stands, and put right by a step. */
    private const SETTING = 2;

    /** A figure of two digits that is typed: the way to the keys, the digits, and set. */
    private const FIGURE = 4;

    /** A second person is named, and gives a PIN of four digits. */
    private const SECOND_PERSON = 5;

    /** Characters of a date or a serial number that are typed. */
    private const TYPED = 8;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @param  list<string>  $carried  keys of lines that stand from the return walk, whose figures are known too */
    public function of(WalkPlan $plan, array $carried = []): WalkEffort
    {
        $effort = new WalkEffort(self::OPENING + self::DECISION, 1);
        $before = null;
        $divide = new DivideStop;
        foreach ($plan->crossings as $crossing) {
            $effort = $this->crossing($effort, $crossing, $before);
            $before = $crossing->stage->state;
            $held = [];
            foreach ($plan->visits as $visit) {
                if ($visit->stageId === $crossing->stage->id) {
                    foreach ($divide->into($visit) as $leaf) {
                        $effort = $this->leaf($effort, $leaf, $plan, $carried, $held);
                    }
                }
            }
        }

        return $effort;
    }

    private function crossing(WalkEffort $effort, Crossing $crossing, ?MachineState $before): WalkEffort
    {
        $touches = 1;
        foreach ($crossing->lines as $line) {
            if ($line->isAskedFrom($before)) {
                $touches += ($line->waitSeconds > 0 ? 1 : 0) + ($line->isTouchedAlone || $line->waitSeconds > 0 ? 1 : 0);
            }
        }
        $second = $crossing->stage->state->helper === Helper::Present ? self::SECOND_PERSON : 0;

        return $effort->plus($touches + $second, 1);
    }

    /**
     * @param list<string> $carried
     * @param array<string, true> $held conditions of readings that were stated in this state, by id
     */
    private function leaf(WalkEffort $effort, Leaf $leaf, WalkPlan $plan, array $carried, array &$held): WalkEffort
    {
        $isCarried = static fn (PlannedLine $line): bool => in_array($line->key, $carried, true);
        $touches = 0;
        foreach ([...$leaf->each, ...$leaf->together] as $item) {
            $step = $item->step === null ? null : $item->line->check->test[$item->step];
            $touches += $item->isAlone && ! $isCarried($item->line) ? 1 : 0;
            $touches += $step?->seconds === null ? 0 : 1;
        }
        $screens = 1;
        foreach ($leaf->opened as $line) {
            if ($line->check->paper?->register !== null) {
                continue;
            }
            if (Shortcut::of($line->check, $plan->movement) !== null) {
                $touches++;
            } else {
                $touches += $this->opened($line, $held);
                $screens++;
            }
        }

        // Either the act that is held goes on, or the way on is touched.
        return $effort->plus($touches + 1, $screens);
    }

    /**
     * Opened, what was not stated before of its posture stated, set, and posted.
     *
     * @param array<string, true> $held
     */
    private function opened(PlannedLine $line, array &$held): int
    {
        $touches = 2;
        foreach ($line->check->conditions as $id) {
            $asked = $this->catalogue->condition($id)->wantsFigure ? self::FIGURE : 1;
            $touches += isset($held[$id]) ? 0 : $asked;
            $held[$id] = true;
        }

        return $touches + ($line->check->answer === AnswerKind::Paper ? self::TYPED : self::SETTING);
    }
}
