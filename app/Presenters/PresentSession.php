<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Models\Role;
use App\Models\User;
use App\Yards\YardInHand;
use Illuminate\Support\Facades\Storage;

final class PresentSession
{
    /** Written by the demo seeder; its presence means that the accounts in it may be shown. */
    public const DEMO_FILE = 'demo-accounts.json';

    public function __construct(private readonly YardInHand $yard)
    {
    }

    /** @return array<string, mixed> */
    public function of(?User $user): array
    {
        return [
            'user' => $user === null ? null : [
                'id' => $user->id,
                'name' => $user->name,
                'initials' => $user->initials,
                'role' => $user->role->value,
                // For what the interface offers; what may really be done is decided by the policies.
                'may' => [
                    'walk' => $user->role->walks(),
                    'lead' => $user->role === Role::Lead,
                    'repair' => $user->role->repairs(),
                    'hand_over' => $user->role->handsOver(),
                    'settle' => $user->role->walks() || $user->role->settles(),
                ],
            ],
            'yard' => [
                'name' => $this->yard->name(),
                'place' => $this->yard->place(),
                'timezone' => $this->yard->timezone(),
            ],
            'demo_accounts' => self::demoAccounts(),
        ];
    }

    /** @return list<array<string, string>> */
    public static function demoAccounts(): array
    {
        return json_decode(Storage::disk('local')->get(self::DEMO_FILE) ?? '[]', true);
    }
}
