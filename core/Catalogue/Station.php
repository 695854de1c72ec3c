<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** Where the technician stands, what is pointed at from there, and which places of the machine can be reached. */
final readonly class Station
{
    /**
     * @param Point $shows the spot on the machine that the leader line ends on
     * @param Point|null $stands where the feet are; none at the start corner and in the seat
     * @param list<string> $places
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $direction,
        public StationKind $standing,
        public Point $shows,
        public ?Point $stands,
        public array $places,
        public ?string $part = null,
        public Level $level = Level::Ground,
    ) {
    }
}
