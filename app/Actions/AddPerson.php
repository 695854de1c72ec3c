<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Models\Role;
use App\Models\User;

/** Somebody new in the yard, with a first password that they change themselves. */
final readonly class AddPerson
{
    public function __construct(private WriteAudit $audit)
    {
    }

    public function __invoke(
        string $name,
        string $login,
        string $initials,
        Role $role,
        string $password,
        User $by,
    ): User {
        $person = User::query()->create([
            'name' => $name,
            'login' => $login,
            'initials' => $initials,
            'role' => $role,
            'password' => $password,
        ]);
        ($this->audit)(AuditKind::PersonAdded, $by, $name, after: ['login' => $login, 'role' => $role->value]);

        return $person;
    }
}
