<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

/**
 * When the acts of a walk on paper happened: the sheet says only when it was begun and when it was ended, so each act
 * is put between the two after those before it, by the seconds that the acts take. Common practice, no source.
 */
final readonly class SheetTimes
{
    private function __construct(private int $seconds)
    {
    }

    /** @throws SheetEndsBeforeItBegins */
    public static function lasting(int $seconds): self
    {
        return $seconds < 0 ? throw SheetEndsBeforeItBegins::always() : new self($seconds);
    }

    /**
     * @param list<int> $taken seconds of each act, in the order of the sheet; zero and more
     * @return list<int> seconds after the beginning at which each was done; the last one is done at the end
     */
    public function of(array $taken): array
    {
        $all = array_sum($taken);
        $times = [];
        $sofar = 0;
        foreach ($taken as $at => $seconds) {
            $sofar += $seconds;
            $times[] = $all === 0
                ? intdiv($this->seconds * ($at + 1), count($taken))
                : intdiv($this->seconds * $sofar, $all);
        }

        return $times;
    }
}
