<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\HirerLink;
use App\Models\HirerReport;
use App\Models\HirerTick;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\Role;
use App\Models\Yard;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** The page of a hirer: a link that nobody guesses, what it shows, and what comes back by it. */
final class HirerPageTest extends YardTestCase
{
    public function test_whoever_has_the_link_reads_how_to_start_and_stop_the_machine_without_an_account(): void
    {
        Yard::query()->update(['phone' => '0700 555 0199']);
        $token = $this->handedOut();

        $page = $this->page($token)->assertOk();
        $this->assertFits($page, 'HirerPage');
        self::assertSame('out', $page->json('standing'));
        self::assertSame('0700 555 0199', $page->json('phone'));
        $kinds = array_unique(array_column($page->json('steps'), 'kind'));
        self::assertEqualsCanonicalizing(['startup', 'working', 'shutdown'], $kinds);
        self::assertStringNotContainsString('Saltmarsh', (string) $page->getContent(), 'No talk of the yard.');
        self::assertNotNull(HirerLink::query()->firstOrFail()->opened_at);
        self::assertStringContainsString('no-store', (string) $page->headers->get('Cache-Control'));
    }

    public function test_it_is_read_in_the_language_that_is_asked_for(): void
    {
        $token = $this->handedOut();
        $english = array_column($this->page($token)->json('steps'), 'instruction', 'id');
        $spanish = array_column($this->page($token, '?language=es')->json('steps'), 'instruction', 'id');

        self::assertSame(array_keys($english), array_keys($spanish));
        self::assertNotSame($english['read_first'], $spanish['read_first']);
        self::assertStringContainsString('manual', $spanish['read_first']);
    }

    public function test_a_token_that_was_guessed_revoked_or_has_expired_answers_alike_and_none_asks_for_one(): void
    {
        $token = $this->handedOut();
        $this->getJson('/api/hirer-page')->assertUnauthorized();
        $guessed = $this->page(str_repeat('A', 43))->assertNotFound()->json();

        CarbonImmutable::setTestNow($this->hire->comes_back_at->toImmutable()->addDays(31));
        self::assertSame($guessed, $this->page($token)->assertNotFound()->json());
        CarbonImmutable::setTestNow();
        $this->page($token)->assertOk();

        $this->as(Role::Counter);
        $this->deleteJson("/api/hires/{$this->hire->id}/link")->assertOk()->assertJsonPath('link', null);
        self::assertSame($guessed, $this->page($token)->assertNotFound()->json());
        $again = $this->made();
        self::assertNotSame($token, $again, 'The next link is another one.');
        $this->page($again)->assertOk();
    }

    public function test_the_database_alone_opens_no_page_and_the_link_is_shown_again_as_it_was(): void
    {
        $token = $this->handedOut();
        $row = json_encode(DB::table('hirer_links')->first(), JSON_THROW_ON_ERROR);

        self::assertStringNotContainsString($token, $row);
        self::assertSame($token, $this->made(), 'Two who ask are given the same one.');
        self::assertSame(1, HirerLink::query()->count());
    }

    public function test_a_page_that_is_opened_again_and_again_writes_nothing_more(): void
    {
        $token = $this->handedOut();
        $this->page($token);
        DB::enableQueryLog();
        for ($times = 0; $times < 20; $times++) {
            $this->page($token)->assertOk();
        }
        $writes = array_filter(
            array_column(DB::getQueryLog(), 'query'),
            static fn (string $query): bool => preg_match('/^(insert|update|delete)/i', $query) === 1
                && ! str_contains($query, '`cache`'),
        );

        self::assertSame([], array_values($writes));
        self::assertSame(0, DB::table('sessions')->count(), 'No session is opened for it.');
    }

    public function test_before_it_is_theirs_and_after_it_is_back_the_page_says_only_that(): void
    {
        $token = $this->handedOut();
        $this->stands(HireStatus::Ready);
        self::assertSame('not_out', $this->page($token)->json('standing'));
        $this->stands(HireStatus::Returned);
        $over = $this->page($token)->assertOk();
        self::assertSame('over', $over->json('standing'));
        self::assertSame([], $over->json('steps'));
        self::assertSame([], $over->json('duties'));
    }

