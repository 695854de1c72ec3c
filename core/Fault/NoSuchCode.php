<?php

declare(strict_types=1);

namespace JadeLedger\Core\Fault;

use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

/** A number that no trouble code has. */
final class NoSuchCode extends Refused
{
    public static function failureMode(int $number): self
    {
        return new self(
            "There is no failure mode {$number}. They go from 0 to 31.",
            new Sentence('no_failure_mode', ['number' => (string) $number]),
        );
    }

    public static function parameter(int $number): self
    {
        return new self(
            "There is no suspect parameter {$number}.",
            new Sentence('no_parameter', ['number' => (string) $number]),
        );
    }

    public static function bytes(string $hex): self
    {
        return new self(
            "\"{$hex}\" is not a trouble code of four bytes.",
            new Sentence('no_code', ['text' => $hex]),
        );
    }
}
