<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Presenters\PresentSession;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

final class SessionTest extends YardTestCase
{
    public function test_a_technician_signs_in_with_name_and_password_and_out_again(): void
    {
        $user = $this->person(Role::Technician);
        $signedIn = $this->postJson('/api/session', ['login' => $user->login, 'password' => 'tern-quay'])->assertOk();
        $this->assertFits($signedIn, 'Session');
        self::assertSame(
            [
                'walk' => true,
                'lead' => false,
                'repair' => false,
                'hand_over' => true,
                'use_pin' => true,
                'read_audit' => false,
                'book' => false,
                'settle' => true,
            ],
            $signedIn->json('user.may'),
        );

        $this->getJson('/api/day')->assertOk();
        $this->deleteJson('/api/session')->assertNoContent();
        self::assertNull($this->getJson('/api/session')->json('user'));
    }

    public function test_a_wrong_password_says_what_to_do_and_not_which_of_the_two_was_wrong(): void
    {
        $user = $this->person(Role::Technician);
        $wrong = $this->postJson('/api/session', ['login' => $user->login, 'password' => 'tern-key'])->assertStatus(
            422,
        );
        $this->assertFits($wrong, 'Problem');
        $nobody = $this->postJson('/api/session', ['login' => 'nobody-here', 'password' => 'tern-quay'])->assertStatus(
            422,
        );

        self::assertSame($nobody->json('detail'), $wrong->json('detail'));
        self::assertArrayHasKey('password', $wrong->json('field'));
    }

    public function test_the_sixth_wrong_password_has_to_wait(): void
    {
        $user = $this->person(Role::Counter);
        for ($i = 0; $i < 5; $i++) {
            $this->postJson('/api/session', ['login' => $user->login, 'password' => "guess {$i}"])->assertStatus(422);
        }
        $throttled = $this->postJson('/api/session', [
            'login' => $user->login,
            'password' => 'tern-quay',
        ])->assertStatus(429);

        $this->assertFits($throttled, 'Problem');
        self::assertGreaterThan(0, (int) $throttled->headers->get('Retry-After'));
    }

    /** Letters that a database takes for the same: Unicode look-alikes, capitals, letters without width. */
    public function test_no_other_spelling_of_a_name_gives_more_tries_or_opens_the_account(): void
    {
        $user = $this->person(Role::Counter);
        $user->update(['login' => 'juno-p']);
        foreach (["ju\u{200B}no-p", 'júno-p', 'JUNO-P', "juno-p\u{0000}", 'juno-p ', 'ｊuno-p'] as $spelling) {
            $answer = $this->postJson('/api/session', ['login' => $spelling, 'password' => 'wrong one']);
            self::assertContains($answer->status(), [422, 429], $spelling);
        }
        // Three of those are the name itself: in capitals, with a space or a NUL behind it, which are cut off.
        for ($try = 0; $try < 2; $try++) {
            $this->postJson('/api/session', ['login' => 'juno-p', 'password' => 'wrong one'])->assertStatus(422);
        }
        $this->postJson('/api/session', ['login' => 'juno-p', 'password' => 'tern-quay'])->assertStatus(429);

        RateLimiter::clear('sign-in|account|juno-p');
        $this->postJson('/api/session', ['login' => "ju\u{200B}no-p", 'password' => 'tern-quay'])->assertStatus(422);
        $this->postJson('/api/session', ['login' => 'juno-p', 'password' => 'tern-quay'])->assertOk();
    }

    public function test_one_address_has_so_many_guesses_for_whatever_accounts(): void
    {
        $accounts = array_map(fn (): string => $this->person(Role::Technician)->login, range(1, 8));
        $refused = 0;
        for ($guess = 0; $guess < 40; $guess++) {
            $answer = $this->postJson('/api/session', [
                'login' => $accounts[$guess % 8],
                'password' => "guess {$guess}",
            ]);
            $refused += $answer->status() === 429 ? 1 : 0;
        }
        self::assertSame(10, $refused, 'thirty in a minute');

        RateLimiter::clear('sign-in|address|127.0.0.1');
        foreach (range(1, 40) as $ignored) {
            RateLimiter::clear("sign-in|account|{$accounts[0]}");
            $this->postJson('/api/session', ['login' => $accounts[0], 'password' => 'tern-quay'])->assertOk();
        }
    }

    #[TestWith([['Origin' => '']], 'without an origin')]
    #[TestWith([['X-Device-Time' => '99999999999999-01-01T00:00:00Z']], 'a tablet in the year 99999999999999')]
    #[TestWith([['X-Device-Time' => 'yesterday']], 'a tablet that says yesterday')]
    #[TestWith([['Host' => 'evil.example']], 'for another host')]
    public function test_a_sign_in_with_strange_headers_is_no_fault_of_ours(array $headers): void
    {
        $user = $this->person(Role::Technician);

        $answer = $this->postJson('/api/session', ['login' => $user->login, 'password' => 'tern-quay'], $headers);

        self::assertLessThan(500, $answer->status(), (string) $answer->getContent());
    }

    #[TestWith(['eyJub3RoaW5nIjoxfQ'], 'a cursor without its field')]
    #[TestWith(['%00'], 'no cursor at all')]
    public function test_a_cursor_that_nobody_gave_is_bad_input(string $cursor): void
    {
        $this->as(Role::Technician);
        foreach (['machines', "machines/{$this->machine->id}/entries"] as $list) {
            $answer = $this->getJson("/api/{$list}?cursor={$cursor}");
            self::assertLessThan(500, $answer->status(), $list);
        }
    }

    public function test_the_front_page_leads_to_this_host_and_to_no_other(): void
    {
        $answer = $this->get('/', ['Host' => 'evil.example']);

        self::assertStringNotContainsString('evil.example', (string) $answer->headers->get('Location'));
    }

    public function test_demo_accounts_are_shown_only_while_the_demo_seed_is_loaded(): void
    {
        Storage::disk('local')->delete(PresentSession::DEMO_FILE);
        self::assertSame([], $this->getJson('/api/session')->json('demo_accounts'));

        Storage::disk('local')->put(
            PresentSession::DEMO_FILE,
            (string) json_encode([
                ['login' => 'ines', 'name' => 'Ines Okafor', 'role' => 'technician', 'password' => 'tern-quay'],
            ]),
        );
        $shown = $this->getJson('/api/session');
        Storage::disk('local')->delete(PresentSession::DEMO_FILE);
        $this->assertFits($shown, 'Session');
        self::assertSame('ines', $shown->json('demo_accounts.0.login'));
    }
}