    public function test_a_tick_is_an_entry_of_the_hirer_and_clears_at_four_in_the_morning(): void
    {
        CarbonImmutable::setTestNow(CarbonImmutable::parse('2027-01-12 22:00', 'Europe/London'));
        $this->hire->update(['goes_out_at' => '2027-01-12 08:00:00', 'comes_back_at' => '2027-01-15 16:00:00']);
        $token = $this->handedOut();
        $duty = $this->page($token)->json('duties.0.id');
        self::assertIsString($duty);
        $this->say($token, 'hirer.ticked', ['point' => $duty, 'answer' => 'done'])->assertOk();

        $entry = LedgerEntry::query()->where('kind', 'hirer.ticked')->firstOrFail();
        self::assertNull($entry->actor_id);
        self::assertSame('link_holder', $entry->actor_kind);
        self::assertSame('2027-01-12', HirerTick::query()->firstOrFail()->day->format('Y-m-d'));
        self::assertTrue($this->page($token)->json('duties.0.ticked'));
        // A night shift ends the day, not midnight.
        CarbonImmutable::setTestNow(CarbonImmutable::parse('2027-01-13 03:59', 'Europe/London'));
        self::assertTrue($this->page($token)->json('duties.0.ticked'));
        CarbonImmutable::setTestNow(CarbonImmutable::parse('2027-01-13 04:00', 'Europe/London'));
        self::assertFalse($this->page($token)->json('duties.0.ticked'));

        $this->as(Role::Technician);
        $said = $this->getJson("/api/hires/{$this->hire->id}/hirer-reports")->assertOk();
        $this->assertFits($said, 'SaidByHirer');
        self::assertSame('2027-01-12', $said->json('ticks.0.day'));
    }

    public function test_the_later_word_counts_in_whatever_order_it_comes_in(): void
    {
        $token = $this->handedOut();
        $duty = (string) $this->page($token)->json('duties.0.id');
        $now = CarbonImmutable::now();
        $late = ['recorded_at' => $now->format('Y-m-d\TH:i:s.u\Z')] + $this->ticked($duty, 'not_done');
        $early = ['recorded_at' => $now->subMinutes(2)->format('Y-m-d\TH:i:s.u\Z')] + $this->ticked($duty, 'done');
        $this->sendByLink($token, $late)->assertOk();
        $this->sendByLink($token, $early)->assertOk();
        self::assertFalse(HirerTick::query()->firstOrFail()->is_done);

        $this->app->make(RebuildProjections::class)();
        self::assertFalse(HirerTick::query()->firstOrFail()->is_done);
    }

    public function test_a_link_posts_ticks_and_reports_and_nothing_else(): void
    {
        $token = $this->handedOut();
        $this->say($token, 'site.answered', ['answers' => ['people' => 'no']])->assertForbidden();
        $this->say($token, 'hire.closed', [])->assertForbidden();
        $this->say($token, 'hirer.ticked', ['point' => 'no_such_point', 'answer' => 'done'])->assertStatus(422);
        $this->say($token, 'hirer.reported', ['words' => ' ', 'runs' => 'stopped'])->assertStatus(422);
        self::assertSame(0, LedgerEntry::query()->where('actor_kind', 'link_holder')->count());

        // And nobody of the yard speaks for the hirer.
        $this->as(Role::Lead);
        $tick = $this->ticked('x', 'done');
        $this->postJson("/api/hires/{$this->hire->id}/entries", ['entries' => [$tick]])->assertForbidden();
    }

    public function test_a_report_is_a_question_to_the_yard_and_tags_nothing(): void
    {
        $token = $this->handedOut();
        $photo = $this->withHeaders(['Authorization' => "Bearer {$token}"])
            ->post('/api/hirer-page/photos', ['photo' => UploadedFile::fake()->image('leak.jpg', 40, 30)])
            ->assertCreated()->json('sha256');
        $this->say($token, 'hirer.reported', [
            'words' => 'Oil under the boom foot', 'runs' => 'stopped', 'phone' => '0700 555 0123', 'photo' => $photo,
        ])->assertOk();
        self::assertSame('out', $this->page($token)->json('standing'), 'It tags nothing by itself.');

        $this->as(Role::Lead);
        $open = $this->getJson('/api/hirer-reports')->assertOk();
        self::assertSame('Oil under the boom foot', $open->json('reports.0.words'));
        $this->assertFits($this->getJson("/api/hires/{$this->hire->id}/hirer-reports"), 'SaidByHirer');
        $report = HirerReport::query()->firstOrFail();
        $settled = ['report' => $report->id, 'how' => 'visited', 'words' => 'Hose changed on site'];
        $this->tell('report.settled', $settled)->assertOk();
        $this->tell('report.settled', $settled)->assertStatus(409);
        self::assertSame([], $this->getJson('/api/hirer-reports')->json('reports'));
        self::assertSame('Hose changed on site', $this->page($token)->json('reports.0.settled'));

        $this->app->make(RebuildProjections::class)();
        self::assertSame('Hose changed on site', $report->refresh()->settled_words);
    }

