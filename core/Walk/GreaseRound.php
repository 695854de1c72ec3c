<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Catalogue\Part;
use JadeLedger\Core\Catalogue\Point;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Service\GreaseSpot;
use JadeLedger\Core\Service\ServicePoint;

/** The places of a service point in the order in which they are come to on the way round the machine. */
final readonly class GreaseRound
{
    /** @param  array<string, Point>  $places where each part of the machine lies, by its id */
    private function __construct(private Features $features, private array $places, private Route $route)
    {
    }

    public static function on(Family $family, Features $features, Route $route): self
    {
        return new self($features, array_column(array_map(
            static fn (Part $part): array => [$part->id, $part->box->middle()],
            $family->parts,
        ), 1, 0), $route);
    }

    /** @return list<GreaseSpot> those that this machine has; what the drawing does not show comes last */
    public function of(ServicePoint $point): array
    {
        $spots = array_values(array_filter(
            $point->spots,
            fn (GreaseSpot $spot): bool => $spot->applies->holdsFor($this->features),
        ));
        usort($spots, fn (GreaseSpot $a, GreaseSpot $b): int => $this->walked($a) <=> $this->walked($b));

        return $spots;
    }

    /** Where it lies on the drawing; nothing where the drawing does not show it. */
    public function place(GreaseSpot $spot): ?Point
    {
        return $spot->part === null ? null : $this->places[$spot->part] ?? null;
    }

    /** Centimetres from the start corner. */
    private function walked(GreaseSpot $spot): float
    {
        $place = $this->place($spot);

        return $place === null ? INF : $this->route->distanceToSpot($place);
    }
}
