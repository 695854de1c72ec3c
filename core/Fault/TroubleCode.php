<?php

declare(strict_types=1);

namespace JadeLedger\Core\Fault;

/** What is wrong, by suspect parameter and failure mode, and how often it came. */
final readonly class TroubleCode
{
    private const HIGHEST_PARAMETER = 524_287;

    /** Source: SAE J1939-73, DM1 with no active code. */
    private const NO_FAULT = '00000000';

    /** Source: SAE J1939-73, occurrence count not available. */
    private const COUNT_UNKNOWN = 127;

    /** The lower seven bits of the last byte; the eighth is the conversion method. Source: SAE J1939-73. */
    private const OF_COUNT = 0b0111_1111;

    /** The lower five bits of the third byte; the upper three belong to the parameter. Source: SAE J1939-73. */
    private const OF_MODE = 0b0001_1111;

    private function __construct(public int $parameter, public FailureMode $mode, public ?int $occurrences)
    {
    }

    /** @throws NoSuchCode */
    public static function of(int $parameter, int $mode, ?int $occurrences = null): self
    {
        return $parameter < 0 || $parameter > self::HIGHEST_PARAMETER
            ? throw NoSuchCode::parameter($parameter)
            : new self($parameter, FailureMode::of($mode), $occurrences);
    }

    /**
     * From the four bytes of a diagnostic message, as eight hexadecimal digits; nothing where they say that there is no
     * fault.
     *
     * Source: SAE J1939-73, conversion version 4.
     *
     * @throws NoSuchCode when they are not four bytes, or packed in an older way
     */
    public static function fromBytes(string $hex): ?self
    {
        $bytes =
            preg_match('/^[0-9A-Fa-f]{8}$/D', $hex) === 1
                ? array_map(hexdec(...), str_split($hex, 2))
                : throw NoSuchCode::bytes($hex);
        [$low, $middle, $high, $last] = array_map(intval(...), $bytes);
        if ($last >> 7 === 1) {
            throw NoSuchCode::bytes($hex);
        }

        $count = $last & self::OF_COUNT;

        return $hex === self::NO_FAULT
            ? null
            : self::of(
                $low + 256 * $middle + 65_536 * ($high >> 5),
                $high & self::OF_MODE,
                $count === self::COUNT_UNKNOWN ? null : $count,
            );
    }
}
