<?php

declare(strict_types=1);

namespace App\People;

use App\Words;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * Long enough, not one that everybody tries, and not the name it belongs to. No rule asks for signs or digits.
 *
 * Source: NIST SP 800-63B section 5.1.1.2, from memory, to be confirmed.
 */
final readonly class GoodPassword implements ValidationRule
{
    public const SHORTEST = 10;

    /** Different ones: "aaaaaaaaaa" is long and no password. */
    private const FEWEST_LETTERS = 4;

    public function __construct(private string $login)
    {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (! is_string($value)) {
            return;
        }
        if (mb_strlen($value) < self::SHORTEST) {
            $fail(Words::say('problems.password_too_short.detail', ['shortest' => self::SHORTEST]));
        } elseif (CommonPasswords::has($value) || count(array_unique(mb_str_split($value))) < self::FEWEST_LETTERS) {
            $fail(Words::say('problems.password_too_common.detail'));
        } elseif ($this->login !== '' && str_contains(mb_strtolower($value), mb_strtolower($this->login))) {
            $fail(Words::say('problems.password_holds_the_name.detail'));
        }
    }
}
