<?php

declare(strict_types=1);

namespace Bench;

use App\Models\User;
use App\Presenters\PresentDay;
use Carbon\CarbonImmutable;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use PDO;

/**
 * What the day's page costs in a large yard.
 *
 * day_p95_ms: GET /api/day. Floor: the same queries bare, sent and fetched without the application, and the empty route.
 */
final class DayBench
{
    private const TIMES = 40;

    private const TIMES_THE_FLOOR = 4;

    /** @return iterable<Figure> */
    public function figures(Application $app, PostBench $posts): iterable
    {
        $queries = self::queriesOfTheDay($app);
        $pdo = DB::connection()->getPdo();
        $bare = Spread::ofCalls(self::TIMES, static function () use ($queries, $pdo): void {
            foreach ($queries as $query) {
                $statement = $pdo->prepare($query->sql);
                $statement->execute($query->connection->prepareBindings($query->bindings));
                $statement->fetchAll(PDO::FETCH_OBJ);
            }
        });
        $tablet = $posts->tablet();
        $tablet->get('/api/day');
        $day = Spread::ofCalls(self::TIMES, static fn (): int => $tablet->get('/api/day')->getStatusCode() === 200 ? 200 : throw new \RuntimeException('The day was not served.'));
        $floor = $bare->percentile(95) + $posts->emptyRoute()->percentile(95);

        yield Figure::atMost('day_queries', count($queries), '', null, null);
        yield Figure::atMost('day_p50_ms', $day->percentile(50), 'ms', null, null);
        yield Figure::atMost('day_p95_ms', $day->percentile(95), 'ms', $floor, $floor * self::TIMES_THE_FLOOR);
    }

    /** @return list<QueryExecuted> */
    private static function queriesOfTheDay(Application $app): array
    {
        $queries = [];
        DB::listen(static function (QueryExecuted $query) use (&$queries): void {
            $queries[] = $query;
        });
        $now = CarbonImmutable::now();
        $app->make(PresentDay::class)->of(
            $now->setTimezone((string) config('jade.yard.timezone'))->startOfDay(),
            $now,
            User::query()->firstOrFail(),
        );
        DB::connection()->unsetEventDispatcher();

        return $queries;
    }
}
