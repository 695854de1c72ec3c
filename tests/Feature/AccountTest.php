<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AuditEntry;
use App\Models\Role;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/** Somebody leaves, comes back, does other work, or has forgotten the password. */
final class AccountTest extends YardTestCase
{
    public function test_who_left_gets_in_nowhere_and_what_they_entered_stays_theirs(): void
    {
        $gone = $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $elsewhere = $this->sessionElsewhere();
        $this->as(Role::Lead);

        $people = $this->putJson("/api/people/{$gone->id}/departure")->assertOk();

        $this->assertFits($people, 'PeopleList');
        $row = array_column($people->json('people'), null, 'id')[$gone->id];
        self::assertSame(
            [true, false, false, false],
            [$row['has_left'], $row['is_on_shift'], $row['has_pin'], $row['may_stand_by']],
        );
        self::assertTrue(self::isOver($elsewhere, $gone), 'at once, on every tablet');
        $this->postJson('/api/session', ['login' => $gone->login, 'password' => 'tern-quay'])->assertStatus(422);
        self::assertSame($gone->name, $this->getJson("/api/walks/{$walk->id}")->json('opened_by.name'));
        self::assertSame(1, AuditEntry::query()->where('kind', 'person_left')->where('subject', $gone->name)->count());

        $this->deleteJson("/api/people/{$gone->id}/departure")->assertOk();
        $this->postJson('/api/session', ['login' => $gone->login, 'password' => 'tern-quay'])->assertOk();
    }

    public function test_what_a_tablet_holds_of_who_left_is_taken_over_by_the_lead_and_written_down(): void
    {
        $gone = $this->person(Role::Technician);
        $this->as(Role::Technician);
        $this->postJson("/api/people/{$gone->id}/outbox-takeovers", ['count' => 3])->assertForbidden();
        $this->as(Role::Lead);
        $this->assertFits(
            $this->postJson("/api/people/{$gone->id}/outbox-takeovers", ['count' => 3])->assertStatus(409),
            'Problem',
        );
        $this->putJson("/api/people/{$gone->id}/departure")->assertOk();
        $this->postJson("/api/people/{$gone->id}/outbox-takeovers", ['count' => 3])->assertNoContent();
        $line = AuditEntry::query()->where('kind', 'outbox_taken_over')->firstOrFail();
        self::assertSame([$gone->name, '{"entries":3}'], [$line->subject, $line->getRawOriginal('after')]);
    }

    public function test_a_role_changes_what_somebody_may_do_and_ends_their_sessions(): void
    {
        $person = $this->person(Role::Technician);
        $person->update(['pin' => '7294']);
        $elsewhere = $this->sessionElsewhere();
        $this->as(Role::Lead);

        $this->putJson("/api/people/{$person->id}/role", ['role' => 'lead'])->assertOk();

        self::assertSame(
            [Role::Lead, null],
            [$person->refresh()->role, $person->pin],
            'a PIN opens no account of a lead',
        );
        self::assertTrue(self::isOver($elsewhere, $person));
        $this->putJson("/api/people/{$person->id}/role", ['role' => 'owner'])->assertStatus(422);
    }

    public function test_a_forgotten_password_is_replaced_and_the_old_one_opens_nothing(): void
    {
        $person = $this->person(Role::Counter);
        $person->update(['pin' => '7294', 'pin_tries' => 5]);
        $this->as(Role::Lead);

        $this->putJson("/api/people/{$person->id}/password", ['password' => 'aaaaaaaaaaaa'])->assertStatus(422);
        $this->putJson("/api/people/{$person->id}/password", ['password' => 'short'])->assertStatus(422);
        $this->putJson("/api/people/{$person->id}/password", ['password' => 'ebb, slack and spring'])->assertOk();

        self::assertSame([null, 0], [$person->refresh()->pin, $person->pin_tries]);
        $this->postJson('/api/session', ['login' => $person->login, 'password' => 'tern-quay'])->assertStatus(422);
        $this->postJson('/api/session', ['login' => $person->login, 'password' => 'ebb, slack and spring'])->assertOk();
        $trail = (string) json_encode(AuditEntry::query()->orderByDesc('id')->firstOrFail()->toArray());
        self::assertStringNotContainsString('slack', $trail);
    }

    #[TestWith(['put', 'role', ['role' => 'counter']])]
    #[TestWith(['put', 'departure', []])]
    #[TestWith(['put', 'password', ['password' => 'ebb, slack and spring']])]
    public function test_nobody_does_it_to_themselves_and_nobody_but_the_lead(
        string $method,
        string $what,
        array $body,
    ): void {
        $lead = $this->as(Role::Lead);
        $this->json($method, "/api/people/{$lead->id}/{$what}", $body)
            ->assertStatus(409)
            ->assertJsonPath('type', '/problems/not-ones-own-account');
        $other = $this->as(Role::Technician);
        $this->json($method, "/api/people/{$lead->id}/{$what}", $body)->assertForbidden();
        self::assertNotSame($other->id, $lead->id);
    }

    public function test_who_left_stands_by_nobody(): void
    {
        $gone = $this->person(Role::Technician);
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $gone->update(['left_at' => now()]);
        $lead = $this->as(Role::Technician);
        self::assertNotSame($gone->id, $lead->id);

        $people = array_column($this->getJson('/api/people')->json('people'), null, 'id');
        self::assertFalse($people[$gone->id]['may_stand_by']);
        self::assertNotNull($walk->id);
    }

    public function test_a_change_that_was_made_with_right_is_no_tampering(): void
    {
        Storage::fake('checkpoints');
        $person = $this->person(Role::Technician);
        $this->as(Role::Lead);
        $this->artisan('ledger:checkpoint')->assertSuccessful();

        $this->putJson("/api/people/{$person->id}/role", ['role' => 'mechanic'])->assertOk();

        $this->artisan('ledger:verify')->assertSuccessful();
        DB::table('users')->where('id', $person->id)->update(['role' => 'lead']);
        $this->artisan('ledger:verify')->expectsOutputToContain('The table users was changed')->assertFailed();
    }

    #[TestWith(["Bram\u{202E}letek"], 'turned round')]
    #[TestWith(["Bram\u{200B}Ketel"], 'a letter without width')]
    #[TestWith(["Bram\nKetel"], 'two lines')]
    #[TestWith(["Bram\u{0000}Ketel"], 'a NUL')]
    public function test_a_name_reads_as_it_is_written(string $name): void
    {
        $this->as(Role::Lead);
        $person = [
            'initials' => 'BK',
            'login' => 'bram',
            'password' => 'ebb, slack and spring',
            'role' => 'technician',
        ];

        $this->postJson('/api/people', ['name' => $name] + $person)
            ->assertStatus(422)
            ->assertJsonStructure(['field' => ['name']]);
        $this->postJson('/api/people', ['name' => 'Þóra O’Ségur-Łęk'] + $person)->assertCreated();
    }

    /** @return float when a session on another tablet began */
    private function sessionElsewhere(): float
    {
        $began = (float) CarbonImmutable::now()->format('U.u');
        $this->travel(1)->seconds();

        return $began;
    }

    /** OpenDoorTest shows that such a session opens nothing. */
    private static function isOver(float $began, User $of): bool
    {
        return $began < (float) $of->refresh()->sessions_valid_from?->format('U.u');
    }
}
