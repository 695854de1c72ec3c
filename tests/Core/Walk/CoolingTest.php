<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\State\Temperature;
use JadeLedger\Core\Walk\Cooling;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\PlanWalk;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** What comes back was worked until a moment ago. */
final class CoolingTest extends TestCase
{
    private const BACK = '2026-11-27T14:55:00Z';

    /** Common practice, no source: three quarters of an hour. */
    public function test_a_machine_with_an_engine_is_cold_three_quarters_of_an_hour_after_it_came_back(): void
    {
        $catalogue = RealCatalogue::get();
        $until = Cooling::of($catalogue, $catalogue->model('dromvik_14c'))
            ->until(Movement::Return, new \DateTimeImmutable(self::BACK), ['as_found']);

        self::assertSame('2026-11-27T15:40:00Z', $until?->format('Y-m-d\TH:i:s\Z'));
    }

    public function test_nothing_waits_that_has_stood_or_was_cold_already_or_has_no_engine(): void
    {
        $catalogue = RealCatalogue::get();
        $back = new \DateTimeImmutable(self::BACK);
        $digger = Cooling::of($catalogue, $catalogue->model('dromvik_14c'));

        self::assertNull($digger->until(Movement::Checkout, $back, []));
        self::assertNull($digger->until(Movement::Return, $back, ['as_found', 'cold_isolated']));
        self::assertNull(
            Cooling::of($catalogue, $catalogue->model('orrick_20e'))->until(Movement::Return, $back, []),
            'a battery truck',
        );
    }

    public function test_every_return_of_a_hot_machine_begins_with_what_may_be_hot_and_loses_no_line_by_it(): void
    {
        $catalogue = RealCatalogue::get();
        $hot = 0;
        foreach ($catalogue->models as $model) {
            $plan = (new PlanWalk($catalogue))->for($model, Movement::Return);
            $first = $plan->crossings[0]->stage;
            if (! $catalogue->featuresOf($model)->has('combustion_engine')) {
                continue;
            }
            $hot++;
            self::assertNotSame(Temperature::Cold, $first->state->temperature, $model->id);
            $before = array_filter(
                $plan->lines(),
                static fn (PlannedLine $line): bool => $line->stage->id === $first->id,
            );
            self::assertGreaterThan(count($plan->lines()) / 4, count($before), "{$model->id}: what it cools by");
        }
        self::assertGreaterThan(20, $hot);
    }
}
