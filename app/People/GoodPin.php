<?php

declare(strict_types=1);

namespace App\People;

use App\Words;
use Illuminate\Contracts\Validation\ValidationRule;

/** Four to eight digits that are no run, no pair that is repeated and no year of a life. */
final readonly class GoodPin implements ValidationRule
{
    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (! is_string($value) || preg_match('/^\d{4,8}$/D', $value) !== 1) {
            $fail(Words::say('problems.pin_digits.detail'));
        } elseif (self::isTooEasy($value)) {
            $fail(Words::say('problems.pin_too_easy.detail'));
        }
    }

    private static function isTooEasy(string $pin): bool
    {
        return preg_match('/^(\d{1,3})\1+$/D', $pin) === 1
            || preg_match('/^(19|20)\d\d$/D', $pin) === 1
            || str_contains('01234567890', $pin)
            || str_contains('09876543210', $pin);
    }
}
