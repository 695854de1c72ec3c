<?php

declare(strict_types=1);

namespace Bench;

use App\Presenters\PresentHorizon;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use PDO;

/**
 * What the service horizon costs in a large yard, every machine of which has readings and service behind it.
 *
 * horizon_p95_ms: GET /api/service. Floor: the same queries bare, sent and fetched without the application, and the
 * empty route.
 */
final class HorizonBench
{
    private const TIMES = 12;

    private const TIMES_THE_FLOOR = 4;

    /** @return iterable<Figure> */
    public function figures(Application $app, PostBench $posts): iterable
    {
        $queries = self::queries($app);
        $pdo = DB::connection()->getPdo();
        $bare = Spread::ofCalls(self::TIMES, static function () use ($queries, $pdo): void {
            foreach ($queries as $query) {
                $statement = $pdo->prepare($query->sql);
                $statement->execute($query->connection->prepareBindings($query->bindings));
                $statement->fetchAll(PDO::FETCH_OBJ);
            }
        });
        $tablet = $posts->tablet();
        $tablet->get('/api/service');
        $horizon = Spread::ofCalls(self::TIMES, static fn (): int => $tablet->get('/api/service')->getStatusCode() === 200
            ? 200
            : throw new \RuntimeException('The horizon was not served.'));
        $floor = $bare->percentile(95) + $posts->emptyRoute()->percentile(95);

        yield Figure::atMost('horizon_queries', count($queries), '', null, null);
        yield Figure::atMost('horizon_p95_ms', $horizon->percentile(95), 'ms', $floor, $floor * self::TIMES_THE_FLOOR);
    }

    /** @return list<QueryExecuted> */
    private static function queries(Application $app): array
    {
        $queries = [];
        DB::listen(static function (QueryExecuted $query) use (&$queries): void {
            $queries[] = $query;
        });
        $app->make(PresentHorizon::class)->ofFleet();
        DB::connection()->unsetEventDispatcher();

        return $queries;
    }
}
