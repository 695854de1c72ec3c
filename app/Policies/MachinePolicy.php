<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Machine;
use App\Models\Role;
use App\Models\User;

final class MachinePolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function view(User $user, Machine $machine): bool
    {
        return true;
    }

    /** Who may post at all; each kind of entry asks again for itself. */
    public function post(User $user, Machine $machine): bool
    {
        return $user->role !== Role::Auditor;
    }
}
