<?php

declare(strict_types=1);

namespace Bench;

/** Many measurements of the same thing. */
final readonly class Spread
{
    /** @param  non-empty-list<float>  $sorted */
    private function __construct(private array $sorted)
    {
    }

    /** @param  list<float>  $measured */
    public static function of(array $measured): self
    {
        if ($measured === []) {
            throw new \LengthException('Nothing was measured.');
        }
        sort($measured);

        return new self($measured);
    }

    /**
     * Milliseconds that each of so many calls takes.
     *
     * @param callable(): mixed $call
     */
    public static function ofCalls(int $times, callable $call): self
    {
        $taken = [];
        for ($n = 0; $n < $times; $n++) {
            $began = hrtime(true);
            $call();
            $taken[] = (hrtime(true) - $began) / 1e6;
        }

        return self::of($taken);
    }

    /** The nearest-rank percentile. */
    public function percentile(int $percent): float
    {
        return $this->sorted[max(0, (int) ceil(count($this->sorted) * $percent / 100) - 1)];
    }

    public function mean(): float
    {
        return array_sum($this->sorted) / count($this->sorted);
    }

    public function largest(): float
    {
        return $this->sorted[count($this->sorted) - 1];
    }
}
