<?php

declare(strict_types=1);

namespace JadeLedger\Core\Ledger;

/**
 * JSON in the one form that everybody can hash to the same digest.
 *
 * Source: RFC 8785 (JSON Canonicalization Scheme): keys in UTF-16 code unit order, ECMAScript number text, no white
 * space, the shortest string escapes. Lists must be PHP lists; objects are \stdClass, or arrays that are no list. An
 * empty array is an empty list; write `new \stdClass` for an empty object.
 */
final class CanonicalJson
{
    /** @throws CanonicalJsonCannotExpress on NaN, infinities, broken UTF-8, integers beyond 2^53 and foreign types */
    public static function encode(mixed $value): string
    {
        return match (true) {
            $value === null => 'null',
            is_bool($value) => $value ? 'true' : 'false',
            is_int($value) => self::integer($value),
            is_float($value) => EcmaScriptNumber::text($value),
            is_string($value) => self::string($value),
            is_array($value) && array_is_list($value) => '['.implode(',', array_map(self::encode(...), $value)).']',
            is_array($value) => self::object($value),
            $value instanceof \stdClass => self::object(get_object_vars($value)),
            default => throw CanonicalJsonCannotExpress::type($value),
        };
    }

    /** @param  array<int|string, mixed>  $members */
    private static function object(array $members): string
    {
        $keyed = [];
        foreach ($members as $name => $member) {
            $keyed[] = [(string) $name, $member];
        }
        // UTF-16 big-endian bytes compare as code units do; UTF-8 bytes do not.
        usort($keyed, static fn (array $a, array $b): int => strcmp(self::utf16($a[0]), self::utf16($b[0])));
        $parts = array_map(
            static fn (array $pair): string => self::string($pair[0]).':'.self::encode($pair[1]),
            $keyed,
        );

        return '{'.implode(',', $parts).'}';
    }

    private static function integer(int $value): string
    {
        if (abs($value) > 9_007_199_254_740_992) {
            throw CanonicalJsonCannotExpress::integerBeyondDouble($value);
        }

        return (string) $value;
    }

    private static function string(string $value): string
    {
        try {
            return json_encode(
                $value,
                JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_LINE_TERMINATORS | JSON_THROW_ON_ERROR,
            );
        } catch (\JsonException $failure) {
            throw CanonicalJsonCannotExpress::text($failure->getMessage());
        }
    }

    private static function utf16(string $text): string
    {
        return mb_convert_encoding($text, 'UTF-16BE', 'UTF-8');
    }
}
