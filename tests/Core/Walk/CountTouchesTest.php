<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Walk\CountTouches;
use JadeLedger\Core\Walk\PlanWalk;
use JadeLedger\Core\Walk\WalkEffort;
use JadeLedger\Core\Walk\WalkPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/**
 * What a walk costs the hand. The figures of the pallet truck are the ones that TouchesOfACheckoutTest counts with a
 * finger; the others are those of docs/performance.md, and change with the catalogue or the pages only.
 */
final class CountTouchesTest extends TestCase
{
    /**
     * Touched or held, typed, pages.
     *
     * @param array{int, int, int} $again
     * @param array{int, int, int} $first when nobody has walked it before
     * @param array{int, int, int} $back
     */
    #[TestWith(['fenwold_p20', [61, 4, 18], [70, 4, 18], [60, 4, 17]], 'pallet truck')]
    #[TestWith(['dromvik_14c', [123, 4, 32], [132, 4, 32], [123, 4, 37]], 'tracked excavator')]
    #[TestWith(['ardlow_20b', [163, 4, 34], [172, 4, 34], [87, 4, 29]], '20 m boom lift')]
    #[TestWith(['mossgill_97', [103, 6, 23], [112, 6, 23], [93, 4, 26]], 'ride-on mower')]
    public function test_it_is_what_the_documents_say(string $model, array $again, array $first, array $back): void
    {
        $count = new CountTouches(RealCatalogue::get());
        $out = self::plan($model, Movement::Checkout);

        self::assertSame($again, self::told($count->of($out)));
        self::assertSame($first, self::told($count->ofFirst($out)));
        self::assertSame($back, self::told($count->of(self::plan($model, Movement::Return))));
        self::assertSame($again[0] + $again[1], $count->of($out)->touches(), 'a character is a touch');
    }

    /** All that may be carried stands from the return walk of the day before: touches with what is typed, and pages. */
    #[TestWith(['fenwold_p20', 55, 18], 'pallet truck')]
    #[TestWith(['dromvik_14c', 113, 32], 'tracked excavator')]
    #[TestWith(['ardlow_20b', 157, 34], '20 m boom lift')]
    public function test_a_machine_that_was_walked_in_the_day_before_takes_fewer(
        string $model,
        int $touches,
        int $pages,
    ): void {
        $plan = self::plan($model, Movement::Checkout);
        $rule = RealCatalogue::get()->houseRules->carried;
        $carried = [];
        foreach ($plan->lines() as $line) {
            if ($rule->daysOf($line->check) > 0) {
                $carried[] = $line->key;
            }
        }
        $effort = (new CountTouches(RealCatalogue::get()))->of($plan, $carried);

        self::assertSame([$touches, $pages], [$effort->touches(), $effort->screens]);
    }

    /** A carried line loses its own touch, and nothing else is lost with it. */
    public function test_a_carried_line_saves_the_touches_that_it_had_alone(): void
    {
        $plan = self::plan('fenwold_p20', Movement::Checkout);
        $count = new CountTouches(RealCatalogue::get());
        $all = $count->of($plan);
        $saved = 0;
        foreach ($plan->lines() as $line) {
            $without = $count->of($plan, [$line->key]);
            self::assertSame([$all->typed, $all->screens], [$without->typed, $without->screens], $line->key);
            $saved += $all->acts - $without->acts;
        }

        self::assertGreaterThan(20, $saved);
        $keys = array_map(static fn ($line): string => $line->key, $plan->lines());
        self::assertSame($all->acts - $saved, $count->of($plan, $keys)->acts, 'each for itself');
    }

    private static function plan(string $model, Movement $movement): WalkPlan
    {
        return (new PlanWalk(RealCatalogue::get()))->for(RealCatalogue::get()->model($model), $movement);
    }

    /** @return array{int, int, int} */
    private static function told(WalkEffort $effort): array
    {
        return [$effort->acts, $effort->typed, $effort->screens];
    }
}
