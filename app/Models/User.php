<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property string $id
 * @property string $name
 * @property string $login
 * @property string $initials
 * @property Role $role
 * @property string $password
 */
final class User extends Authenticatable
{
    use HasUuids;

    protected $fillable = ['name', 'login', 'initials', 'role', 'password'];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed'];
    }
}
