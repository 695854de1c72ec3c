<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\Tablet;
use App\Models\User;
use App\Models\Yard;
use App\Tablets\CurrentDevice;
use App\Yards\CurrentYard;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/** Shared tablets, PINs, passwords, and what of it stands in the audit trail. */
final class TabletsTest extends YardTestCase
{
    private const PIN = '7294';

    public function test_on_an_enrolled_tablet_somebody_on_shift_comes_in_with_a_pin(): void
    {
        $ines = $this->withPin(Role::Technician);
        $this->enrol();

        $tablet = $this->getJson('/api/session')->assertOk()->json('tablet');
        self::assertSame('Shed tablet', $tablet['name']);
        self::assertSame([$ines->id], array_column($tablet['people'], 'id'));
        $this->assertFits($this->pin($ines)->assertOk(), 'Session');
        $this->getJson('/api/day')->assertOk();
    }

    public function test_a_pin_opens_nothing_on_a_tablet_that_is_not_enrolled(): void
    {
        $ines = $this->withPin(Role::Technician);

        self::assertSame('/problems/tablet-not-enrolled', $this->pin($ines)->assertForbidden()->json('type'));
        $this->withCredentials()->withCookie(CurrentDevice::COOKIE, 'x|y');
        $this->pin($ines)->assertForbidden();
        $this->getJson('/api/day')->assertUnauthorized();
    }

    public function test_a_pin_session_that_is_carried_to_another_tablet_ends(): void
    {
        $ines = $this->withPin(Role::Technician);
        $this->enrol();
        $this->pin($ines)->assertOk();

        $this->withCookie(CurrentDevice::COOKIE, '');
        $this->app->make('auth')->forgetGuards();

        $this->getJson('/api/day')->assertUnauthorized();
    }

    public function test_a_tablet_that_is_revoked_throws_out_whoever_came_in_on_it(): void
    {
        $ines = $this->withPin(Role::Technician);
        $this->enrol();
        $this->pin($ines)->assertOk();
        Tablet::query()->update(['revoked_at' => now()]);
        $this->app->make('auth')->forgetGuards();

        $this->getJson('/api/day')->assertUnauthorized();
        self::assertNull($this->getJson('/api/session')->json('tablet'));
    }

    public function test_five_wrong_pins_lock_it_until_the_password_was_given(): void
    {
        $ines = $this->withPin(Role::Technician);
        $this->enrol();
        for ($left = 4; $left > 0; $left--) {
            self::assertStringContainsString(
                "{$left} tries",
                $this->pin($ines, '1111')->assertUnprocessable()->json('detail'),
            );
        }
        $this->pin($ines, '1111')->assertStatus(423);
        self::assertSame(
            '/problems/pin-locked',
            $this->pin($ines)->assertStatus(423)->json('type'),
            'the right one does not help any more',
        );

        $this->postJson('/api/session', ['login' => $ines->login, 'password' => 'tern-quay'])->assertOk();
        $this->signOut();
        $this->pin($ines)->assertOk();
        self::assertSame(['pin_locked'], $this->audited('pin_locked'));
    }

    public function test_a_lead_never_comes_in_with_a_pin_and_cannot_choose_one(): void
    {
        $lead = $this->as(Role::Lead);
        self::assertSame(
            '/problems/pin-not-for-this-person',
            $this->putJson('/api/session/pin', ['password' => 'tern-quay', 'pin' => self::PIN])
                ->assertForbidden()
                ->json('type'),
        );

        // Not even one that stands in the database, from the days before a promotion.
        $lead->update(['pin' => self::PIN]);
        $this->enrol();
        self::assertSame([], $this->getJson('/api/session')->json('tablet.people'));
        $this->pin($lead)->assertForbidden();
    }

    public function test_who_is_not_on_shift_or_of_another_yard_is_not_offered_and_not_let_in(): void
    {
        $off = $this->withPin(Role::Technician);
        $this->as(Role::Lead);
        $this->assertFits(
            $this->putJson("/api/people/{$off->id}/shift", ['is_on_shift' => false])->assertOk(),
            'PeopleList',
        );
        $this->enrol();
        $hand = $this->app->make(CurrentYard::class);
        $here = Yard::query()->findOrFail($hand->id());
        $hand->stepInto(Yard::query()->create(['name' => 'Second yard', 'place' => 'inland', 'timezone' => 'UTC']));
        $stranger = $this->person(Role::Technician);
        $stranger->update(['pin' => self::PIN]);
        $hand->stepInto($here);

        self::assertSame([], $this->getJson('/api/session')->json('tablet.people'));
        $this->pin($off)->assertForbidden();
        $this->pin($stranger)->assertForbidden();
    }

