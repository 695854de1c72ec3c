<?php

declare(strict_types=1);

namespace Tests\Core\Service;

use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Service\DueCheck;
use JadeLedger\Core\Service\PeriodicChecks;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\PlanWalk;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

final class PeriodicChecksTest extends TestCase
{
    /** A tracked diesel excavator: the air filter and the tank sediment are weekly. Written without the catalogue. */
    public function test_weekly_checks_are_due_a_week_after_they_were_done(): void
    {
        $weekly = ['eng-airfilter', 'fuel-sediment'];
        $due = fn (string $last, string $until): array => array_values(array_intersect(
            $weekly,
            array_keys($this->due('dromvik_14c', array_fill_keys($weekly, $last), $until)),
        ));

        self::assertSame([], $due('2026-12-01', '2026-12-07'));
        self::assertSame($weekly, $due('2026-12-01', '2026-12-08'), 'on the last day of the hire');
        $never = $this->due('dromvik_14c', [], '2026-12-01');
        self::assertSame(
            [...$weekly, 'def-quality'],
            array_values(array_intersect([...$weekly, 'def-quality'], array_keys($never))),
            'never done',
        );
        self::assertNull($never['def-quality']->last);
    }

    /** ISO 8601 calendar: a month after the last day of January is the last day of February. */
    public function test_a_month_ends_with_the_shorter_month(): void
    {
        self::assertArrayNotHasKey(
            'mst-chain-stretch',
            $this->due('orrick_50d', ['mst-chain-stretch' => '2027-01-31'], '2027-02-27'),
        );
        self::assertArrayHasKey(
            'mst-chain-stretch',
            $this->due('orrick_50d', ['mst-chain-stretch' => '2027-01-31'], '2027-02-28'),
        );
        self::assertArrayNotHasKey('mst-drift', $this->due('orrick_50d', ['mst-drift' => '2026-08-31'], '2027-02-27'));
        self::assertSame(
            Occasion::HalfYearly,
            $this->due('orrick_50d', ['mst-drift' => '2026-08-31'], '2027-02-28')['mst-drift']->occasion,
        );
    }

    public function test_nobody_is_asked_for_a_part_that_the_machine_has_not(): void
    {
        self::assertArrayNotHasKey('mst-chain-stretch', $this->due('dromvik_14c', [], '2026-12-01'));
        self::assertArrayNotHasKey('eng-airfilter', $this->due('fenwold_p20', [], '2026-12-01'));
    }

    /** @return iterable<string, array{string}> */
    public static function models(): iterable
    {
        foreach (RealCatalogue::get()->models as $model) {
            yield $model->id => [$model->id];
        }
    }

    #[DataProvider('models')]
    public function test_a_walk_that_asks_more_asks_all_of_the_usual_and_says_why_it_asks_the_rest(string $id): void
    {
        $catalogue = RealCatalogue::get();
        $model = $catalogue->model($id);
        foreach (Movement::cases() as $movement) {
            $more = $this->due($id, [], '2026-12-01');
            $keys = static fn (array $lines): array => array_map(
                static fn (PlannedLine $line): string => $line->key,
                $lines,
            );
            $usual = (new PlanWalk($catalogue))->for($model, $movement);
            $plan = (new PlanWalk($catalogue))->for($model, $movement, $more);
            $reasoned = array_filter($plan->lines(), static fn (PlannedLine $line): bool => $line->due !== null);

            self::assertEqualsCanonicalizing(
                $keys($usual->lines()),
                $keys(array_filter($plan->lines(), static fn (PlannedLine $line): bool => $line->due === null)),
            );
            self::assertEqualsCanonicalizing(
                array_keys($more),
                array_values(
                    array_unique(array_map(static fn (PlannedLine $line): string => $line->check->id, $reasoned)),
                ),
            );
        }
    }

    /**
     * @param array<string, string> $last
     * @return array<string, DueCheck>
     */
    private function due(string $model, array $last, string $until): array
    {
        $catalogue = RealCatalogue::get();

        return PeriodicChecks::of($catalogue->checks, $catalogue->featuresOf($catalogue->model($model)))
            ->due(array_map(CalendarDate::parse(...), $last), CalendarDate::parse($until));
    }
}
