<?php

declare(strict_types=1);

namespace Bench;

use Database\Seeders\Demo\DemoAnswers;
use Database\Seeders\Demo\DemoReadings;
use GuzzleHttp\Promise\EachPromise;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Support\Str;
use Psr\Http\Message\ResponseInterface;
use Tests\Support\Tablet;

/**
 * What posting one entry costs, seen from the tablet.
 *
 * walk_open_p95_ms: opening a checkout, each technician one, one after another.
 * entry_post_p95_ms: the lines of a checkout one by one, by one technician and by twenty at once, each on a machine of
 * their own. Floor: an authenticated route that does nothing, by as many at once.
 */
final class PostBench
{
    public const TECHNICIANS = 20;

    private const POSTS = 24;

    private const TIMES_THE_FLOOR = 3;

    private const OPENING_AT_MOST_MS = 150.0;

    /** @var list<Tablet> */
    private array $tablets = [];

    /** @var list<list<array{string, array<string, mixed>}>> path and body of what each posts next */
    private array $posts = [];

    /** @var list<float> milliseconds that each opening took */
    private array $openings = [];

    /** @var list<int> up to which entry each knows their walk */
    private array $known = [];

    /** @param  list<string>  $hires of the technicians */
    public function __construct(string $url, array $hires)
    {
        foreach ($hires as $n => $hire) {
            $tablet = new Tablet($url);
            $tablet->signIn("technician{$n}", BenchYard::PASSWORD);
            $this->tablets[] = $tablet;
            [$this->posts[], $this->known[]] = $this->postsOf($tablet, $hire);
        }
    }

    /** @return iterable<Figure> */
    public function figures(): iterable
    {
        $openings = Spread::of($this->openings);
        yield Figure::atMost('walk_open_p50_ms', $openings->percentile(50), 'ms', null, null);
        yield Figure::atMost('walk_open_p95_ms', $openings->percentile(95), 'ms', null, self::OPENING_AT_MOST_MS);
        foreach ([1, self::TECHNICIANS] as $technicians) {
            $this->pulses($technicians, 4);
            $floor = $this->pulses($technicians, self::POSTS)->percentile(95);
            $posts = $this->at($technicians, self::POSTS, $this->postNext(...));
            yield Figure::atMost("entry_post_p50_ms.{$technicians}_at_once", $posts->percentile(50), 'ms', null, null);
            yield Figure::atMost(
                "entry_post_p95_ms.{$technicians}_at_once",
                $posts->percentile(95),
                'ms',
                $floor,
                $technicians === 1 ? null : $floor * self::TIMES_THE_FLOOR,
            );
        }
    }

    /** As a tablet does it: what it knows of the walk is not told again. */
    private function postNext(int $technician): PromiseInterface
    {
        [$path, $body] =
            array_shift($this->posts[$technician]) ?? throw new \LengthException('The walk has no more lines to post.');

        return $this->tablets[$technician]
            ->postAsync($path, $body + ['known_sequence' => $this->known[$technician]])
            ->then(function (ResponseInterface $answer) use ($technician): ResponseInterface {
                if (preg_match('/"state":\{"sequence":(\d+)/', (string) $answer->getBody(), $found) === 1) {
                    $this->known[$technician] = (int) $found[1];
                }

                return $answer;
            });
    }

    public function emptyRoute(): Spread
    {
        return $this->pulses(1, 60);
    }

    public function tablet(): Tablet
    {
        return $this->tablets[0];
    }

    private function pulses(int $technicians, int $times): Spread
    {
        return $this->at(
            $technicians,
            $times,
            fn (int $technician): PromiseInterface => $this->tablets[$technician]->getAsync('/api/pulse'),
        );
    }

    /**
     * Each technician sends the next request when the last one was answered.
     *
     * @param callable(int, int): PromiseInterface $send technician and how many went before
     * @return Spread milliseconds
     */
    private function at(int $technicians, int $times, callable $send): Spread
    {
        $taken = [];
        $free = range(0, $technicians - 1);
        $requests = (function () use ($technicians, $times, $send, &$taken, &$free): \Generator {
            for ($n = 0; $n < $technicians * $times; $n++) {
                $technician = array_shift($free);
                assert($technician !== null);
                $began = hrtime(true);
                yield $send($technician, intdiv($n, $technicians))->then(static function (
                    ResponseInterface $answer,
                ) use ($began, $technician, &$taken, &$free): void {
                    $taken[] = (hrtime(true) - $began) / 1e6;
                    $free[] = $technician;
                    $body = (string) $answer->getBody();
                    if ($answer->getStatusCode() >= 300 || str_contains($body, '"refused"')) {
                        throw new \RuntimeException("Not taken: {$answer->getStatusCode()} {$body}");
                    }
                });
            }
        })();
        (new EachPromise($requests, ['concurrency' => $technicians]))->promise()->wait();

        return Spread::of($taken);
    }

    /** @return array{list<array{string, array<string, mixed>}>, int} the crossings and lines of a checkout, each as it should be, and the entry by which it was opened */
    private function postsOf(Tablet $tablet, string $hire): array
    {
        $walk = (string) Str::uuid7();
        $began = hrtime(true);
        $opened = json_decode(
            (string) $tablet
                ->post("/api/hires/{$hire}/walks", [
                    'id' => $walk,
                    'movement' => 'checkout',
                    'recorded_at' => self::now(),
                ])
                ->getBody(),
            true,
        );
        $this->openings[] = (hrtime(true) - $began) / 1e6;
        $plan = $opened['plan'];
        $stages = array_column($plan['stages'], null, 'id');
        $conditions = array_column($plan['conditions'], null, 'id');
        $machine = json_decode((string) $tablet->get("/api/machines/{$opened['machine']['id']}")->getBody(), true);
        $answers = new DemoAnswers(new DemoReadings($opened['machine']['smr_hours']), $machine['serial']);
        $posts = [];
        $stage = null;
        foreach ($plan['visits'] as $visit) {
            if ($visit['stage'] !== $stage) {
                $stage = $visit['stage'];
                $posts[] = self::entry($walk, 'state.crossed', [
                    'stage' => $stage,
                    'confirmed' => array_column($stages[$stage]['lines'], 'id'),
                ]);
            }
            foreach ($visit['lines'] as $line) {
                $posts[] = self::entry($walk, ...$answers->of($line, $conditions));
            }
        }

        return [$posts, $opened['state']['sequence']];
    }

    /**
     * @param array<string, mixed> $payload
     * @return array{string, array<string, mixed>}
     */
    private static function entry(string $walk, string $kind, array $payload): array
    {
        return [
            "/api/walks/{$walk}/entries",
            [
                'entries' => [
                    [
                        'id' => (string) Str::uuid7(),
                        'kind' => $kind,
                        'recorded_at' => self::now(),
                        'payload' => $payload,
                    ],
                ],
            ],
        ];
    }

    private static function now(): string
    {
        return gmdate('Y-m-d\TH:i:s\Z');
    }
}
