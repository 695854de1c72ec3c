<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

use JadeLedger\Core\Equipment\Features;

/** The service points of a machine, and which of them are done with which. */
final readonly class Programme
{
    /**
     * @param array<string, ServicePoint> $points
     * @param array<string, list<string>> $within all that is done with a point, at whatever depth
     */
    private function __construct(public array $points, private array $within)
    {
    }

    /**
     * @param list<ServicePoint> $points a point may contain one that the machine does not have
     *
     * @throws ProgrammeNestsInACircle
     */
    public static function of(array $points): self
    {
        $byId = array_column($points, null, 'id');

        return new self($byId, array_map(
            static fn (ServicePoint $point): array => self::inside($point, $byId, [$point->id]),
            $byId,
        ));
    }

    /** @param  list<ServicePoint>  $points of the whole catalogue */
    public static function for(array $points, Features $features): self
    {
        return self::of(array_values(array_filter(
            $points,
            static fn (ServicePoint $point): bool => $point->applies->holdsFor($features),
        )));
    }

    /** @return list<string> points that are done with this one, itself left out */
    public function doneWith(string $id): array
    {
        return $this->within[$id] ?? [];
    }

    /**
     * The last time that each point was done, on its own or with a larger one.
     *
     * @param list<WorkDone> $work in any order
     * @return array<string, WorkDone> by point; none where it was never recorded
     */
    public function last(array $work): array
    {
        $last = [];
        foreach ($work as $done) {
            foreach ([$done->point, ...$this->doneWith($done->point)] as $id) {
                if (! isset($last[$id]) || $done->isAfter($last[$id])) {
                    $last[$id] = $done;
                }
            }
        }

        return array_intersect_key($last, $this->points);
    }

    /**
     * @param array<string, ServicePoint> $points
     * @param list<string> $way
     * @return list<string>
     */
    private static function inside(ServicePoint $point, array $points, array $way): array
    {
        $found = [];
        foreach ($point->contains as $id) {
            if (in_array($id, $way, true)) {
                throw new ProgrammeNestsInACircle([...$way, $id]);
            }
            $inner = $points[$id] ?? null;
            $found = [...$found, $id, ...($inner === null ? [] : self::inside($inner, $points, [...$way, $id]))];
        }

        return array_values(array_unique($found));
    }
}
