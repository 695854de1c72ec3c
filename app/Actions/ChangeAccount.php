<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Verification\CheckpointFiles;
use App\Models\Role;
use App\Models\User;
use App\People\EndSessions;
use App\People\SecondFactor\SecondFactor;
use App\Texts;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * The lead changes what somebody may do, sees them off, takes them back or gives them a new first password. Each of
 * these ends their sessions at once; what they entered stays theirs.
 */
final readonly class ChangeAccount
{
    public function __construct(
        private WriteAudit $audit,
        private TakeCheckpoint $checkpoint,
        private CheckpointFiles $files,
        private SecondFactor $factor,
        private EndSessions $sessions,
    ) {
    }

    /** @throws ApiProblem */
    public function role(User $person, Role $role, User $by): void
    {
        $this->mustNotBe($person, $by);
        if ($person->role === $role) {
            return;
        }
        $this->change(
            $person,
            $by,
            AuditKind::RoleChanged,
            ['role' => $person->role->value],
            ['role' => $role->value],
            [
                'role' => $role,
                // A PIN opens no lead's account.
                'pin' => $role->mayUsePin() ? $person->getRawOriginal('pin') : null,
            ],
        );
    }

    /** @throws ApiProblem */
    public function seeOff(User $person, User $by): void
    {
        $this->mustNotBe($person, $by);
        if ($person->left_at !== null) {
            return;
        }
        $this->change($person, $by, AuditKind::PersonLeft, ['has_left' => false], ['has_left' => true], [
            'left_at' => CarbonImmutable::now(), 'is_on_shift' => false, 'pin' => null,
        ]);
    }

    public function takeBack(User $person, User $by): void
    {
        if ($person->left_at === null) {
            return;
        }
        $this->change(
            $person,
            $by,
            AuditKind::PersonCameBack,
            ['has_left' => true],
            ['has_left' => false],
            ['left_at' => null],
        );
    }

    /** @throws ApiProblem while the person can still post them */
    public function takeOverOutbox(User $person, int $count, User $by): void
    {
        if ($person->left_at === null) {
            throw ApiProblem::because(ProblemName::PersonHasNotLeft, 409, ['name' => $person->name]);
        }
        ($this->audit)(AuditKind::OutboxTakenOver, $by, $person->name, after: ['entries' => $count]);
    }

    /** @throws ApiProblem */
    public function resetSecrets(User $person, string $password, User $by): void
    {
        $this->mustNotBe($person, $by);
        // Whoever lost the password may have lost the device with it.
        $this->factor->forget($person);
        $this->change($person, $by, AuditKind::SecretsReset, [], [], [
            'password' => $password, 'pin' => null, 'pin_tries' => 0,
        ]);
    }

    /**
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     * @param array<string, mixed> $columns
     */
    private function change(
        User $person,
        User $by,
        AuditKind $kind,
        array $before,
        array $after,
        array $columns,
    ): void {
        DB::transaction(function () use ($person, $by, $kind, $before, $after, $columns): void {
            ($this->audit)($kind, $by, $person->name, $before, $after);
            $person->update($columns);
            $this->sessions->of($person);
        });
        // Names and roles are held against the last checkpoint: what was changed with right is in the next one.
        $yards = Texts::of(DB::table('yards')->pluck('id'));
        $read = $this->files->read($yards);
        if ($read->faults === [] && $read->newest() !== null) {
            ($this->checkpoint)();
        }
    }

    /**
     * Who leads the yard does not lock themselves out of it.
     *
     * @throws ApiProblem
     */
    private function mustNotBe(User $person, User $by): void
    {
        if ($person->is($by)) {
            throw ApiProblem::because(ProblemName::NotOnesOwnAccount, 409);
        }
    }
}
