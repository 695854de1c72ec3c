<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Presenters\PresentSession;
use Illuminate\Support\Facades\Storage;
use Tests\Support\YardTestCase;

final class SessionTest extends YardTestCase
{
    public function test_a_technician_signs_in_with_name_and_password_and_out_again(): void
    {
        $user = $this->person(Role::Technician);
        $signedIn = $this->postJson('/api/session', ['login' => $user->login, 'password' => 'tern-quay'])->assertOk();
        $this->assertFits($signedIn, 'Session');
        self::assertSame(['walk' => true, 'lead' => false, 'repair' => false, 'hand_over' => true, 'use_pin' => true, 'read_audit' => false, 'settle' => true], $signedIn->json('user.may'));

        $this->getJson('/api/day')->assertOk();
        $this->deleteJson('/api/session')->assertNoContent();
        self::assertNull($this->getJson('/api/session')->json('user'));
    }

    public function test_a_wrong_password_says_what_to_do_and_not_which_of_the_two_was_wrong(): void
    {
        $user = $this->person(Role::Technician);
        $wrong = $this->postJson('/api/session', ['login' => $user->login, 'password' => 'tern-key'])->assertStatus(422);
        $this->assertFits($wrong, 'Problem');
        $nobody = $this->postJson('/api/session', ['login' => 'nobody-here', 'password' => 'tern-quay'])->assertStatus(422);

        self::assertSame($nobody->json('detail'), $wrong->json('detail'));
        self::assertArrayHasKey('password', $wrong->json('field'));
    }

    public function test_the_sixth_wrong_password_has_to_wait(): void
    {
        $user = $this->person(Role::Counter);
        for ($i = 0; $i < 5; $i++) {
            $this->postJson('/api/session', ['login' => $user->login, 'password' => "guess {$i}"])->assertStatus(422);
        }
        $throttled = $this->postJson('/api/session', ['login' => $user->login, 'password' => 'tern-quay'])->assertStatus(429);

        $this->assertFits($throttled, 'Problem');
        self::assertGreaterThan(0, (int) $throttled->headers->get('Retry-After'));
    }

    public function test_demo_accounts_are_shown_only_while_the_demo_seed_is_loaded(): void
    {
        Storage::disk('local')->delete(PresentSession::DEMO_FILE);
        self::assertSame([], $this->getJson('/api/session')->json('demo_accounts'));

        Storage::disk('local')->put(PresentSession::DEMO_FILE, (string) json_encode([['login' => 'ines', 'name' => 'Ines Okafor', 'role' => 'technician', 'password' => 'tern-quay']]));
        $shown = $this->getJson('/api/session');
        Storage::disk('local')->delete(PresentSession::DEMO_FILE);
        $this->assertFits($shown, 'Session');
        self::assertSame('ines', $shown->json('demo_accounts.0.login'));
    }
}
