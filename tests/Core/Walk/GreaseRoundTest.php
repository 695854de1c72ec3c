<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use JadeLedger\Core\Catalogue\Corner;
use JadeLedger\Core\Catalogue\Turn;
use JadeLedger\Core\Service\GreaseSpot;
use JadeLedger\Core\Walk\GreaseRound;
use JadeLedger\Core\Walk\Route;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** The places that are greased, by name and on the way round. Which there are: common practice, no source. */
final class GreaseRoundTest extends TestCase
{
    /**
     * Written from the machines.
     *
     * @param list<string> $must
     * @param list<string> $never
     */
    #[TestWith(['dromvik_14c', 'svc-grease-pivots', ['Boom foot', 'Bucket pins'], ['Skip hinge']])]
    #[TestWith(['skarrow_17', 'svc-grease-pivots', ['Swing post and its ram', 'Blade arms and ram'], ['Body hinge']])]
    #[TestWith(['wexmoor_l7', 'svc-grease-pivots', ['Tilt ram and bell crank'], ['Boom foot']])]
    #[TestWith(['tarnhay_t9', 'svc-grease-pivots', ['Boom pivot and lift ram'], ['Boom foot', 'Arm pin at the boom']])]
    #[TestWith(['eskrigg_6s', 'svc-grease-pivots', ['Swivel plate and its ram', 'Skip hinge'], ['Body hinge']])]
    #[TestWith(['halsafell_d6', 'svc-grease-pivots', ['Push-arm trunnions', 'Ripper rams and links'], ['Boom foot']])]
    #[TestWith(['mossgill_t26', 'svc-grease-pivots', ['Loader arms at the frame'], ['Lift rams, both ends']])]
    #[TestWith(['eskrigg_3s', 'svc-grease-joint', ['Joint, upper bearing', 'Joint, lower bearing'], []])]
    #[TestWith(['orrick_25g', 'svc-mast-grease', ['Mast pivots', 'Tilt rams, both ends'], []])]
    #[TestWith(['mossgill_122', 'svc-deck-grease', ['Deck spindles'], []])]
    public function test_each_machine_has_its_own_places(string $model, string $point, array $must, array $never): void
    {
        $names = array_column($this->round($model, $point), 'name');

        self::assertSame([], array_diff($must, $names), 'not named');
        self::assertSame([], array_intersect($never, $names), 'named, and not there');
        self::assertSame($names, array_values(array_unique($names)));
    }

    /** A law over every model: a place lies on a part that its drawing has, or a mark would point at nothing. */
    public function test_every_place_of_every_model_lies_on_its_drawing_and_none_is_without_a_nipple(): void
    {
        $catalogue = RealCatalogue::get();
        $seen = 0;
        foreach ($catalogue->models as $model) {
            $family = $catalogue->family($model->familyId);
            $parts = array_column($family->parts, 'id');
            foreach ($catalogue->programmeOf($model)->points as $point) {
                foreach ($this->round($model->id, $point->id) as $spot) {
                    $seen++;
                    self::assertContains($spot->part ?? $parts[0], $parts, "{$model->id}: {$spot->name}");
                    self::assertGreaterThan(0, $spot->nipples * $spot->strokes);
                }
            }
        }
        self::assertGreaterThan(100, $seen);
    }

    /** From front left clockwise the bucket of an excavator comes before its blade or counterweight side. */
    public function test_the_places_follow_the_way_round_and_turn_with_it(): void
    {
        $catalogue = RealCatalogue::get();
        $shown = 0;
        foreach ($catalogue->models as $model) {
            foreach ([Turn::Clockwise, Turn::CounterClockwise] as $turn) {
                $family = $catalogue->family($model->familyId);
                $route = Route::round($family, Corner::RearRight, $turn);
                $round = GreaseRound::on($family, $catalogue->featuresOf($model), $route);
                foreach ($catalogue->programmeOf($model)->points as $point) {
                    $walked = [];
                    foreach ($round->of($point) as $spot) {
                        $place = $round->place($spot);
                        $shown += $place === null ? 0 : 1;
                        // What the drawing does not show comes last.
                        $walked[] = $place === null ? INF : $route->distanceToSpot($place);
                    }
                    $sorted = $walked;
                    sort($sorted);
                    self::assertSame($sorted, $walked, "{$model->id}: {$point->id}");
                }
            }
        }
        self::assertGreaterThan(100, $shown, 'places that a drawing shows');
        // Front to the left: from the front left corner the skip comes first, from the rear right one last.
        $first = array_column($this->round('eskrigg_6s', 'svc-grease-pivots', Corner::FrontLeft), 'part');
        self::assertSame('skip', $first[0]);
    }

    /** @return list<GreaseSpot> */
    private function round(string $model, string $point, Corner $from = Corner::FrontLeft): array
    {
        $catalogue = RealCatalogue::get();
        $machine = $catalogue->model($model);
        $family = $catalogue->family($machine->familyId);
        $round = GreaseRound::on(
            $family,
            $catalogue->featuresOf($machine),
            Route::round($family, $from, Turn::Clockwise),
        );

        return $round->of($catalogue->programmeOf($machine)->points[$point]);
    }
}
