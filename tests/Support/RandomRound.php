<?php

declare(strict_types=1);

namespace Tests\Support;

use JadeLedger\Core\Catalogue\Box;
use JadeLedger\Core\Catalogue\Corner;
use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Catalogue\Point;
use JadeLedger\Core\Catalogue\Station;
use JadeLedger\Core\Catalogue\StationKind;
use JadeLedger\Core\Catalogue\Turn;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use JadeLedger\Core\Walk\OrderStage;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\Route;
use JadeLedger\Core\Walk\RouteOptimizer;
use JadeLedger\Core\Walk\RouteStop;

/** A machine of a random size with stations at random round it, some of which wait for others; and how far it is. */
final readonly class RandomRound
{
    /** @param  list<string>  $way stations in the order in which they are walked */
    private function __construct(public float $planned, public float $exact, public array $way)
    {
    }

    /** @param  int  $seed the same seed gives the same machine */
    public static function of(int $stations, int $seed): self
    {
        mt_srand($seed);
        $box = new Box(-mt_rand(80, 500), -mt_rand(40, 150), mt_rand(80, 400), mt_rand(40, 150));
        $stage = RealCatalogue::get()->stage('cold_isolated');
        $places = $lines = $waits = [];
        for ($at = 0; $at < $stations; $at++) {
            $places[] = self::station($at, $box);
            // A station waits for one that has a lower number, now and then: never in a circle.
            $waits[] = $at > 0 && mt_rand(0, 99) < 25 ? [mt_rand(0, $at - 1)] : [];
            $lines[] = new PlannedLine("c{$at}", self::check($at, $waits[$at]), "p{$at}", $stage);
        }
        shuffle($lines);
        $family = new Family('random', 'Random', 'none', new Features([]), $box, $places, []);
        $route = Route::round($family, Corner::cases()[mt_rand(0, 3)], Turn::cases()[mt_rand(0, 1)]);
        $shorten = new RouteOptimizer($route);
        $spots = array_map($route->spotOf(...), $places);
        $exact = new ExactRound(
            array_map(
                static fn (float $from): array => array_map(
                    static fn (float $to): float => $shorten->steps($from, $to),
                    $spots,
                ),
                $spots,
            ),
            array_map(static fn (float $to): float => $shorten->steps(0.0, $to), $spots),
            array_map(
                static fn (array $before): int => array_sum(array_map(static fn (int $one): int => 1 << $one, $before)),
                $waits,
            ),
        );

        $stops = $shorten->of((new OrderStage($family, $route))->of('cold_isolated', $lines));

        return new self(
            $shorten->length($stops),
            $exact->length(),
            array_map(static fn (RouteStop $stop): string => $stop->station->id, $stops),
        );
    }

    /** How much longer the planned way is than the shortest, as a share of it. */
    public function gap(): float
    {
        return $this->exact === 0.0 ? 0.0 : $this->planned / $this->exact - 1.0;
    }

    private static function station(int $at, Box $box): Station
    {
        $x = mt_rand((int) $box->left - 50, (int) $box->right + 50);
        $y = mt_rand((int) $box->top - 50, (int) $box->bottom + 50);
        $stands = match (mt_rand(0, 3)) {
            0 => new Point($x, $box->top - 50),
            1 => new Point($x, $box->bottom + 50),
            2 => new Point($box->left - 50, $y),
            default => new Point($box->right + 50, $y),
        };

        return new Station("s{$at}", "Station {$at}", '', StationKind::Beside, new Point($x, $y), $stands, ["p{$at}"]);
    }

    /** @param  list<int>  $after */
    private static function check(int $at, array $after): Check
    {
        return new Check(
            "c{$at}",
            "Check {$at}",
            '',
            '',
            '',
            '',
            ["p{$at}"],
            RealCatalogue::get()->check('hkp-clean')->needs,
            new Applicability(),
            [Occasion::Checkout],
            Severity::Note,
            10,
            AnswerKind::Look,
            new Source(SourceKind::CommonPractice, 'common practice, no source'),
            array_map(static fn (int $one): string => "c{$one}", $after),
        );
    }
}
