<?php

declare(strict_types=1);

namespace App\Presenters;

/** Which part of the horizon is asked for. */
final readonly class HorizonAsked
{
    public const PAGE = 100;

    /**
     * @param string|null $drawing of a family; none for all
     * @param 'day'|'clash' $first what stands on top
     * @param non-negative-int $from of how many machines before it the page begins
     */
    public function __construct(public ?string $drawing, public string $first, public int $from)
    {
    }
}
