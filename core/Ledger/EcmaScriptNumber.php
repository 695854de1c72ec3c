<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

/**
 * The text of a double as ECMAScript writes it.
 *
 * Source: RFC 8785 section 3.2.2.3, which takes the Number-to-String rule of ECMA-262.
 */
final class EcmaScriptNumber
{
    /** @throws CanonicalJsonCannotExpress on NaN and infinities */
    public static function text(float $value): string
    {
        if (! is_finite($value)) {
            throw CanonicalJsonCannotExpress::notFinite();
        }
        if ($value === 0.0) {
            return '0';
        }
        [$mantissa, $exponent] = explode('e', self::shortest(abs($value)));
        [$whole, $fraction] = array_pad(explode('.', $mantissa), 2, '');
        $point = strlen($whole) + (int) $exponent;
        $padded = $whole.$fraction;
        $point -= strlen($padded) - strlen(ltrim($padded, '0'));
        $digits = rtrim(ltrim($padded, '0'), '0');

        return ($value < 0 ? '-' : '').self::place($digits, $point);
    }

    /** The fewest digits that read back to the same double, whatever the ini settings say about precision. */
    private static function shortest(float $value): string
    {
        for ($digits = 0; $digits < 16; $digits++) {
            $text = sprintf("%.{$digits}e", $value);
            if ((float) $text === $value) {
                return $text;
            }
        }

        return sprintf('%.16e', $value);
    }

    /** @param  int  $point where the decimal point stands, counted from the left of the digits */
    private static function place(string $digits, int $point): string
    {
        $count = strlen($digits);

        return match (true) {
            $count <= $point && $point <= 21 => str_pad($digits, $point, '0'),
            $point > 0 && $point <= 21 => substr($digits, 0, $point).'.'.substr($digits, $point),
            $point > -6 && $point <= 0 => '0.'.str_repeat('0', -$point).$digits,
            default => $digits[0].
                ($count > 1 ? '.'.substr($digits, 1) : '').
                'e'.
                ($point > 0 ? '+' : '-').
                abs($point - 1),
        };
    }
}
