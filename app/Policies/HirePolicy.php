<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Hire;
use App\Models\Role;
use App\Models\User;

final class HirePolicy
{
    public function view(User $user, Hire $hire): bool
    {
        return true;
    }

    public function openWalk(User $user, Hire $hire): bool
    {
        return $user->role->walks();
    }

    /** Whoever hands over, and the office. */
    public function giveLink(User $user, Hire $hire): bool
    {
        return $user->role->handsOver() || $user->role->settles();
    }

    /** Who may post at all; each kind of entry asks again for itself. */
    public function post(User $user, Hire $hire): bool
    {
        return $user->role !== Role::Auditor;
    }
}
