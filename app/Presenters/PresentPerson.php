<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Models\User;

final class PresentPerson
{
    /** @return array<string, string> */
    public static function of(User $user): array
    {
        return ['id' => $user->id, 'name' => $user->name, 'initials' => $user->initials];
    }

    /** @return array<string, string>|null */
    public static function orNull(?User $user): ?array
    {
        return $user === null ? null : self::of($user);
    }
}
