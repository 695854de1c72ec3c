<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\Station;
use JadeLedger\Core\Service\ServicePoint;

/** Where the service points of a model are, and the order in which one comes to them on the way round it. */
final readonly class ServiceRound
{
    public function __construct(private Family $family, private MachineModel $model, private Route $route)
    {
    }

    /** Where one stands for it: the first of its places that this machine has; none where it has none of them. */
    public function stationOf(ServicePoint $point): ?Station
    {
        foreach ($this->model->servicePlaces[$point->id] ?? $this->model->here($point->places) as $place) {
            $station = $this->family->stationFor($place);
            if ($station !== null) {
                return $station;
            }
        }

        return null;
    }

    /**
     * @param list<ServicePoint> $points
     * @return list<string> their ids in walking order; at one station as they are given, without a station last
     */
    public function order(array $points): array
    {
        $ids = array_map(static fn (ServicePoint $point): string => $point->id, $points);
        $walked = array_map($this->walked(...), $points);
        // Two sorts of the same numbers keep what is at one station in the order that was given.
        array_multisort($walked, array_keys($ids), $ids);

        return $ids;
    }

    /** Centimetres from the start corner. */
    private function walked(ServicePoint $point): float
    {
        $station = $this->stationOf($point);

        return $station === null ? INF : $this->route->distanceTo($station);
    }
}