    #[TestWith(['1234'], 'a run')]
    #[TestWith(['1212'], 'a pair twice')]
    #[TestWith(['482482'], 'three digits twice')]
    #[TestWith(['2026'], 'a year')]
    #[TestWith(['1987'], 'a year of birth')]
    #[TestWith(['8765'], 'a run downwards')]
    #[TestWith(['7777'], 'all the same')]
    #[TestWith(['123'], 'too short')]
    #[TestWith(['12a4'], 'no digits')]
    public function test_a_pin_that_is_easy_to_guess_is_refused(string $pin): void
    {
        $this->as(Role::Technician);
        $this->assertFits(
            $this->putJson('/api/session/pin', ['password' => 'tern-quay', 'pin' => $pin])->assertUnprocessable(),
            'Problem',
        );
    }

    public function test_a_pin_is_chosen_with_the_password_and_kept_as_argon2id(): void
    {
        $me = $this->as(Role::Technician);
        self::assertStringContainsString(
            'not the password',
            $this->putJson('/api/session/pin', ['password' => 'wrong', 'pin' => self::PIN])
                ->assertUnprocessable()
                ->json('field.password.0'),
        );
        $this->assertFits(
            $this->putJson('/api/session/pin', ['password' => 'tern-quay', 'pin' => self::PIN])->assertOk(),
            'Session',
        );

        self::assertStringStartsWith('$argon2id$', (string) $me->refresh()->pin);
    }

    #[TestWith(['short one'], 'too short')]
    #[TestWith(['qwertyuiop'], 'on the list')]
    #[TestWith(['Password123'], 'on the list in small letters')]
    #[TestWith(['LOGIN goes here'], 'holds the name')]
    public function test_a_password_that_would_be_guessed_is_refused(string $password): void
    {
        $me = $this->as(Role::Technician);
        $this->assertFits(
            $this->putJson('/api/session/password', [
                'password' => 'tern-quay',
                'new_password' => str_replace('LOGIN', $me->login, $password),
            ])->assertUnprocessable(),
            'Problem',
        );
    }

    public function test_a_new_password_keeps_this_session_and_opens_the_next(): void
    {
        $me = $this->as(Role::Technician);
        $this->putJson('/api/session/password', [
            'password' => 'tern-quay',
            'new_password' => 'four loud herring gulls',
        ])->assertOk();
        $this->getJson('/api/day')->assertOk();
        $this->signOut();

        $this->postJson('/api/session', ['login' => $me->login, 'password' => 'tern-quay'])->assertUnprocessable();
        $this->postJson('/api/session', ['login' => $me->login, 'password' => 'four loud herring gulls'])->assertOk();
    }

    public function test_ones_own_password_cannot_be_guessed_by_asking_again_and_again(): void
    {
        $this->as(Role::Technician);
        for ($n = 0; $n < 6; $n++) {
            $this->putJson('/api/session/pin', ['password' => "guess {$n}", 'pin' => self::PIN])->assertUnprocessable();
        }
        $this->putJson('/api/session/pin', ['password' => 'tern-quay', 'pin' => self::PIN])->assertTooManyRequests();
    }

    public function test_the_lead_adds_somebody_who_then_signs_in(): void
    {
        $this->as(Role::Lead);
        $new = [
            'name' => 'Wren Halloran',
            'login' => 'wren',
            'initials' => 'WH',
            'role' => 'technician',
            'password' => 'four loud herring gulls',
        ];
        $this->assertFits($this->postJson('/api/people', $new)->assertCreated(), 'PeopleList');
        self::assertStringContainsString(
            'signs in with this name already',
            $this->postJson('/api/people', $new)->assertUnprocessable()->json('field.login.0'),
        );
        $this->as(Role::Technician);
        $this->postJson('/api/people', ['login' => 'other'] + $new)->assertForbidden();
        $this->signOut();

        $this->postJson('/api/session', ['login' => 'wren', 'password' => 'four loud herring gulls'])->assertOk();
    }

