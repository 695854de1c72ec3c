<?php

declare(strict_types=1);

namespace App\People;

/**
 * The passwords that are tried first, as the first 64 bits of their SHA-256.
 *
 * Source: the entries of ten characters or more of the password list of the npm package @zxcvbn-ts/language-common
 * 4.1.3 (MIT licence), in lower case.
 */
final class CommonPasswords
{
    public static function has(string $password): bool
    {
        $file = (string) file_get_contents(__DIR__.'/common-passwords.sha256');

        return str_contains($file, substr(hash('sha256', mb_strtolower($password)), 0, 16)."\n");
    }
}
