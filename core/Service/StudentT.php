<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

/**
 * Quantiles of Student's t, by the incomplete beta function.
 *
 * Source: Abramowitz & Stegun, Handbook of Mathematical Functions, 26.5.8 and 26.7.1.
 */
final class StudentT
{
    private const STEPS = 200;

    /**
     * By Newton's method from nought: right of nought the function only bends down, so each step stops short of the
     * value and none goes past it.
     *
     * @param float $p above 0.5 and below 1
     * @param int $freedom degrees of freedom, at least 1
     */
    public static function quantile(float $p, int $freedom): float
    {
        $t = 0.0;
        for ($step = 0; $step < self::STEPS; $step++) {
            $further = ($p - self::below($t, $freedom)) / self::density($t, $freedom);
            $t += $further;
            if (abs($further) < 1e-12 * max(1.0, $t)) {
                break;
            }
        }

        return $t;
    }

    private static function density(float $t, int $freedom): float
    {
        return exp(self::logGamma(($freedom + 1) / 2) - self::logGamma($freedom / 2))
            / sqrt($freedom * M_PI) * (1 + $t ** 2 / $freedom) ** (-($freedom + 1) / 2);
    }

    /** How likely a value of at most t is, for t of at least 0. */
    private static function below(float $t, int $freedom): float
    {
        return 1 - self::incompleteBeta($freedom / ($freedom + $t ** 2), $freedom / 2, 0.5) / 2;
    }

    private static function incompleteBeta(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        $front = exp(
            self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * log($x) + $b * log(1 - $x),
        );

        return $x < ($a + 1) / ($a + $b + 2)
            ? $front * self::fraction($x, $a, $b) / $a
            : 1 - $front * self::fraction(1 - $x, $b, $a) / $b;
    }

    /** The continued fraction of the incomplete beta function, by Lentz's method. */
    private static function fraction(float $x, float $a, float $b): float
    {
        $c = 1.0;
        $d = 1 / self::notNought(1 - ($a + $b) * $x / ($a + 1));
        $sum = $d;
        for ($m = 1; $m <= self::STEPS; $m++) {
            $even = $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $d = 1 / self::notNought(1 + $even * $d);
            $c = self::notNought(1 + $even / $c);
            $sum *= $d * $c;
            $odd = -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1));
            $d = 1 / self::notNought(1 + $odd * $d);
            $c = self::notNought(1 + $odd / $c);
            $sum *= $d * $c;
            if (abs($d * $c - 1) < 1e-14) {
                break;
            }
        }

        return $sum;
    }

    private static function notNought(float $value): float
    {
        return abs($value) < 1e-300 ? 1e-300 : $value;
    }

    /** Stirling's series, from where it is good to the last digit. Abramowitz & Stegun 6.1.41. */
    private static function logGamma(float $z): float
    {
        $shift = 0.0;
        for (; $z < 12; $z++) {
            $shift -= log($z);
        }

        return $shift + ($z - 0.5) * log($z) - $z + 0.5 * log(2 * M_PI)
            + 1 / (12 * $z) - 1 / (360 * $z ** 3) + 1 / (1260 * $z ** 5) - 1 / (1680 * $z ** 7);
    }
}
