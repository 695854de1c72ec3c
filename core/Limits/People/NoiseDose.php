<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\People;

/**
 * Noise of a day by two schools: the even level over eight hours, which doubles each 3 dB, and the dose, which doubles
 * each 5 dB.
 *
 * Source: ISO 1999 and Directive 2003/10/EC; 29 CFR 1910.95, appendix A.
 */
final readonly class NoiseDose
{
    private const HOURS = 8;

    /**
     * Level over eight hours, dB(A).
     *
     * @param list<Exposure> $exposures
     */
    public static function level(array $exposures): float
    {
        $sum = array_sum(
            array_map(static fn (Exposure $one): float => $one->hours * 10 ** ($one->level / 10), $exposures),
        );

        return 10 * log10($sum / self::HOURS);
    }

    /**
     * Percent of what is permissible in a day.
     *
     * @param list<Exposure> $exposures
     */
    public static function percent(array $exposures): float
    {
        return 100 *
            array_sum(
                array_map(
                    static fn (Exposure $one): float => $one->hours / (self::HOURS / 2 ** (($one->level - 90) / 5)),
                    $exposures,
                ),
            );
    }

    /** The even level that makes such a dose, dB(A). */
    public static function average(float $percent): float
    {
        return 16.61 * log10($percent / 100) + 90;
    }
}
