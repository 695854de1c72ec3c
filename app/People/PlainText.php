<?php

declare(strict_types=1);

namespace App\People;

use App\Words;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * A name on one line that reads as it is written: no control characters, and none that turn the direction of what
 * follows or have no width.
 *
 * Source: Unicode 15, general categories Cc, Cf, Cs, Co, Zl and Zp.
 */
final class PlainText implements ValidationRule
{
    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (is_string($value) && preg_match('/[\p{Cc}\p{Cf}\p{Cs}\p{Co}\p{Zl}\p{Zp}]/u', $value) !== 0) {
            $fail(Words::say('problems.not_plain_text.detail'));
        }
    }
}
