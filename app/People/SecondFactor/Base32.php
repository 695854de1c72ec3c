<?php

declare(strict_types=1);

namespace App\People\SecondFactor;

/** Bytes in letters that can be read aloud and typed. Source: RFC 4648 section 6, here without padding. */
final class Base32
{
    private const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    public static function of(string $bytes): string
    {
        $bits = implode('', array_map(
            static fn (string $byte): string => str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT),
            $bytes === '' ? [] : str_split($bytes),
        ));
        $letters = '';
        foreach ($bits === '' ? [] : str_split($bits, 5) as $five) {
            $letters .= self::LETTERS[(int) bindec(str_pad($five, 5, '0'))];
        }

        return $letters;
    }
}
