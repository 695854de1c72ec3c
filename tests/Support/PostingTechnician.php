<?php

declare(strict_types=1);

namespace Tests\Support;

use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Support\Str;
use Psr\Http\Message\ResponseInterface;

/**
 * Posts without end and behaves as the outbox does: one batch under way, sent again as it was until the yard's ledger
 * says that it has it.
 */
final class PostingTechnician
{
    private const ENTRIES_A_BATCH = 3;

    /** @var list<array<string, mixed>> the batch that is not acknowledged yet */
    private array $batch = [];

    /** @var list<string> ids that the ledger said it has */
    public array $acknowledged = [];

    public int $sentAgain = 0;

    /** @var float when the ledger last said that it has something, in seconds */
    public float $lastAt = 0.0;

    /** @var float the longest time between two acknowledged batches, in seconds */
    public float $longestGap = 0.0;

    /** @var float when that was over */
    public float $longestGapEnded = 0.0;

    /** @var list<int> the status of each answer */
    public array $answers = [];

    /** @param  int  $pauseMs between two batches: how fast somebody enters things */
    public function __construct(
        private readonly Tablet $tablet,
        private readonly string $walkId,
        private readonly int $pauseMs = 0,
    ) {
    }

    /** Sends the batch in hand, or a new one; resolves to whether it was acknowledged. */
    public function send(): PromiseInterface
    {
        if ($this->batch === []) {
            $this->batch = array_map(static fn (): array => self::scrape(), range(1, self::ENTRIES_A_BATCH));
        } else {
            $this->sentAgain++;
        }

        return $this->tablet->postAsync(
            "/api/walks/{$this->walkId}/entries",
            ['entries' => $this->batch],
            $this->pauseMs,
        )->then(
            $this->take(...),
            // The server went away under the request: the tablet does not know whether it was stored.
            static fn (): bool => false,
        );
    }

    private function take(ResponseInterface $answer): bool
    {
        $this->answers[] = $answer->getStatusCode();
        if ($answer->getStatusCode() >= 500) {
            return false;
        }
        $body = json_decode((string) $answer->getBody(), true);
        if ($body === null) {
            // It was killed while it answered: what is cut off in the middle says nothing.
            return false;
        }
        foreach ($body['results'] ?? [['status' => "refused: {$answer->getBody()}"]] as $result) {
            if (! in_array($result['status'], ['posted', 'already_posted'], true)) {
                throw new \RuntimeException('An entry was refused: '.json_encode($result));
            }
            $this->acknowledged[] = $result['id'];
        }
        $this->batch = [];
        $now = microtime(true);
        if ($this->lastAt !== 0.0 && $now - $this->lastAt > $this->longestGap) {
            [$this->longestGap, $this->longestGapEnded] = [$now - $this->lastAt, $now];
        }
        $this->lastAt = $now;

        return true;
    }

    /** @return array<string, mixed> */
    private static function scrape(): array
    {
        return [
            'id' => (string) Str::uuid7(),
            'kind' => 'finding.placed',
            'recorded_at' => gmdate('Y-m-d\TH:i:s\Z'),
            'payload' => [
                'at' => ['x' => random_int(-40, 40), 'y' => random_int(-40, 40)],
                'kind' => 'scrape',
                'size_mm' => random_int(5, 90),
                'words' => 'Scrape '.Str::random(12),
                'photos' => [],
            ],
        ];
    }
}
