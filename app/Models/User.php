<?php

declare(strict_types=1);

namespace App\Models;

use App\Yards\BelongsToYard;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property string $id
 * @property string $name
 * @property string $login
 * @property string $initials
 * @property Role $role
 * @property string $password
 * @property string|null $pin hashed as the password is
 * @property int $pin_tries wrong ones in a row
 * @property bool $is_on_shift
 * @property \Carbon\CarbonImmutable|null $left_at since when this account opens nothing
 * @property Language $language
 * @property Units $units
 * @property-read Yard $yard
 */
final class User extends Authenticatable
{
    use BelongsToYard;
    use HasUuids;

    protected $fillable = ['yard_id', 'name', 'login', 'initials', 'role', 'password', 'pin', 'pin_tries', 'is_on_shift', 'left_at', 'language', 'units'];

    protected $hidden = ['password', 'pin', 'remember_token'];

    protected $attributes = ['pin_tries' => 0, 'is_on_shift' => true, 'language' => 'en', 'units' => 'yard'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed', 'pin' => 'hashed', 'is_on_shift' => 'boolean', 'left_at' => 'immutable_datetime', 'language' => Language::class, 'units' => Units::class];
    }

    /** Whether a PIN opens this account on an enrolled tablet. */
    public function mayUsePin(): bool
    {
        return $this->role->mayUsePin() && $this->is_on_shift && $this->left_at === null && $this->pin !== null;
    }
}