    public function test_a_lead_is_added_at_the_command_line_with_a_good_password(): void
    {
        $add = fn (string $password) => $this->artisan('yard:add-lead', [
            'login' => 'wren',
            'name' => 'Wren Halloran',
            'initials' => 'WH',
            '--yard' => 'Tern Quay Hire',
        ])->expectsQuestion('Password, at least 10 characters', $password);
        $add('qwertyuiop')->assertFailed();
        $add('four loud herring gulls')->assertSuccessful();

        $this->postJson('/api/session', ['login' => 'wren', 'password' => 'four loud herring gulls'])->assertOk();
        self::assertTrue($this->getJson('/api/session')->json('user.may.lead'));
    }

    public function test_sign_ins_and_changes_of_master_data_stand_in_the_audit_trail(): void
    {
        $lead = $this->as(Role::Lead);
        $person = $this->person(Role::Technician);
        $rule = $this->getJson('/api/house-rules')->json('rules.0');
        $other = collect($rule['schools'])->first(
            fn (array $school): bool => (string) $school['id'] !== (string) $rule['value'],
        )['id'];
        $this->putJson("/api/house-rules/{$rule['id']}", [
            'value' => (string) $other,
            'reason' => 'Agreed at the toolbox talk',
        ])->assertOk();
        $this->putJson("/api/people/{$person->id}/qualifications/earthmoving", [
            'valid_until' => '2028-01-31',
            'proof' => 'card, seen',
        ])->assertOk();
        $this->signOut();
        $this->postJson('/api/session', ['login' => $lead->login, 'password' => 'wrong'])->assertUnprocessable();
        $this->postJson('/api/session', ['login' => $lead->login, 'password' => 'tern-quay'])->assertOk();

        $page = $this->getJson('/api/audit')->assertOk();
        $this->assertFits($page, 'AuditPage');
        self::assertSame(
            ['signed_in', 'sign_in_refused', 'signed_out', 'qualification_recorded', 'house_rule_chosen'],
            array_column($page->json('entries'), 'kind'),
        );
        $chosen = $page->json('entries.4');
        self::assertSame(
            [(string) $rule['value'], (string) $other, $lead->id],
            [(string) $chosen['before']['value'], (string) $chosen['after']['value'], $chosen['actor']['id']],
        );
        self::assertStringNotContainsString('tern-quay', (string) $page->getContent());
        self::assertNull($page->json('entries.1.actor'), 'nobody was recognised');
    }

    #[TestWith([Role::Auditor, 200])]
    #[TestWith([Role::Lead, 200])]
    #[TestWith([Role::Technician, 403])]
    #[TestWith([Role::Counter, 403])]
    public function test_the_audit_trail_is_for_the_lead_and_the_auditor(Role $role, int $status): void
    {
        $this->as($role);
        $this->getJson('/api/audit')->assertStatus($status);
    }

    public function test_the_database_refuses_to_change_the_audit_trail(): void
    {
        $this->as(Role::Lead);
        $this->enrol();
        $this->expectExceptionMessage('UPDATE command denied');
        DB::table('audit_entries')->update(['subject' => 'somebody else']);
    }

    private function withPin(Role $role): User
    {
        $person = $this->person($role);
        $person->update(['pin' => self::PIN]);

        return $person;
    }

    /** A lead enrols the tablet and signs out. */
    private function enrol(): void
    {
        $this->as(Role::Lead);
        $answer = $this->postJson('/api/tablets', ['name' => 'Shed tablet'])->assertCreated();
        $this->assertFits($answer, 'TabletList');
        $cookie = $answer->getCookie(CurrentDevice::COOKIE);
        self::assertNotNull($cookie);
        self::assertTrue($cookie->isHttpOnly());
        $this->signOut();
        $this->withCredentials()->withCookie(CurrentDevice::COOKIE, (string) $cookie->getValue());
    }

    private function signOut(): void
    {
        $this->deleteJson('/api/session')->assertNoContent();
        $this->app->make('auth')->forgetGuards();
        $this->flushSession();
    }

    private function pin(User $person, string $pin = self::PIN): TestResponse
    {
        return $this->postJson('/api/session/pin', ['person' => $person->id, 'pin' => $pin]);
    }

    /** @return list<string> */
    private function audited(string $kind): array
    {
        return DB::table('audit_entries')->where('kind', $kind)->pluck('kind')->all();
    }
}
