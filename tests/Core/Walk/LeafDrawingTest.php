<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Walk\DivideStop;
use JadeLedger\Core\Walk\Leaf;
use JadeLedger\Core\Walk\LeafDrawing;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\PlanWalk;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** Which close-up stands beside a page, told from the YAML by counting. Common practice, no source. */
final class LeafDrawingTest extends TestCase
{
    public function test_every_page_has_the_drawing_that_shows_most_of_its_lines_and_none_where_it_shows_one(): void
    {
        $catalogue = RealCatalogue::get();
        $written = RealCatalogue::compiled()->trees['closeups.yaml']['closeups'];
        $seen = ['with' => 0, 'without' => 0];
        foreach ($catalogue->models as $model) {
            $features = $catalogue->featuresOf($model);
            foreach (self::leaves($model->id) as $leaf) {
                $most = 1;
                $best = [];
                foreach ($written as $one) {
                    $drawn = null;
                    foreach ($one['draws'] as $draw) {
                        $drawn ??= self::applies($draw['applies'] ?? [], $features->has(...)) ? $draw['drawing'] : null;
                    }
                    $on = array_filter(
                        $leaf->lines,
                        static fn (PlannedLine $line): bool => isset($one['anchors'][$line->check->id]),
                    );
                    if ($drawn !== null && count($on) > $most) {
                        $most = count($on);
                        $best = [$drawn, array_values(array_map(self::key(...), $on))];
                    }
                }
                $shown = LeafDrawing::of($leaf, $catalogue->closeUps, $features);
                $told = $shown === null ? [] : [$shown->drawing, array_keys($shown->anchors)];
                self::assertSame($best, $told, $model->id);
                $seen[$shown === null ? 'without' : 'with']++;
            }
        }
        self::assertGreaterThan(200, $seen['with']);
        self::assertGreaterThan(100, $seen['without']);
    }

    /** The track is drawn from the right; from the left it is its mirror image. */
    #[TestWith(['running_gear_right', false])]
    #[TestWith(['running_gear_left', true])]
    public function test_the_other_side_is_the_mirror_image(string $place, bool $isMirrored): void
    {
        $catalogue = RealCatalogue::get();
        $features = $catalogue->featuresOf($catalogue->model('dromvik_14c'));
        $found = 0;
        foreach (self::leaves('dromvik_14c') as $leaf) {
            $drawing = LeafDrawing::of($leaf, $catalogue->closeUps, $features);
            if ($leaf->lines[0]->place === $place && $drawing !== null) {
                self::assertSame(['track', $isMirrored], [$drawing->drawing, $drawing->isMirrored]);
                $found++;
            }
        }
        self::assertGreaterThan(0, $found);
    }

    public function test_a_page_counts_what_is_said_on_it(): void
    {
        $lines = 0;
        foreach (self::leaves('dromvik_14c') as $leaf) {
            $said = count($leaf->each) + count($leaf->opened) + count($leaf->together);
            self::assertSame($said, $leaf->items());
            $halves = 2 * count($leaf->each) + 2 * count($leaf->opened) + count($leaf->together);
            self::assertSame($halves, (int) (2 * $leaf->rows()));
            $lines += count($leaf->lines);
        }
        self::assertGreaterThan(100, $lines);
    }

    private static function key(PlannedLine $line): string
    {
        return $line->key;
    }

    /** @return list<Leaf> */
    private static function leaves(string $model): array
    {
        $catalogue = RealCatalogue::get();
        $leaves = [];
        foreach ((new PlanWalk($catalogue))->for($catalogue->model($model), Movement::Checkout)->visits as $visit) {
            array_push($leaves, ...(new DivideStop)->into($visit));
        }

        return $leaves;
    }

    /**
     * @param array<string, list<string>> $applies
     * @param callable(string): bool $has
     */
    private static function applies(array $applies, callable $has): bool
    {
        $all = array_filter($applies['all'] ?? [], static fn (string $one): bool => ! $has($one)) === [];
        $any = ($applies['any'] ?? []) === [] || array_filter($applies['any'], $has) !== [];
        $none = array_filter($applies['none'] ?? [], $has) === [];

        return $all && $any && $none;
    }
}
