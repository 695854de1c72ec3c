<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\OfYard;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property string $id
 * @property string $name
 * @property string $login
 * @property string $initials
 * @property Role $role
 * @property string $password
 * @property-read Yard $yard
 */
final class User extends Authenticatable
{
    use HasUuids;
    use OfYard;

    protected $fillable = ['yard_id', 'name', 'login', 'initials', 'role', 'password'];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed'];
    }
}
