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
 * @property string|null $totp_secret what the person's device holds, base64; asked for at sign-in
 * @property string|null $totp_pending proposed to a device that has not answered yet
 * @property int $totp_step the last one of which a code was used
 * @property \Carbon\CarbonImmutable|null $second_factor_due_at until when it may be put off
 * @property bool $is_on_shift
 * @property \Carbon\CarbonImmutable|null $sessions_valid_from what began before it is over
 * @property \Carbon\CarbonImmutable|null $left_at since when this account opens nothing
 * @property Language $language
 * @property Units $units
 * @property-read Yard $yard
 */
final class User extends Authenticatable
{
    use BelongsToYard;
    use HasUuids;

    protected $table = 'users';

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = [
        'yard_id', 'name', 'login', 'initials', 'role', 'password', 'pin', 'pin_tries', 'is_on_shift', 'left_at',
        'language', 'units', 'totp_secret', 'totp_pending', 'totp_step', 'second_factor_due_at', 'sessions_valid_from',
    ];

    protected $hidden = ['password', 'pin', 'remember_token', 'totp_secret', 'totp_pending'];

    protected $attributes = ['pin_tries' => 0, 'is_on_shift' => true, 'language' => 'en', 'units' => 'yard'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'role' => Role::class, 'password' => 'hashed', 'pin' => 'hashed', 'is_on_shift' => 'boolean',
            'left_at' => 'immutable_datetime', 'language' => Language::class, 'units' => Units::class,
            'totp_secret' => 'encrypted', 'totp_pending' => 'encrypted', 'totp_step' => 'integer',
            'second_factor_due_at' => 'immutable_datetime', 'sessions_valid_from' => 'immutable_datetime',
        ];
    }

    /** Whether a PIN opens this account on an enrolled tablet. */
    public function mayUsePin(): bool
    {
        return $this->role->mayUsePin() && $this->is_on_shift && $this->left_at === null && $this->pin !== null;
    }
}
