<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Photo;
use App\Models\User;

final class PhotoPolicy
{
    public function view(User $user, Photo $photo): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        // Of a machine, or of the card of whoever takes it.
        return $user->role->walks() || $user->role->handsOver();
    }
}
