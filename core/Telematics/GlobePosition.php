<?php

declare(strict_types=1);

namespace JadeLedger\Core\Telematics;

/** A place on the earth, in degrees. */
final readonly class GlobePosition
{
    /** Mean radius. Source: IUGG. */
    private const EARTH_KM = 6_371.0088;

    private function __construct(public float $latitude, public float $longitude)
    {
    }

    /** @return self|null none where there is no such place */
    public static function read(?string $latitude, ?string $longitude): ?self
    {
        if (! is_numeric($latitude) || ! is_numeric($longitude)) {
            return null;
        }

        return abs((float) $latitude) > 90 || abs((float) $longitude) > 180
            ? null
            : new self((float) $latitude, (float) $longitude);
    }

    /** Kilometres over the ground, by the haversine of the angle between. */
    public function kilometresTo(self $other, float $radius = self::EARTH_KM): float
    {
        [$from, $to] = [deg2rad($this->latitude), deg2rad($other->latitude)];
        $a = sin(($to - $from) / 2) ** 2
            + cos($from) * cos($to) * sin(deg2rad($other->longitude - $this->longitude) / 2) ** 2;

        return 2 * $radius * asin(min(1.0, sqrt($a)));
    }
}
