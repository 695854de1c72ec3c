<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Actions\OpenYard;
use App\Catalogue\CatalogueRepository;
use App\Catalogue\CatalogueWords;
use App\Contract\JsonObject;
use App\Keys\SealingKey;
use App\Models\Role;
use App\Models\Tablet;
use App\Models\User;
use App\People\ReadersUnits;
use App\People\SecondFactor\RecoveryCodes;
use App\People\SecondFactor\SecondFactor;
use App\Setting;
use App\Tablets\CurrentDevice;
use App\Yards\CurrentYard;
use Illuminate\Support\Facades\Storage;
use JadeLedger\Core\Catalogue\RuleOption;

final class PresentSession
{
    /** Written by the demo seeder; its presence means that the accounts in it may be shown. */
    public const DEMO_FILE = 'demo-accounts.json';

    public function __construct(
        private readonly CurrentYard $yard,
        private readonly CurrentDevice $tablet,
        private readonly ReadersUnits $units,
        private readonly SealingKey $sealing,
        private readonly RecoveryCodes $paper,
        private readonly CatalogueRepository $catalogue,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(?User $user): array
    {
        $tablet = $this->tablet->tablet();
        $isToBeOpened = $user === null && OpenYard::isOpenToAll();

        return [
            'user' => $user === null ? null : [
                'id' => $user->id,
                'name' => $user->name,
                'initials' => $user->initials,
                'role' => $user->role->value,
                'language' => $user->language->value,
                'units' => $user->units->value,
                'units_shown' => $this->units->shown()->value,
                'has_pin' => $user->pin !== null,
                'second_factor' => $this->secondFactor($user),
                // For what the interface offers; what may really be done is decided by the policies.
                'may' => [
                    'walk' => $user->role->walks(),
                    'lead' => $user->role === Role::Lead,
                    'repair' => $user->role->repairs(),
                    'hand_over' => $user->role->handsOver(),
                    'use_pin' => $user->role->mayUsePin(),
                    'read_audit' => $user->role->readsTheAudit(),
                    'book' => in_array($user->role, [Role::Counter, Role::Lead], true),
                    'settle' => $user->role->walks() || $user->role->settles(),
                ],
            ],
            'yard' => [
                'name' => $this->yard->name(),
                'place' => $this->yard->place(),
                'timezone' => $this->yard->timezone(),
                'currency' => $this->yard->currency(),
            ],
            'sealing_key' => $this->sealing->publicPoint(),
            'unit_pairs' => ReadersUnits::pairs(),
            'tablet' => $tablet === null ? null : [
                'name' => $tablet->name,
                'people' => self::onShift($tablet),
                'locks_after_minutes' => Setting::number('jade.idle_lock_minutes'),
            ],
            'demo_accounts' => self::demoAccounts(),
            'is_to_be_opened' => $isToBeOpened,
            'laws' => $isToBeOpened ? $this->laws() : [],
        ];
    }

    /** @return list<array{id: string, name: string}> under which a yard may be opened */
    private function laws(): array
    {
        $law = array_column($this->catalogue->current()->houseRules->all, null, 'id')['law'] ?? null;

        return array_map(
            static fn (RuleOption $law): array => ['id' => $law->id, 'name' => CatalogueWords::say($law->name)],
            $law->schools ?? [],
        );
    }

    /** @return array<string, mixed>|null null for those of whom none is asked */
    private function secondFactor(User $user): ?array
    {
        return ! $user->role->asksSecondFactor() ? null : [
            'is_set' => $user->totp_secret !== null,
            'is_due' => SecondFactor::isDue($user),
            'due_at' => $user->totp_secret !== null ? null : $user->second_factor_due_at?->toIso8601ZuluString(),
            'recovery_codes_left' => $this->paper->left($user),
        ];
    }

    /** @return list<array<string, string>> who may come in with a PIN, by name */
    private static function onShift(Tablet $tablet): array
    {
        return array_values(
            User::query()
                ->where('yard_id', $tablet->yard_id)
                ->orderBy('name')
                ->get()
                ->filter(static fn (User $user): bool => $user->mayUsePin())
                ->map(static fn (User $user): array => PresentPerson::of($user) + ['role' => $user->role->value])
                ->all(),
        );
    }

    /** @return list<array<string, string>> */
    public static function demoAccounts(): array
    {
        $disk = Storage::disk('local');

        return $disk->exists(self::DEMO_FILE)
            ? array_map(
                static fn (JsonObject $one): array => $one->textsByName(),
                JsonObject::of(['all' => json_decode((string) $disk->get(self::DEMO_FILE))])->objects('all'),
            )
            : [];
    }
}
