<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\User;
use App\People\SecondFactor\Base32;
use App\People\SecondFactor\OneTimeCode;
use App\Presenters\PresentSession;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

final class SecondFactorTest extends YardTestCase
{
    private const PASSWORD = 'tern-quay';

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
    }

    /** Source: RFC 6238 appendix B, the column for SHA-1; the secret is the ASCII text of its section. */
    #[TestWith([59, '94287082'])]
    #[TestWith([1111111109, '07081804'])]
    #[TestWith([1111111111, '14050471'])]
    #[TestWith([1234567890, '89005924'])]
    #[TestWith([2000000000, '69279037'])]
    #[TestWith([20000000000, '65353130'])]
    public function test_a_code_is_the_one_of_the_published_vectors(int $seconds, string $code): void
    {
        $device = new OneTimeCode('12345678901234567890');
        $now = CarbonImmutable::createFromTimestampUTC($seconds);

        self::assertSame($code, $device->at(OneTimeCode::step($now), 8));
        self::assertSame(OneTimeCode::step($now), $device->stepOf(substr($code, 2), $now));
    }

    /** Source: RFC 4648 section 10, without the padding. */
    #[TestWith(['', ''])]
    #[TestWith(['f', 'MY'])]
    #[TestWith(['fo', 'MZXQ'])]
    #[TestWith(['foo', 'MZXW6'])]
    #[TestWith(['foob', 'MZXW6YQ'])]
    #[TestWith(['fooba', 'MZXW6YTB'])]
    #[TestWith(['foobar', 'MZXW6YTBOI'])]
    public function test_a_secret_is_typed_in_base_32(string $bytes, string $letters): void
    {
        self::assertSame($letters, Base32::of($bytes));
    }

    public function test_a_code_of_the_minute_before_or_after_opens_nothing(): void
    {
        $device = new OneTimeCode('12345678901234567890');
        $now = CarbonImmutable::createFromTimestampUTC(1_234_567_890);
        $step = OneTimeCode::step($now);

        self::assertSame($step - 1, $device->stepOf($device->at($step - 1), $now));
        self::assertSame($step + 1, $device->stepOf($device->at($step + 1), $now));
        self::assertNull($device->stepOf($device->at($step - 2), $now));
        self::assertNull($device->stepOf($device->at($step + 2), $now));
    }

    public function test_a_lead_sets_it_up_and_signs_in_with_the_code_of_the_device_from_then_on(): void
    {
        $lead = $this->person(Role::Lead);
        [$secret, $codes] = $this->setUpBy($lead);
        self::assertCount(10, array_unique($codes));
        self::assertStringNotContainsString(
            $secret,
            (string) DB::table('users')->where('id', $lead->id)->value('totp_secret'),
        );

        $this->leave();
        $asked = $this->signIn($lead)->assertStatus(422);
        $this->assertFits($asked, 'Problem');
        self::assertSame('/problems/code-needed', $asked->json('type'));
        self::assertArrayHasKey('code', $asked->json('field'));
        $this->signIn($lead, '000000')->assertStatus(422)->assertJsonPath('type', '/problems/wrong-code');
        self::assertNull($this->getJson('/api/session')->json('user'));

        $this->travel(1)->minutes();
        $code = $this->codeOf($secret);
        $session = $this->signIn($lead, substr($code, 0, 3).' '.substr($code, 3))->assertOk();
        $this->assertFits($session, 'Session');
        self::assertSame(
            ['is_set' => true, 'is_due' => false, 'due_at' => null, 'recovery_codes_left' => 10],
            $session->json('user.second_factor'),
        );
        self::assertSame(
            1,
            DB::table('audit_entries')->where('kind', 'second_factor_refused')->whereNull('actor_id')->count(),
        );
    }

    /** Source: RFC 6238 section 5.2, "the verifier MUST NOT accept the second attempt". */
    public function test_a_code_opens_once(): void
    {
        $lead = $this->person(Role::Lead);
        [$secret] = $this->setUpBy($lead);
        $this->leave();
        $this->signIn($lead, $this->codeOf($secret))->assertStatus(422);

        $this->travel(1)->minutes();
        $code = $this->codeOf($secret);
        $this->signIn($lead, $code)->assertOk();
        $this->leave();
        $this->signIn($lead, $code)->assertStatus(422)->assertJsonPath('type', '/problems/wrong-code');
    }

    public function test_a_recovery_code_opens_once_and_the_audit_says_how_many_are_left(): void
    {
        $lead = $this->person(Role::Lead);
        [, $codes] = $this->setUpBy($lead);
        $this->leave();
        $this->signIn($lead, strtoupper($codes[3]))->assertOk()->assertJsonPath(
            'user.second_factor.recovery_codes_left',
            9,
        );
        $this->leave();
        $this->signIn($lead, $codes[3])->assertStatus(422);
        self::assertSame('{"left":9}', DB::table('audit_entries')->where('kind', 'recovery_code_used')->value('after'));
    }

    public function test_after_twenty_wrong_codes_behind_the_right_password_nothing_is_looked_at_for_an_hour(): void
    {
        $lead = $this->person(Role::Lead);
        [, $codes] = $this->setUpBy($lead);
        $this->leave();
        for ($try = 0; $try < 20; $try++) {
            RateLimiter::clear("sign-in|account|{$lead->login}");
            RateLimiter::clear('sign-in|address|127.0.0.1');
            $this->signIn($lead, sprintf('%06d', $try))->assertStatus(422);
        }
        RateLimiter::clear("sign-in|account|{$lead->login}");
        $this->signIn($lead, $codes[0])->assertStatus(429)->assertJsonPath('type', '/problems/too-many-codes');
        $this->travel(61)->minutes();
        $this->signIn($lead, $codes[0])->assertOk();
    }

    public function test_a_real_yards_lead_puts_it_off_for_a_week_and_then_nothing_else_opens(): void
    {
        $lead = $this->person(Role::Lead);
        $this->signIn($lead)->assertOk()->assertJsonPath('user.second_factor.is_due', false);
        $due = CarbonImmutable::parse($this->getJson('/api/session')->json('user.second_factor.due_at'));
        self::assertEqualsWithDelta(7 * 86_400, CarbonImmutable::now()->diffInSeconds($due), 5);

        // A second sign-in does not put it off again; the session of the first has ended by itself.
        $this->travel(8)->days();
        $this->getJson('/api/day')->assertUnauthorized();
        $this->signIn($lead)->assertOk()->assertJsonPath('user.second_factor.is_due', true);
        $this->assertFits($this->getJson('/api/day')->assertStatus(403), 'Problem');
        $this->getJson('/api/people')->assertStatus(403)->assertJsonPath('type', '/problems/second-factor-due');
        $this->putJson('/api/session/preferences', ['language' => 'es'])->assertOk();
        $this->setUpBy($lead, false);
        $this->getJson('/api/day')->assertOk();
    }

    public function test_the_demo_may_put_it_off(): void
    {
        Storage::disk('local')->put(
            PresentSession::DEMO_FILE,
            '[{"login":"dilys","name":"Dilys","role":"lead","password":"x"}]',
        );
        $lead = $this->person(Role::Lead);
        $this->signIn($lead)->assertOk()->assertJsonPath('user.second_factor.due_at', null);
        $this->leave();
        $this->travel(30)->days();
        $this->signIn($lead)->assertOk();
        $this->getJson('/api/day')->assertOk();
    }

    public function test_it_is_not_asked_of_a_technician(): void
    {
        $technician = $this->person(Role::Technician);
        $this->signIn($technician)->assertOk()->assertJsonPath('user.second_factor', null);
        $this->postJson('/api/session/second-factor', ['password' => self::PASSWORD])->assertStatus(403);
        self::assertNull($technician->fresh()?->second_factor_due_at);
    }

    public function test_another_device_asks_for_the_password_and_the_present_code(): void
    {
        $lead = $this->person(Role::Lead);
        [$secret, $codes] = $this->setUpBy($lead);
        $this->postJson('/api/session/second-factor', ['password' => 'wrong'])->assertStatus(422);
        $this->postJson('/api/session/second-factor', ['password' => self::PASSWORD])->assertStatus(422)
            ->assertJsonPath('type', '/problems/code-needed');
        $this->postJson('/api/session/second-factor', ['password' => self::PASSWORD, 'code' => $codes[0]])->assertOk();

        // What is only proposed counts for nothing.
        $this->leave();
        $this->travel(2)->minutes();
        $this->signIn($lead, $this->codeOf($secret))->assertOk();
    }

    public function test_whoever_lost_the_device_gets_a_new_beginning_from_another_lead(): void
    {
        $lead = $this->person(Role::Lead);
        [, $codes] = $this->setUpBy($lead);
        $this->as(Role::Lead);
        $this->putJson("/api/people/{$lead->id}/password", ['password' => 'heron over the weir'])->assertOk();
        $this->leave();
        $again = $this->postJson(
            '/api/session',
            ['login' => $lead->login, 'password' => 'heron over the weir'],
        )->assertOk();
        self::assertFalse($again->json('user.second_factor.is_set'));
        self::assertSame(0, DB::table('recovery_codes')->where('user_id', $lead->id)->count());
        self::assertNotSame([], $codes);
    }

    public function test_a_code_without_a_device_is_told_where_to_begin(): void
    {
        $lead = $this->person(Role::Auditor);
        $this->signIn($lead)->assertOk();
        $this->assertFits(
            $this->putJson('/api/session/second-factor', ['code' => '123456'])->assertStatus(409),
            'Problem',
        );
    }

    /** @return array{string, list<string>} the letters of the secret, and the codes on paper */
    private function setUpBy(User $lead, bool $signsIn = true): array
    {
        if ($signsIn) {
            $this->signIn($lead)->assertOk();
        }
        $proposed = $this->postJson('/api/session/second-factor', ['password' => self::PASSWORD])->assertOk();
        $this->assertFits($proposed, 'ProposedDevice');
        $letters = str_replace(' ', '', $proposed->json('letters'));
        self::assertStringContainsString("secret={$letters}&", $proposed->json('address'));
        self::assertCount(strlen($proposed->json('square')[0]), $proposed->json('square'));
        $this->putJson('/api/session/second-factor', ['code' => '000000'])->assertStatus(422);
        $confirmed = $this->putJson('/api/session/second-factor', ['code' => $this->codeOf($letters)])->assertOk();
        $this->assertFits($confirmed, 'ConfirmedDevice');

        return [$letters, $confirmed->json('recovery_codes')];
    }

    private function signIn(User $user, ?string $code = null): \Illuminate\Testing\TestResponse
    {
        return $this->postJson(
            '/api/session',
            ['login' => $user->login, 'password' => self::PASSWORD] + ($code === null ? [] : ['code' => $code]),
        );
    }

    private function leave(): void
    {
        $this->deleteJson('/api/session')->assertNoContent();
    }

    /** As a device reckons it from the letters, apart from the code that is tested. */
    private function codeOf(string $letters): string
    {
        $bits = '';
        foreach (str_split($letters) as $letter) {
            $bits .= sprintf('%05b', strpos('ABCDEFGHIJKLMNOPQRSTUVWXYZ234567', $letter));
        }
        $secret = implode(
            '',
            array_map(
                static fn (string $byte): string => chr((int) bindec($byte)),
                str_split(substr($bits, 0, 160), 8),
            ),
        );
        $mac = hash_hmac('sha1', pack('NN', 0, intdiv(CarbonImmutable::now()->getTimestamp(), 30)), $secret);
        $word = hexdec(substr($mac, 2 * (int) hexdec($mac[39]), 8)) & 0x7FFFFFFF;

        return substr('00000'.$word, -6);
    }
}
