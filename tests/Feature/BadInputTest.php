<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\MachineStatus;
use App\Models\Role;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Tests\Support\YardTestCase;

/**
 * Bad input gets a clear answer that says what to do; nothing already entered is lost; nothing is accepted in
 * silence.
 */
final class BadInputTest extends YardTestCase
{
    private Walk $walk;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as(Role::Technician);
        $this->walk = $this->openWalk();
        $this->cross($this->walk, 'cold_isolated');
    }

    public function test_an_address_that_leads_nowhere_is_answered_by_a_page_with_the_way_back(): void
    {
        $page = $this->withHeaders(['Accept' => 'text/html'])->get('/walks/of-yesterday')->assertNotFound();

        self::assertStringContainsString('There is nothing at this address.', (string) $page->getContent());
        self::assertStringContainsString('href="/app"', (string) $page->getContent());
    }

    public function test_an_unknown_check_is_refused_and_named(): void
    {
        $refused = $this->send(
            $this->walk,
            $this->entry('check.answered', ['line' => 'no-such-check', 'answer' => 'stands']),
        )->assertStatus(422);

        self::assertSame('/problems/no-such-line', $refused->json('type'));
        self::assertStringContainsString('no-such-check', $refused->json('detail'));
    }

    public function test_a_batch_that_comes_twice_is_taken_once(): void
    {
        $entry = $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'stands']);
        $this->send($this->walk, $entry)->assertOk();
        $before = $this->entriesOf($this->machine);
        $again = $this->send($this->walk, $entry)->assertOk();

        self::assertSame('already_posted', $again->json('results.0.status'));
        self::assertSame($before, $this->entriesOf($this->machine));
    }

    public function test_of_a_batch_that_is_half_valid_the_valid_half_is_stored_and_the_rest_answered_one_by_one(): void
    {
        $batch = [
            $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'stands']),
            $this->entry('check.answered', ['line' => 'nowhere', 'answer' => 'stands']),
            $this->entry('check.answered', ['line' => 'cab-nobody', 'answer' => 'perhaps']),
            $this->entry('check.answered', ['line' => 'doc-warning-tag', 'answer' => 'stands']),
        ];
        $before = $this->entriesOf($this->machine);
        $results = $this->send($this->walk, ...$batch)->assertOk()->json('results');

        self::assertSame(['posted', 'refused', 'refused', 'posted'], array_column($results, 'status'));
        self::assertSame('/problems/look-at-the-fields', $results[2]['problem']['type']);
        self::assertArrayHasKey('payload.answer', $results[2]['problem']['field']);
        self::assertSame($before + 2, $this->entriesOf($this->machine));
    }

    public function test_another_entry_under_the_same_id_is_refused(): void
    {
        $entry = $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'stands']);
        $this->send($this->walk, $entry)->assertOk();

        $this->send($this->walk, ['payload' => ['line' => 'hkp-area', 'answer' => 'amiss']] + $entry)->assertStatus(
            409,
        );
    }

    public function test_ten_thousand_characters_are_refused_with_the_limit(): void
    {
        $refused = $this->send(
            $this->walk,
            $this->entry('finding.placed', [
                'at' => ['x' => 0, 'y' => 0],
                'kind' => 'dent',
                'words' => str_repeat('long ', 2000),
                'photos' => [],
            ]),
        )->assertStatus(422);

        self::assertStringContainsString('4000', implode(' ', array_merge(...array_values($refused->json('field')))));
    }

    public function test_emoji_and_right_to_left_text_come_back_as_they_went_in(): void
    {
        $words = 'خدش على الباب 🚜 ‏scratched‏ — čšž';
        $id = $this->post_($this->walk, 'finding.placed', [
            'at' => ['x' => 200, 'y' => 0],
            'kind' => 'scrape',
            'size_mm' => 40,
            'words' => $words,
            'photos' => [],
        ]);

        $finding = collect($this->getJson("/api/walks/{$this->walk->id}")->json('state.findings'))->firstWhere(
            'id',
            $id,
        );
        self::assertSame($words, $finding['words']);
        self::assertSame($words, LedgerEntry::query()->where('id', $id)->firstOrFail()->payload()->string('words'));
    }

    public function test_a_meter_below_the_last_one_needs_a_photo_and_a_reason_and_stands_as_disputed(): void
    {
        $this->lastMeter('1842.3', '-2 days');
        $this->keyOn();
        $reading = ['line' => 'doc-hour-meter', 'value' => '1700.0', 'unit' => 'h', 'observed' => []];
        $refused = $this->send($this->walk, $this->entry('reading.posted', $reading))->assertStatus(422);
        self::assertSame(['photo', 'reason'], array_keys($refused->json('field')));

        $photo = $this->post('/api/photos', ['photo' => UploadedFile::fake()->image('meter.jpg', 40, 30)])
            ->assertCreated()
            ->json('sha256');
        $taken = $this->send(
            $this->walk,
            $this->entry('reading.posted', $reading + ['reason' => 'meter changed', 'photo' => $photo]),
        )->assertOk();
        self::assertTrue($taken->json('results.0.judgement.verdict.is_disputed'));
        self::assertSame(
            '1842.3',
            MachineStatus::query()->findOrFail($this->machine->id)->smr_hours,
            'a disputed reading does not count yet',
        );
    }

    public function test_a_meter_that_gains_more_hours_than_passed_is_disputed_too(): void
    {
        $this->lastMeter('1842.3', '-2 hours');
        $this->keyOn();

        $this->send(
            $this->walk,
            $this->entry('reading.posted', [
                'line' => 'doc-hour-meter',
                'value' => '1850.0',
                'unit' => 'h',
                'observed' => [],
            ]),
        )
            ->assertStatus(422)
            ->assertJsonPath('type', '/problems/meter-needs-confirming');
        $this->send(
            $this->walk,
            $this->entry('reading.posted', [
                'line' => 'doc-hour-meter',
                'value' => '1844.0',
                'unit' => 'h',
                'observed' => [],
            ]),
        )->assertOk();
    }

    public function test_a_figure_that_the_instrument_cannot_show_or_in_another_unit_is_refused(): void
    {
        $this->send($this->walk, $this->entry('reading.posted', $this->reading('hyd-level-glass', '64')))
            ->assertStatus(422)
            ->assertJsonPath('type', '/problems/off-the-scale');
        $this->send($this->walk, $this->entry('reading.posted', $this->reading('hyd-level-glass', '18', 'l')))
            ->assertStatus(422)
            ->assertJsonPath('type', '/problems/wrong-unit');
        $this->send($this->walk, $this->entry('reading.posted', $this->reading('hyd-level-glass', 'about 18')))
            ->assertStatus(422)
            ->assertJsonPath('type', '/problems/look-at-the-fields');
    }

    public function test_a_tablet_whose_clock_runs_ahead_is_told_so(): void
    {
        $entry = $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'stands']);
        $entry['recorded_at'] = CarbonImmutable::now()->addDay()->utc()->format('Y-m-d\TH:i:s\Z');

        $this->send($this->walk, $entry)->assertStatus(422)->assertJsonPath('type', '/problems/clock-runs-ahead');
    }

    public function test_a_body_that_is_no_batch_is_answered(): void
    {
        $this->assertFits(
            $this->postJson("/api/walks/{$this->walk->id}/entries", ['entries' => []])->assertStatus(422),
            'Problem',
        );
        $this->assertFits(
            $this->postJson("/api/walks/{$this->walk->id}/verdicts", ['line' => 'hyd-level-glass'])->assertStatus(422),
            'Problem',
        );
        $results = $this->postJson("/api/walks/{$this->walk->id}/entries", [
            'entries' => ['not an entry', ['id' => 7]],
        ])->assertStatus(422);
        self::assertCount(2, $results->json('results'));
    }

    public function test_an_entry_kind_that_is_the_servers_own_cannot_be_posted(): void
    {
        $this->send($this->walk, $this->entry('walk.opened', ['movement' => 'checkout']))->assertStatus(403);
    }

    public function test_two_people_who_open_the_same_walk_share_it(): void
    {
        $this->as(Role::Mechanic);
        $other = $this->postJson("/api/hires/{$this->hire->id}/walks", [
            'id' => (string) Str::uuid7(),
            'movement' => 'checkout',
            'recorded_at' => self::now(),
        ])->assertOk();

        $this->assertFits($other, 'Walk');
        self::assertSame($this->walk->id, $other->json('id'));
    }

    /** The key is turned once nobody is in it and no tag hangs on it. */
    private function keyOn(): void
    {
        foreach (['cab-nobody', 'doc-warning-tag'] as $line) {
            $this->post_($this->walk, 'check.answered', ['line' => $line, 'answer' => 'stands']);
        }
        $this->cross($this->walk, 'key_on');
    }

    private function lastMeter(string $hours, string $when): void
    {
        MachineStatus::query()
            ->where('machine_id', $this->machine->id)
            ->update(['smr_hours' => $hours, 'smr_at' => CarbonImmutable::parse($when)->format('Y-m-d H:i:s.u')]);
    }

    public function test_a_photo_without_a_figure_is_no_reading(): void
    {
        $this->keyOn();
        $result = $this->send(
            $this->walk,
            $this->entry('reading.posted', [
                'line' => 'doc-hour-meter',
                'unit' => 'h',
                'observed' => [],
                'photo' => str_repeat('a', 64),
            ]),
        )->json('results.0');

        self::assertSame('/problems/no-figure', $result['problem']['type']);
        self::assertArrayHasKey('value', $result['problem']['field']);
    }

    public function test_a_reading_at_several_points_wants_every_one_of_them(): void
    {
        $machine = Machine::query()->create([
            'fleet_number' => 'G-'.random_int(100, 9999),
            'model_id' => 'brennock_g60',
            'serial' => 'G60-1',
            'bay' => 'shed E',
        ]);
        $walk = $this->openWalk(hire: $this->hireOf($machine));
        $this->walkUpTo($walk, 'gen-voltage');
        $post = fn (array $points): array => $this->send(
            $walk,
            $this->entry('reading.posted', [
                'line' => 'gen-voltage',
                'unit' => 'V',
                'points' => $points,
                'observed' => [['condition' => 'no_load', 'seen' => true]],
            ]),
        )->json('results.0');

        self::assertSame('/problems/points-missing', $post(['400', '401'])['problem']['type']);
        self::assertSame('/problems/off-the-scale', $post(['400', '401', '4000'])['problem']['type']);
        $low = $post(['400', '401', '371']);
        self::assertSame('attend', $low['judgement']['verdict']['outcome'], 'the worst phase counts');
        self::assertSame(
            '371.000',
            (string) \App\Models\Reading::query()
                ->where('walk_id', $walk->id)
                ->where('line', 'gen-voltage')
                ->latest('recorded_at')
                ->value('value'),
        );
    }

    public function test_a_park_brake_hold_without_a_word_of_how_it_went_says_nothing(): void
    {
        $machine = Machine::query()->create([
            'fleet_number' => 'L-'.random_int(100, 9999),
            'model_id' => 'wexmoor_l7',
            'serial' => 'L7-1',
            'bay' => 'quay',
        ]);
        $walk = $this->openWalk(hire: $this->hireOf($machine));
        $this->walkUpTo($walk, 'brk-park-hold');
        $observed = [
            ['condition' => 'belt_on_lane_clear', 'seen' => true],
            ['condition' => 'brake_warm_not_hot', 'seen' => true],
            ['condition' => 'hold_revs', 'value' => '1500'],
        ];
        $post = fn (array $more): array => $this->send(
            $walk,
            $this->entry(
                'reading.posted',
                ['line' => 'brk-park-hold', 'unit' => 's', 'value' => '12', 'observed' => $observed] + $more,
            ),
        )->json('results.0');

        self::assertSame('/problems/say-how-it-went', $post([])['problem']['type']);
        self::assertSame('stop', $post(['look' => 'moved'])['judgement']['verdict']['outcome']);
        $slow = $this->send(
            $walk,
            $this->entry('reading.posted', [
                'line' => 'brk-park-hold',
                'unit' => 's',
                'value' => '12',
                'look' => 'stood',
                'observed' => [['condition' => 'hold_revs', 'value' => '900']] + $observed,
            ]),
        )->json('results.0');
        self::assertFalse($slow['judgement']['is_valid'], 'the engine speed of the test is a condition of it');
    }

    public function test_lamps_and_codes_are_judged_and_a_code_that_no_machine_shows_is_refused(): void
    {
        $this->walkUpTo($this->walk, 'ctl-lamps-clear');
        $post = fn (array $payload): array => $this->send(
            $this->walk,
            $this->entry('dashboard.read', ['line' => 'ctl-lamps-clear'] + $payload),
        )->json('results.0');

        self::assertSame(
            '/problems/no-such-code',
            $post(['lamps' => [], 'codes' => [['spn' => 100, 'fmi' => 32]]])['problem']['type'],
        );
        self::assertSame('attend', $post(['lamps' => ['amber'], 'codes' => []])['judgement']['verdict']['outcome']);
        $other = $post([
            'lamps' => [],
            'codes' => [],
            'signals' => [['colour' => 'amber', 'rhythm' => 'steady', 'words' => 'CHG']],
        ])['judgement']['verdict'];
        self::assertSame('attend', $other['outcome']);
        self::assertStringContainsString('CHG', $other['reason']);
        $stop = $post(['lamps' => [], 'codes' => [['spn' => 100, 'fmi' => 1]]]);
        self::assertSame('stop', $stop['judgement']['verdict']['outcome']);
        self::assertStringContainsString('SPN 100 FMI 1', $stop['judgement']['verdict']['reason']);
        self::assertSame(
            '/problems/read-the-dashboard',
            $this->send(
                $this->walk,
                $this->entry('check.answered', ['line' => 'ctl-lamps-clear', 'answer' => 'stands']),
            )->json('results.0.problem.type'),
        );
    }
}
