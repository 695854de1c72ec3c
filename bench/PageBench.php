<?php

declare(strict_types=1);

namespace Bench;

use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use PDO;

/**
 * What a page costs in a large yard. Floor: the same queries bare, sent and fetched without the application, and the
 * empty route.
 */
final readonly class PageBench
{
    private const TIMES_THE_FLOOR = 4;

    /**
     * @param string $name of the figures: name_queries, name_p50_ms, name_p95_ms
     * @param \Closure(): mixed $ask what the route asks the database
     * @param float|null $atMost milliseconds; four times the floor where nothing else is wanted
     */
    public function __construct(
        private string $name,
        private string $path,
        private int $times,
        private \Closure $ask,
        private ?float $atMost = null,
    ) {
    }

    /** @return iterable<Figure> */
    public function figures(PostBench $posts): iterable
    {
        $queries = $this->queries();
        $pdo = DB::connection()->getPdo();
        $bare = Spread::ofCalls($this->times, static function () use ($queries, $pdo): void {
            foreach ($queries as $query) {
                $statement = $pdo->prepare($query->sql);
                $statement->execute($query->connection->prepareBindings($query->bindings));
                $statement->fetchAll(PDO::FETCH_OBJ);
            }
        });
        $tablet = $posts->tablet();
        $tablet->get($this->path);
        $served = Spread::ofCalls($this->times, fn (): int => $tablet->get($this->path)->getStatusCode() === 200
            ? 200
            : throw new \RuntimeException("{$this->path} was not served."));
        $floor = $bare->percentile(95) + $posts->emptyRoute()->percentile(95);

        yield Figure::atMost("{$this->name}_queries", count($queries), '', null, null);
        yield Figure::atMost("{$this->name}_p50_ms", $served->percentile(50), 'ms', null, null);
        yield Figure::atMost(
            "{$this->name}_p95_ms",
            $served->percentile(95),
            'ms',
            $floor,
            $this->atMost ?? $floor * self::TIMES_THE_FLOOR,
        );
    }

    /** @return list<QueryExecuted> */
    private function queries(): array
    {
        $queries = [];
        $isAsked = true;
        DB::listen(static function (QueryExecuted $query) use (&$queries, &$isAsked): void {
            if ($isAsked) {
                $queries[] = $query;
            }
        });
        ($this->ask)();
        $isAsked = false;

        return $queries;
    }
}
