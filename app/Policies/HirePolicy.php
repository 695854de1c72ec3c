<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Hire;
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
}
