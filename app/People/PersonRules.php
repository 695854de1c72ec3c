<?php

declare(strict_types=1);

namespace App\People;

use App\Words;
use Illuminate\Validation\Rule;

/** What a new person's names and first password have to be, wherever they are added. */
final class PersonRules
{
    /** The only letters of a name that somebody signs in with: no two of them look alike to a database. */
    public const LOGIN = '/^[a-z][a-z0-9._-]{1,39}$/D';

    /** @return array<string, list<mixed>> */
    public static function all(string $login): array
    {
        return [
            'name' => ['required', 'string', 'max:80', new PlainText],
            // Names to sign in with are one for the whole firm: the sign-in page does not ask for a yard.
            'login' => ['required', 'string', 'regex:'.self::LOGIN, Rule::unique('users', 'login')],
            'initials' => ['required', 'string', 'regex:/^\p{Lu}{1,3}$/Du'],
            'password' => ['required', 'string', 'max:200', new GoodPassword($login)],
        ];
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        return [
            'login.regex' => Words::say('problems.login_letters.detail'),
            'login.unique' => Words::say('problems.login_taken.detail'),
            'initials.regex' => Words::say('problems.initials_letters.detail'),
        ];
    }
}
