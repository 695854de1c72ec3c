<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\People\StandingBy;
use JadeLedger\Core\State\Helper;
use JadeLedger\Core\State\MachineState;

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

    /** The decision, which is held. */
    private const DECISION = 1;

    /** A level is drawn to where the real one stands; what is measured is drawn there, and put right by a step. */
    private const LEVEL = 1;

    private const MEASURED = 2;

    /** Digits of a figure that the arithmetic wants. */
    private const DIGITS = 2;

    /** Digits of the PIN of a second person. */
    private const PIN = 4;

    /** Seconds for which somebody who confirmed that they stand by is not asked again. */
    private const STANDS_BY = StandingBy::MINUTES * 60;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * A machine that was walked before: figures that are compared are known.
     *
     * @param list<string> $carried keys of lines that stand from the return walk
     */
    public function of(WalkPlan $plan, array $carried = []): WalkEffort
    {
        $shortcuts = [Shortcut::AsBefore, Shortcut::AsMany, Shortcut::NothingLit, Shortcut::OneOfThree];

        // Whoever stood by last is named already.
        return $this->count($plan, $carried, $shortcuts, new WalkEffort(0, self::PIN, 0));
    }

    /** A machine that nobody has walked yet, on a tablet on which nobody stood by: every figure is read. */
    public function ofFirst(WalkPlan $plan): WalkEffort
    {
        return $this->count($plan, [], [Shortcut::NothingLit, Shortcut::OneOfThree], new WalkEffort(1, self::PIN, 0));
    }

    /**
     * @param list<string> $carried
     * @param list<Shortcut> $shortcuts that there are
     * @param WalkEffort $second of naming a second person and their confirmation
     */
    private function count(WalkPlan $plan, array $carried, array $shortcuts, WalkEffort $second): WalkEffort
    {
        $effort = new WalkEffort(self::OPENING + self::DECISION, 0, 1);
        $before = null;
        $standing = null;
        $seconds = 0;
        $divide = new DivideStop;
        foreach ($plan->crossings as $crossing) {
            $effort = $effort->plus($this->crossing($crossing, $before));
            $seconds += $crossing->seconds();
            if ($crossing->stage->state->helper === Helper::None) {
                $standing = null;
            } elseif ($standing === null || $seconds - $standing > self::STANDS_BY) {
                $effort = $effort->plus($second);
                $standing = $seconds;
            }
            $isPlain = $this->isPlain($crossing, $before);
            $before = $crossing->stage->state;
            $held = [];
            foreach ($plan->visits as $visit) {
                if ($visit->stageId === $crossing->stage->id) {
                    $seconds += $visit->seconds();
                    foreach ($divide->into($visit) as $leaf) {
                        $effort = $effort->plus($this->leaf($leaf, $plan, $carried, $shortcuts, $held));
                        if ($isPlain) {
                            $effort = $effort->plus($this->savedOn($leaf));
                            $isPlain = false;
                        }
                    }
                }
            }
        }

        return $effort;
    }

    /** Whether a crossing is only read: it stands on the first page of its state then. */
    private function isPlain(Crossing $crossing, ?MachineState $before): bool
    {
        foreach ($crossing->unconfirmed([], $before) as $line) {
            if ($line->isTouchedAlone || $line->waitSeconds > 0) {
                return false;
            }
        }

        return $crossing->stage->state->helper === Helper::None;
    }

    /** The page of the crossing; where everything below it is said together, one act says both. */
    private function savedOn(Leaf $leaf): WalkEffort
    {
        return new WalkEffort($leaf->each === [] && $leaf->opened === [] ? -1 : 0, 0, -1);
    }

    private function crossing(Crossing $crossing, ?MachineState $before): WalkEffort
    {
        $acts = 1;
        foreach ($crossing->lines as $line) {
            if ($line->isAskedFrom($before)) {
                // Whoever has to wait starts a clock, and the line is confirmed when that has run.
                $acts += $line->isTouchedAlone || $line->waitSeconds > 0 ? 1 : 0;
            }
        }

        return new WalkEffort($acts, 0, 1);
    }

    /**
     * @param list<string> $carried
     * @param list<Shortcut> $shortcuts
     * @param array<string, true> $held conditions of readings that were stated in this state, by id
     */
    private function leaf(
        Leaf $leaf,
        WalkPlan $plan,
        array $carried,
        array $shortcuts,
        array &$held,
    ): WalkEffort {
        $isCarried = static fn (PlannedLine $line): bool => in_array($line->key, $carried, true);
        // The last act of a page is held, and goes on: one that says several things, or that of the last one.
        $effort = new WalkEffort($this->saysSeveral($leaf, $plan, $carried, $shortcuts) ? 1 : 0, 0, 1);
        foreach ([...$leaf->each, ...$leaf->together] as $item) {
            $step = $item->step === null ? null : $item->line->check->test[$item->step];
            $alone = $item->isAlone && ! $isCarried($item->line) ? 1 : 0;
            $effort = $effort->plus(new WalkEffort($alone + ($step?->seconds === null ? 0 : 1), 0, 0));
        }
        foreach ($leaf->opened as $line) {
            $shortcut = Shortcut::of($line->check, $plan->movement);
            $isKnown = in_array($shortcut, $shortcuts, true);
            if ($line->check->paper?->register !== null || $isCarried($line)) {
                continue;
            }
            if ($isKnown) {
                $effort = $effort->plus(new WalkEffort($shortcut === Shortcut::AsMany ? 0 : 1, 0, 0));
            } else {
                $effort = $effort->plus($this->opened($line, $held));
            }
        }

        return $effort;
    }

    /**
     * Whether an act of its own says what is left when the rest of the page is touched, or leads on from a paper.
     *
     * @param list<string> $carried
     * @param list<Shortcut> $shortcuts
     */
    private function saysSeveral(Leaf $leaf, WalkPlan $plan, array $carried, array $shortcuts): bool
    {
        if ($leaf->saidTogether() !== []) {
            return true;
        }
        foreach ($leaf->lines as $line) {
            $isCounted = Shortcut::of($line->check, $plan->movement) === Shortcut::AsMany
                && in_array(Shortcut::AsMany, $shortcuts, true);
            if ($isCounted || in_array($line->key, $carried, true)) {
                return true;
            }
        }

        $asked = array_filter(
            $leaf->opened,
            static fn (PlannedLine $line): bool => $line->check->paper?->register === null,
        );

        return $asked === []
            ? $leaf->each === []
            : end($asked)->check->answer === AnswerKind::Paper
                && ! in_array(Shortcut::of(end($asked)->check, $plan->movement), $shortcuts, true);
    }

    /**
     * A paper is opened, its day touched, and compared. An instrument stands on the page when its row is
     * present: each figure that its posture wants is typed, it is set, and the act that posts it says the posture too.
     *
     * @param array<string, true> $held
     */
    private function opened(PlannedLine $line, array &$held): WalkEffort
    {
        $check = $line->check;
        if ($check->answer === AnswerKind::Paper) {
            return new WalkEffort(3, 0, 1);
        }
        $effort = new WalkEffort($this->setting($check->answer) + 1, 0, 0);
        foreach ($check->conditions as $id) {
            if (! isset($held[$id]) && $this->catalogue->condition($id)->wantsFigure) {
                $effort = $effort->plus(new WalkEffort(2, self::DIGITS, 0));
            }
            $held[$id] = true;
        }

        return $effort;
    }

    private function setting(AnswerKind $answer): int
    {
        return match ($answer) {
            AnswerKind::Dipstick, AnswerKind::SightGlass, AnswerKind::TankColumn => self::LEVEL,
            // A needle in its zone.
            AnswerKind::ExtinguisherGauge, AnswerKind::DisplayZone => self::LEVEL,
            default => self::MEASURED,
        };
    }
}
