<?php

declare(strict_types=1);

namespace App\People;

use App\Models\User;
use App\Words;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\Hash;

/** The password of whoever is signed in, asked for again before something that it protects. */
final readonly class OwnPassword implements ValidationRule
{
    public function __construct(private User $user)
    {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (! is_string($value) || ! Hash::check($value, $this->user->getAuthPassword())) {
            $fail(Words::say('problems.not_your_password.detail'));
        }
    }
}
