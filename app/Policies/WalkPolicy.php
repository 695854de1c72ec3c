<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;
use App\Models\Walk;

final class WalkPolicy
{
    public function view(User $user, Walk $walk): bool
    {
        return true;
    }

    /** Who may post at all; each kind of entry asks again for itself. */
    public function post(User $user, Walk $walk): bool
    {
        return $user->role !== Role::Auditor;
    }
}
