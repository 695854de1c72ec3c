<?php

declare(strict_types=1);

namespace App\Search;

use App\Http\QueryText;
use App\Models\MachineStanding;
use Illuminate\Http\Request;

/** What is asked of the list of the fleet. */
final readonly class FleetFilter
{
    /**
     * @param string $search a part of the fleet number or the serial; empty for all
     * @param string $family id of a family; empty for all
     */
    private function __construct(
        public string $search,
        public string $family,
        public ?MachineStanding $standing,
        public ?FleetOnly $only,
    ) {
    }

    /** What is no standing, or nothing that is looked for, is as if there were nothing. */
    public static function of(Request $request): self
    {
        return new self(
            QueryText::of($request, 'search', 40),
            QueryText::of($request, 'family', 60),
            MachineStanding::tryFrom(QueryText::of($request, 'standing', 20)),
            FleetOnly::tryFrom(QueryText::of($request, 'only', 20)),
        );
    }
}
