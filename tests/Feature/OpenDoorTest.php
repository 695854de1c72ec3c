<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Tests\Support\YardTestCase;

/** What keeps the door shut: passwords, sessions, limits, and what is told to whom. */
final class OpenDoorTest extends YardTestCase
{
    /** OWASP Password Storage Cheat Sheet: argon2id, 19 MiB, two passes, one lane. */
    public function test_who_asks_for_what_is_not_theirs_stands_in_the_log(): void
    {
        $log = Log::spy();
        $technician = $this->as(Role::Technician);
        $this->getJson('/api/audit')->assertForbidden();

        $log->shouldHaveReceived('warning')->once()->withArgs(
            static fn (string $words, array $of): bool => $of['user'] === $technician->id && $of['route'] === 'audit',
        );
    }

    public function test_a_password_is_hashed_by_argon2id(): void
    {
        // Tests hash cheaply; what ships is what the configuration says where nobody asks for less.
        $environment = $_SERVER;
        unset($_SERVER['ARGON_MEMORY'], $_SERVER['ARGON_PASSES']);
        config(['hashing' => require config_path('hashing.php')]);
        $_SERVER = $environment;
        Hash::forgetDrivers();
        $hash = (string) DB::table('users')->where('id', $this->person(Role::Technician)->id)->value('password');

        self::assertStringStartsWith('$argon2id$v=19$m=19456,t=2,p=1$', $hash);
    }

    public function test_an_older_hash_still_opens_and_is_renewed_by_that(): void
    {
        $person = $this->person(Role::Technician);
        DB::table('users')
            ->where('id', $person->id)
            ->update(['password' => password_hash('tern-quay', PASSWORD_BCRYPT, ['cost' => 4])]);

        $this->postJson('/api/session', ['login' => $person->login, 'password' => 'tern-quay'])->assertOk();

        self::assertStringStartsWith(
            '$argon2id$',
            (string) DB::table('users')->where('id', $person->id)->value('password'),
        );
        self::assertTrue(
            Hash::check('tern-quay', (string) DB::table('users')->where('id', $person->id)->value('password')),
        );
    }

    public function test_a_session_ends_some_hours_after_it_began_however_busy_it_was(): void
    {
        $this->as(Role::Technician);
        for ($hour = 0; $hour <= 14; $hour++) {
            $this->travelTo(CarbonImmutable::now()->addMinutes(59));
            $this->getJson('/api/day')->assertOk();
        }
        $this->travelTo(CarbonImmutable::now()->addMinutes(59));

        $this->getJson('/api/day')->assertUnauthorized();
    }

    public function test_signing_out_elsewhere_leaves_this_session_and_those_of_others(): void
    {
        $me = $this->as(Role::Technician);
        $began = (float) CarbonImmutable::now()->format('U.u');
        $this->travel(1)->seconds();

        $this->deleteJson('/api/sessions/elsewhere')->assertNoContent();

        $this->getJson('/api/day')->assertOk();
        // One that began before on another tablet is over; one that begins now is not, nor is that of somebody else.
        $this->withSession(['began_at' => $began]);
        $this->getJson('/api/day')->assertUnauthorized();
        $this->signedIn($me->refresh());
        $this->as(Role::Technician);
        $this->withSession(['began_at' => $began]);
        $this->getJson('/api/day')->assertOk();
    }

    public function test_too_many_requests_of_one_person_are_asked_to_wait_and_others_are_not(): void
    {
        config(['jade.requests_a_minute' => 3]);
        $this->as(Role::Technician);
        for ($at = 0; $at < 3; $at++) {
            $this->getJson('/api/people')->assertOk();
        }
        $late = $this->getJson('/api/people')->assertStatus(429);
        $this->assertFits($late, 'Problem');
        self::assertGreaterThan(0, (int) $late->headers->get('Retry-After'));

        $this->as(Role::Technician);
        $this->getJson('/api/people')->assertOk();
    }

    public function test_every_answer_carries_the_id_of_its_request(): void
    {
        self::assertTrue(Str::isUuid((string) $this->getJson('/api/session')->headers->get('X-Request-Id')));
        self::assertSame(
            'tablet-4.17',
            $this->getJson('/api/session', ['X-Request-Id' => 'tablet-4.17'])->headers->get('X-Request-Id'),
        );
        self::assertTrue(
            Str::isUuid(
                (string) $this->getJson('/api/session', ['X-Request-Id' => "a b\nc"])->headers->get('X-Request-Id'),
            ),
            'nothing strange gets into the log',
        );
    }

    public function test_health_and_readiness_tell_only_whether(): void
    {
        $this->assertFits($this->getJson('/api/health')->assertOk(), 'Health');
        $this->assertFits(
            $this->getJson('/api/ready')->assertOk()->assertJsonPath(
                'parts',
                ['database' => true, 'projections' => true, 'catalogue' => true, 'photos' => true, 'storage' => true],
            ),
            'Health',
        );
    }

    public function test_metrics_are_shut_without_their_token_and_in_the_text_format_with_it(): void
    {
        $this->getJson('/api/metrics')->assertUnauthorized();
        config(['jade.metrics_token' => 'collector-only']);
        $this->getJson('/api/metrics', ['Authorization' => 'Bearer wrong'])->assertUnauthorized();
        $text = $this->get('/api/metrics', ['Authorization' => 'Bearer collector-only'])->assertOk();

        self::assertStringStartsWith('text/plain; version=0.0.4', (string) $text->headers->get('Content-Type'));
        // Prometheus text exposition format 0.0.4: a help line, a type line, then name and value.
        self::assertMatchesRegularExpression(
            '/\A(# HELP jade_\w+ [^\n]+\n# TYPE jade_\w+ (counter|gauge)\njade_\w+ \d+\n)+\z/',
            (string) $text->getContent(),
        );
    }

    public function test_a_fault_of_ours_shows_no_trace(): void
    {
        $this->as(Role::Technician);
        $this->app->bind(
            \App\Presenters\PresentPeople::class,
            static fn () => throw new \RuntimeException('secret of the inside'),
        );
        $answer = $this->getJson('/api/people')->assertStatus(500);

        $this->assertFits($answer, 'Problem');
        self::assertStringNotContainsString('secret', (string) $answer->getContent());
    }

    public function test_the_people_of_the_yard_are_never_shown_with_what_opens_their_door(): void
    {
        $this->as(Role::Lead);
        $text = (string) $this->getJson('/api/people')->getContent();

        self::assertStringNotContainsString('password', $text);
        self::assertStringNotContainsString((string) User::query()->value('login'), $text);
    }
}
