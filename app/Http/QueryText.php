<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** A text that may stand behind the question mark of an address; anything else there is as if there were nothing. */
final class QueryText
{
    public static function of(Request $request, string $name, int $longest = 80): string
    {
        $text = $request->query($name);

        return is_string($text) ? mb_substr(trim($text), 0, $longest) : '';
    }
}