    public function test_a_hire_is_not_closed_over_a_report_that_nobody_settled(): void
    {
        $token = $this->handedOut();
        $this->say($token, 'hirer.reported', ['words' => 'Horn is dead', 'runs' => 'running'])->assertOk();
        $this->stands(HireStatus::Returned);
        $this->as(Role::Lead);

        $this->tell('hire.closed', [])->assertStatus(409)->assertJsonPath('type', '/problems/reports-open');
        $report = HirerReport::query()->firstOrFail()->id;
        $this->tell('report.settled', ['report' => $report, 'how' => 'on_return', 'words' => 'Fuse, changed'])
            ->assertOk();
        $this->tell('hire.closed', [])->assertOk();
    }

    public function test_a_picture_that_is_none_and_a_picture_that_is_not_here_are_refused_in_words(): void
    {
        $token = $this->handedOut();
        $video = UploadedFile::fake()->create('clip.mp4', 21 * 1024, 'video/mp4');
        $this->withHeaders(['Authorization' => "Bearer {$token}"])
            ->post('/api/hirer-page/photos', ['photo' => $video])->assertStatus(413);
        $this->withHeaders(['Authorization' => "Bearer {$token}"])
            ->post('/api/hirer-page/photos', ['photo' => UploadedFile::fake()->create('a.jpg', 3)])->assertStatus(422);
        $this->say($token, 'hirer.reported', [
            'words' => 'See picture', 'runs' => 'running', 'photo' => str_repeat('0', 64),
        ])->assertStatus(409);
    }

    public function test_more_reports_than_anybody_reads_send_the_hirer_to_the_telephone(): void
    {
        $token = $this->handedOut();
        $reports = array_map(
            fn (int $at): array => $this->entry('hirer.reported', ['words' => "Fault {$at}", 'runs' => 'running']),
            range(1, 20),
        );
        $this->sendByLink($token, ...$reports)->assertOk();

        $this->say($token, 'hirer.reported', ['words' => 'One more', 'runs' => 'running'])
            ->assertStatus(409)->assertJsonPath('type', '/problems/too-many-reports');
    }

    public function test_the_number_to_ring_is_kept_by_the_lead(): void
    {
        $this->as(Role::Technician);
        $this->putJson('/api/yard', ['phone' => '0700 555 0199'])->assertForbidden();
        $this->as(Role::Lead);
        $this->putJson('/api/yard', ['phone' => 'ring us'])->assertStatus(422);
        $this->assertFits($this->putJson('/api/yard', ['phone' => '0700 555 0199'])->assertOk(), 'Yard');
        self::assertSame('0700 555 0199', $this->getJson('/api/yard')->json('phone'));
        $this->putJson('/api/yard', ['phone' => null])->assertOk()->assertJsonPath('phone', null);
    }

    /** The machine is out, and the link of its hire is made. */
    private function handedOut(): string
    {
        $this->stands(HireStatus::Out);

        return $this->made();
    }

    private function made(): string
    {
        $this->as(Role::Counter);
        $made = $this->postJson("/api/hires/{$this->hire->id}/link")->assertCreated();
        $this->assertFits($made, 'HirerLink');
        $this->app->make('auth')->forgetGuards();
        $this->flushSession();

        return explode('#', (string) $made->json('link.address'))[1];
    }

    private function stands(HireStatus $as): void
    {
        HireState::query()->updateOrCreate(
            ['hire_id' => $this->hire->id],
            ['standing' => $as, 'out_at' => CarbonImmutable::now()->subHour()],
        );
        MachineStatus::query()->updateOrCreate(
            ['machine_id' => $this->machine->id],
            ['standing' => $as === HireStatus::Out ? MachineStanding::Out : MachineStanding::InYard],
        );
    }

    private function page(string $token, string $query = ''): TestResponse
    {
        return $this->getJson("/api/hirer-page{$query}", ['Authorization' => "Bearer {$token}"]);
    }

    /** @param  array<string, mixed>  $payload */
    private function say(string $token, string $kind, array $payload): TestResponse
    {
        return $this->sendByLink($token, $this->entry($kind, $payload));
    }

    /** @param  array<string, mixed>  ...$entries */
    private function sendByLink(string $token, array ...$entries): TestResponse
    {
        return $this->postJson(
            '/api/hirer-page/entries',
            ['entries' => array_values($entries)],
            ['Authorization' => "Bearer {$token}"],
        );
    }

    /** @return array<string, mixed> */
    private function ticked(string $point, string $answer): array
    {
        return $this->entry('hirer.ticked', ['point' => $point, 'answer' => $answer]);
    }

    /** @param  array<string, mixed>  $payload */
    private function tell(string $kind, array $payload): TestResponse
    {
        return $this->postJson("/api/hires/{$this->hire->id}/entries", ['entries' => [$this->entry($kind, $payload)]]);
    }
}
