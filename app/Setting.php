<?php

declare(strict_types=1);

namespace App;

/** What config/ says, as the type that is asked for: what comes from the environment is text there. */
final class Setting
{
    /** Empty where it is not set. */
    public static function text(string $name): string
    {
        $value = config($name);

        return is_scalar($value) ? (string) $value : '';
    }

    /** @throws \LogicException where it is no number */
    public static function number(string $name): int
    {
        $value = config($name);

        return is_numeric($value) ? (int) $value : throw new \LogicException("The setting {$name} is no number.");
    }
}
