<?php

declare(strict_types=1);

/** Measures everything of bench/ on a yard of its own and prints it: see bin/bench. */

use App\Catalogue\CatalogueRepository;
use App\Keys\EntrySeal;
use App\Ledger\RebuildProjections;
use App\Ledger\RefreshForecasts;
use App\Ledger\VerifyLedger;
use App\Models\User;
use App\Presenters\HorizonAsked;
use App\Presenters\PresentDay;
use App\Presenters\PresentHorizon;
use App\Search\SearchYard;
use Bench\BenchYard;
use Bench\BriefBench;
use Bench\Figure;
use Bench\FirstLoadBench;
use Bench\ForecastBench;
use Bench\LargeLedger;
use Bench\LimitsBench;
use Bench\PageBench;
use Bench\PlanBench;
use Bench\PostBench;
use Bench\RebuildBench;
use Bench\TelematicsBench;
use Bench\TouchBench;
use Bench\VerifyBench;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Filesystem\Filesystem;
use Tests\Support\ApartStack;

require __DIR__.'/../vendor/autoload.php';

const POSTED_MODEL = 'dromvik_14c';
const SEARCH_AT_MOST_MS = 60.0;
const LARGE_MACHINES = 10_000;
const LARGE_ENTRIES = 1_000_000;

$isLarge = in_array('--large', $argv, true);

$folder = dirname(__DIR__).'/storage/bench-yard';
(new Filesystem)->deleteDirectory($folder);
fwrite(STDERR, "  Starting a yard of its own\n");
$stack = ApartStack::start($folder, 8390, 33390, [
    'DB_PERSISTENT' => 'true',
    'REQUESTS_A_MINUTE' => '1000000',
    'SESSION_DRIVER' => 'database',
    'CACHE_STORE' => 'database',
]);

/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$app->make('config')->set([
    'database.connections.mariadb.port' => $stack->databasePort,
    'database.connections.mariadb.database' => 'jade_apart',
]);

$figures = [];
$measure = static function (string $what, iterable $measured) use (&$figures): void {
    fwrite(STDERR, "  {$what}\n");
    foreach ($measured as $figure) {
        assert($figure instanceof Figure);
        $figures[$figure->name] = $figure;
        fwrite(STDERR, "    {$figure->line()}\n");
    }
};
try {
    if ($isLarge) {
        fwrite(STDERR, '  Seeding '.LARGE_ENTRIES." entries\n");
        $stack->artisan('yard:seed-demo');
        $again = (new LargeLedger($app->make(EntrySeal::class)))->grow(LARGE_ENTRIES);
        $measure('Rebuilding', (new RebuildBench)->figures($app->make(RebuildProjections::class)));
        $yard = new BenchYard($app, LARGE_MACHINES - $again, 0);
    } else {
        fwrite(STDERR, '  Seeding '.BenchYard::MACHINES * BenchYard::ENTRIES_A_MACHINE." entries\n");
        $yard = new BenchYard($app);
    }
    $hires = $yard->seed(PostBench::TECHNICIANS, POSTED_MODEL);
    $measure('Planning', (new PlanBench)->figures($app->make(CatalogueRepository::class)->current()));
    $measure('Briefing', (new BriefBench)->figures($app->make(CatalogueRepository::class)->current()));
    $measure('Limits', (new LimitsBench)->figures($app->make(CatalogueRepository::class)->current()));
    $measure('The hand', (new TouchBench)->figures($app->make(CatalogueRepository::class)->current()));
    $posts = new PostBench($stack->url, $hires);
    $now = CarbonImmutable::now();
    $today = $now->setTimezone((string) config('jade.yard.timezone'))->startOfDay();
    $day = new PageBench('day', '/api/day', 40, static fn (): array => $app->make(PresentDay::class)->of(
        $today,
        $now,
        User::query()->firstOrFail(),
    ));
    $horizon = new PageBench(
        'horizon',
        '/api/service',
        12,
        static fn (): array => $app->make(PresentHorizon::class)->ofFleet(new HorizonAsked(null, 'day', 0)),
    );
    $search = new PageBench(
        'fleet_search',
        '/api/search?words=B-12',
        40,
        static fn (): array => $app->make(SearchYard::class)('B-12'),
        SEARCH_AT_MOST_MS,
    );
    $measure('The day', $day->figures($posts));
    $measure('Searching', $search->figures($posts));
    $measure('Forecasts', (new ForecastBench)->figures($app->make(RefreshForecasts::class)));
    $measure('The horizon', $horizon->figures($posts));
    $measure('Posting', $posts->figures());
    $measure('Telematics', (new TelematicsBench($app))->figures());
    $measure('Verifying', (new VerifyBench)->figures($app->make(VerifyLedger::class)));
    $measure('The first load', (new FirstLoadBench)->figures($stack->url));
} finally {
    $stack->stop();
}
if (in_array('--json', $argv, true)) {
    echo json_encode(
        array_map(static fn (Figure $figure): array => $figure->toArray(), $figures),
        JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR,
    ),
    "\n";
} else {
    printf("%-44s %12s %-9s %12s   %-16s\n", 'figure', 'measured', '', 'floor', 'wanted');
    foreach ($figures as $figure) {
        echo $figure->line(), "\n";
    }
}
