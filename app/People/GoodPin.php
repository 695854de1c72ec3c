<?php

declare(strict_types=1);

namespace App\People;

use App\Words;
use Illuminate\Contracts\Validation\ValidationRule;

/** Four to eight digits that are no run and not all the same. */
final readonly class GoodPin implements ValidationRule
{
    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (! is_string($value) || preg_match('/^\d{4,8}$/D', $value) !== 1) {
            $fail(Words::say('problems.pin_digits.detail'));
        } elseif (preg_match('/^(\d)\1+$/D', $value) === 1 || str_contains('01234567890', $value) || str_contains('09876543210', $value)) {
            $fail(Words::say('problems.pin_too_easy.detail'));
        }
    }
}
