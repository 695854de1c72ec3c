<?php

declare(strict_types=1);

namespace App;

/** Sentences of lang/ in the reader's language. */
final class Words
{
    /** @param  array<string, string|int>  $figures */
    public static function say(string $key, array $figures = []): string
    {
        $words = trans($key, $figures);

        return is_string($words) ? $words : $key;
    }
}
