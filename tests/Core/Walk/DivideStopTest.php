<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Walk\DivideStop;
use JadeLedger\Core\Walk\Leaf;
use JadeLedger\Core\Walk\LeafItem;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\Visit;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** The pages of a walk: our own choice, the laws are of the job. */
final class DivideStopTest extends TestCase
{
    public function test_no_line_is_lost_moved_or_cut_in_two_and_a_page_is_read_at_a_glance(): void
    {
        foreach (self::visits() as $name => $visit) {
            $leaves = (new DivideStop())->into($visit);
            self::assertSame(
                $visit->lines,
                array_merge(...array_map(static fn (Leaf $leaf): array => $leaf->lines, $leaves)),
                $name,
            );
            foreach ($leaves as $leaf) {
                if (count($leaf->lines) > 1) {
                    self::assertLessThanOrEqual(14, $leaf->items(), $name);
                    self::assertLessThanOrEqual(9.0, $leaf->rows(), $name);
                }
            }
        }
    }

    /** Counted once more from the lines themselves. */
    public function test_each_look_each_step_and_each_instrument_is_answered_once(): void
    {
        foreach (self::visits() as $name => $visit) {
            $wanted = [];
            foreach ($visit->lines as $line) {
                foreach (
                    $line->check->answer === AnswerKind::FunctionTest ? array_keys($line->check->test) : [null] as $step
                ) {
                    $wanted[] = "{$line->key}#{$step}";
                }
            }
            $items = static fn (LeafItem $item): string => "{$item->line->key}#{$item->step}";
            $there = [];
            foreach ((new DivideStop)->into($visit) as $leaf) {
                array_push(
                    $there,
                    ...array_map($items, $leaf->each),
                    ...array_map(static fn (PlannedLine $line): string => "{$line->key}#", $leaf->opened),
                    ...array_map($items, $leaf->together),
                );
            }
            self::assertEqualsCanonicalizing($wanted, $there, $name);
        }
    }

    /** No line that tags a machine out may lose its own touch. */
    public function test_nothing_that_tags_out_or_keeps_from_power_is_said_together(): void
    {
        $said = 0;
        foreach (self::visits() as $name => $visit) {
            foreach ((new DivideStop)->into($visit) as $leaf) {
                foreach ($leaf->saidTogether() as $item) {
                    $check = $item->line->check;
                    $severity =
                        $item->step === null
                            ? $check->severity
                            : $check->test[$item->step]->severity ?? $check->severity;
                    self::assertNotSame(Severity::Stop, $severity, "{$name}: {$item->line->key}");
                    self::assertNull($check->standsBefore, "{$name}: {$item->line->key}");
                    $said++;
                }
            }
        }
        self::assertGreaterThan(1000, $said);
    }

    /** @return iterable<string, Visit> every stop of every model, out and in */
    private static function visits(): iterable
    {
        $plan = new PlanWalk(RealCatalogue::get());
        foreach (RealCatalogue::get()->models as $model) {
            foreach (Movement::cases() as $movement) {
                foreach ($plan->for($model, $movement)->visits as $visit) {
                    yield "{$model->id} {$movement->value} {$visit->number}" => $visit;
                }
            }
        }
    }
}
