<?php

declare(strict_types=1);

namespace Tests\Core\Walk;

use App\Catalogue\BuildCatalogue;
use App\Catalogue\CompiledCatalogue;
use App\Catalogue\CrossCheckCatalogue;
use JadeLedger\Core\Catalogue\Corner;
use JadeLedger\Core\Catalogue\Turn;
use JadeLedger\Core\Walk\Route;
use JadeLedger\Core\Walk\ServiceRound;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\RealCatalogue;

/** Where the points are is common practice, no source; a maker's manual wins. */
final class ServiceRoundTest extends TestCase
{
    #[TestWith(['dromvik_14c', 'svc-oil', 'Engine'], 'where such points are on other machines')]
    #[TestWith(['halsafell_d6', 'svc-separator', 'Tanks'], 'this one drains under its tank')]
    #[TestWith(['halsafell_d6', 'svc-track-bolts', 'Right track'])]
    public function test_a_point_is_where_this_model_has_it(string $model, string $point, string $station): void
    {
        $catalogue = RealCatalogue::get();
        $points = $catalogue->programmeOf($catalogue->model($model))->points;

        self::assertSame($station, self::round($model, Turn::Clockwise)->stationOf($points[$point])?->name);
    }

    /** Laws over every model: nothing is lost or doubled, and what is nearer to the start corner comes first. */
    #[TestWith([Turn::Clockwise])]
    #[TestWith([Turn::CounterClockwise])]
    public function test_the_round_visits_every_point_once_and_never_turns_back(Turn $turn): void
    {
        $catalogue = RealCatalogue::get();
        $turned = 0;
        foreach ($catalogue->models as $model) {
            $points = $catalogue->programmeOf($model)->points;
            $round = self::round($model->id, $turn);
            $order = $round->order(array_values($points));
            self::assertEqualsCanonicalizing(array_keys($points), $order);
            $route = self::route($model->familyId, $turn);
            $before = 0.0;
            foreach ($order as $id) {
                $station = $round->stationOf($points[$id]);
                $walked = $station === null ? INF : $route->distanceTo($station);
                self::assertGreaterThanOrEqual($before, $walked, "{$model->id}: {$id}");
                $turned += $walked > $before ? 1 : 0;
                $before = $walked;
            }
        }
        self::assertGreaterThan(40, $turned, 'all points lay at one place');
    }

    #[TestWith(['svc-nothing', 'fuel_tank', "says where 'svc-nothing' is, which is no service point"])]
    #[TestWith(['svc-oil', 'moon', "puts 'svc-oil' at 'moon', where its family has no station"])]
    public function test_a_place_that_is_none_is_refused(string $point, string $place, string $what): void
    {
        $trees = RealCatalogue::compiled()->trees;
        $trees['models/halsafell_d6.yaml']['service_places'] = [$point => [$place]];
        $catalogue = (new BuildCatalogue)->from(CompiledCatalogue::stored('trial', $trees));
        $faults = (new CrossCheckCatalogue($catalogue, $trees, RealCatalogue::get()))->faults();

        $told = implode(' ', array_map(static fn ($one): string => $one->sentence(), $faults));
        self::assertStringContainsString($what, $told);
    }

    #[TestWith(['svc-oil', 'rear', "says where 'svc-oil' is, which is neither a place of its family nor a check"])]
    #[TestWith(['battery', 'moon', "puts 'battery' at 'moon', where its family has no station"])]
    public function test_a_place_that_is_moved_nowhere_is_refused(string $what, string $place, string $words): void
    {
        $trees = RealCatalogue::compiled()->trees;
        $trees['models/halsafell_d6.yaml']['places'] = [$what => $place];
        $catalogue = (new BuildCatalogue)->from(CompiledCatalogue::stored('trial', $trees));
        $faults = (new CrossCheckCatalogue($catalogue, $trees, RealCatalogue::get()))->faults();

        $told = implode(' ', array_map(static fn ($one): string => $one->sentence(), $faults));
        self::assertStringContainsString($words, $told);
    }

    private static function round(string $modelId, Turn $turn): ServiceRound
    {
        $catalogue = RealCatalogue::get();
        $model = $catalogue->model($modelId);

        return new ServiceRound($catalogue->family($model->familyId), $model, self::route($model->familyId, $turn));
    }

    private static function route(string $familyId, Turn $turn): Route
    {
        return Route::round(RealCatalogue::get()->family($familyId), Corner::FrontRight, $turn);
    }
}
