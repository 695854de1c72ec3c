<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HireStatus;
use App\Models\MachineStanding;
use App\Models\Role;
use App\Models\Walk;
use App\Models\WalkLine;
use Tests\Support\YardTestCase;

final class WalkTest extends YardTestCase
{
    public function test_a_walk_is_sent_whole_with_its_plan_and_its_state(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $sent = $this->getJson("/api/walks/{$walk->id}")->assertOk();

        $this->assertFits($sent, 'Walk');
        self::assertSame(count($sent->json('state.lines')), $sent->json('state.progress.lines_left'));
        self::assertNull($sent->json('state.stage'));
    }

    public function test_nothing_is_read_before_the_state_is_confirmed_line_by_line(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->send($walk, $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'stands']))
            ->assertStatus(422)
            ->assertJsonPath('type', '/problems/state-first');

        $half = $this->send(
            $walk,
            $this->entry('state.crossed', ['stage' => 'cold_isolated', 'confirmed' => ['area', 'lowered']]),
        )->assertStatus(422);
        self::assertStringContainsString('key out', $half->json('detail'));
    }

    public function test_low_oil_asks_for_a_second_reading_and_keeps_the_engine_off_until_it_stands(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkColdLines($walk, except: 'hyd-level-glass');
        $low = $this->send($walk, $this->entry('reading.posted', $this->reading('hyd-level-glass', '18')))->assertOk();
        self::assertSame('attend', $low->json('results.0.judgement.verdict.outcome'));
        self::assertEquals(
            ['litres' => '1', 'fluid' => 'ISO 46', 'reread_after_minutes' => 5],
            $low->json('results.0.judgement.verdict.top_up'),
        );
        self::assertSame('6 mm below the Add mark.', $low->json('results.0.judgement.verdict.reason'));

        $stages = array_column($walk->plan->body['stages'], null, 'id');
        $start = $this->entry('state.crossed', [
            'stage' => 'running',
            'confirmed' => array_column($stages['running']['lines'], 'id'),
        ]);
        $refused = $this->send($walk, $start)->assertStatus(409);
        self::assertStringContainsString('Hydraulic oil at the sight glass', $refused->json('detail'));

        $this->post_($walk, 'reading.posted', $this->reading('hyd-level-glass', '34'));
        $blocked = array_column(
            $this->getJson("/api/walks/{$walk->id}")->json('state.blocked_stages'),
            'lines',
            'stage',
        );
        self::assertNotContains('hyd-level-glass', $blocked['running'] ?? []);
        self::assertSame(2, $this->lineOf($walk, 'hyd-level-glass')['attempts']);
    }

    public function test_no_oil_on_the_glass_shuts_what_needs_the_engine_and_the_second_reading_opens_it_again(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $this->post_($walk, 'reading.posted', $this->reading('hyd-level-glass', '0'));
        $state = $this->getJson("/api/walks/{$walk->id}")->assertOk();
        $this->assertFits($state, 'Walk');
        self::assertSame(
            ['running', 'function', 'driving', 'just_stopped'],
            array_column($state->json('state.shut_stages'), 'stage'),
        );
        self::assertGreaterThan(0, $state->json('state.progress.lines_shut'));

        $this->post_($walk, 'reading.posted', $this->reading('hyd-level-glass', '30'));
        self::assertSame([], $this->getJson("/api/walks/{$walk->id}")->json('state.shut_stages'));
    }

    public function test_a_reading_without_its_posture_is_posted_as_not_valid_and_asked_again(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $slope =
            ['observed' => [['condition' => 'level_ground', 'value' => '5.0']]] +
            $this->reading('hyd-level-glass', '30');
        $posted = $this->send($walk, $this->entry('reading.posted', $slope))->assertOk();

        self::assertFalse($posted->json('results.0.judgement.is_valid'));
        self::assertSame(
            ['level_ground', 'arm_upright', 'engine_off_5_min', 'oil_20_to_40'],
            $posted->json('results.0.judgement.missing_conditions'),
        );
        self::assertSame(
            ['open', null],
            [$this->lineOf($walk, 'hyd-level-glass')['outcome'], $this->lineOf($walk, 'hyd-level-glass')['value']],
        );
        $this->post_($walk, 'reading.posted', $this->reading('hyd-level-glass', '30'));
        self::assertSame('stands', $this->lineOf($walk, 'hyd-level-glass')['outcome']);
    }

    public function test_oil_in_frost_keeps_nothing_shut_and_is_read_again_before_anybody_decides(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkColdLines($walk, except: 'hyd-level-glass');
        $blocked = fn (): array => array_column(
            $this->getJson("/api/walks/{$walk->id}")->json('state.blocked_stages'),
            'lines',
            'stage',
        )['running'] ?? [];
        self::assertContains('hyd-level-glass', $blocked());

        $frost = $this->reading('hyd-level-glass', '30');
        $frost['observed'][3]['value'] = '5';
        $posted = $this->send($walk, $this->entry('reading.posted', $frost))->assertOk();
        self::assertFalse($posted->json('results.0.judgement.is_valid'));
        self::assertNotContains('hyd-level-glass', $blocked());
        $state = $this->getJson("/api/walks/{$walk->id}");
        $this->assertFits($state, 'Walk');
        self::assertSame('hyd-level-glass', $state->json('state.read_later.0.line'));
        self::assertContains('secured', $state->json('state.read_later.0.stages'));
        // A line that something made due again counts from nought; its reading in frost is still the last one.
        WalkLine::query()->where('walk_id', $walk->id)->where('key', 'hyd-level-glass')->update(['attempts' => 0]);
        self::assertNotContains('hyd-level-glass', $blocked());
        self::assertSame('open', $this->lineOf($walk, 'hyd-level-glass')['outcome'], 'it is still owed');
        $this->send(
            $walk,
            $this->entry('release.decided', ['decision' => 'released', 'conditions' => []]),
        )->assertStatus(409);

        $this->post_($walk, 'reading.posted', $this->reading('hyd-level-glass', '30'));
        self::assertSame([], $this->getJson("/api/walks/{$walk->id}")->json('state.read_later'));
        self::assertSame('stands', $this->lineOf($walk, 'hyd-level-glass')['outcome']);
    }

    public function test_the_verdict_beforehand_is_the_verdict_that_is_posted(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        foreach (['0', '18', '24', '30', '40'] as $level) {
            $preview = $this->postJson(
                "/api/walks/{$walk->id}/verdicts",
                $this->reading('hyd-level-glass', $level),
            )->assertOk();
            $this->assertFits($preview, 'Judgement');
            $posted = $this->send(
                $walk,
                $this->entry('reading.posted', $this->reading('hyd-level-glass', $level)),
            )->json('results.0.judgement');
            self::assertEquals($preview->json(), $posted);
        }
    }

    public function test_a_struck_line_opens_again_and_stays_legible(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $wrong = $this->post_($walk, 'reading.posted', $this->reading('hyd-level-glass', '30'));
        $this->post_($walk, 'entry.struck', ['reason' => 'read on a slope'], $wrong);

        self::assertSame('open', $this->lineOf($walk, 'hyd-level-glass')['outcome']);
        $trail = $this->getJson("/api/machines/{$this->machine->id}/entries")->assertOk();
        $this->assertFits($trail, 'EntryPage');
        $struck = collect($trail->json('entries'))->firstWhere('id', $wrong);
        self::assertSame('read on a slope', $struck['struck_by']['reason']);
        self::assertStringContainsString('30', $struck['words']);
        $this->send($walk, $this->entry('entry.struck', ['reason' => 'once more'], $wrong))->assertStatus(409);
    }

    public function test_somebody_elses_line_is_struck_by_the_lead_only(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $line = $this->post_($walk, 'check.answered', ['line' => 'hkp-area', 'answer' => 'stands']);
        $this->as(Role::Mechanic);
        $this->send($walk, $this->entry('entry.struck', ['reason' => 'not so'], $line))->assertForbidden();
        $this->as(Role::Lead);

        $this->send($walk, $this->entry('entry.struck', ['reason' => 'not so'], $line))->assertOk();
    }

    public function test_a_machine_that_is_out_or_tagged_is_not_checked_out_again(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->post_($walk, 'tag.hung', ['reason' => 'hose cut to the wire']);
        self::assertSame(HireStatus::Stopped, $this->hire->refresh()->standing());
        self::assertSame(MachineStanding::TaggedOut, $this->machine->state()->firstOrFail()->standing);

        $next = $this->hireOf($this->machine);
        $this->postJson("/api/hires/{$next->id}/walks", [
            'id' => '01890a5d-ac96-774b-bcce-b302099a8057',
            'movement' => 'checkout',
            'recorded_at' => self::now(),
        ])
            ->assertStatus(409)
            ->assertJsonPath('type', '/problems/tag-hangs');
        $this->postJson("/api/hires/{$next->id}/walks", [
            'id' => '01890a5d-ac96-774b-bcce-b302099a8057',
            'movement' => 'return',
            'recorded_at' => self::now(),
        ])
            ->assertStatus(409)
            ->assertJsonPath('type', '/problems/not-out-yet');
    }

    /** @return array<string, mixed> */
    private function lineOf(Walk $walk, string $key): array
    {
        return collect($this->getJson("/api/walks/{$walk->id}")->json('state.lines'))->firstWhere('key', $key);
    }

    private function walkColdLines(Walk $walk, string $except): void
    {
        $cold = array_merge(
            ...array_column(
                array_filter(
                    $walk->plan->body['visits'],
                    static fn (array $visit): bool => $visit['stage'] === 'cold_isolated',
                ),
                'lines',
            ),
        );
        $this->walkLines(
            $walk,
            array_values(
                array_filter(
                    array_column(
                        array_filter($cold, static fn (array $line): bool => $line['instrument'] === null),
                        'key',
                    ),
                    static fn (string $key): bool => $key !== $except,
                ),
            ),
        );
    }

    public function test_a_second_technician_walks_along_and_the_stations_are_divided(): void
    {
        $first = $this->as(Role::Technician);
        $walk = $this->openWalk();
        self::assertCount(1, $this->getJson("/api/walks/{$walk->id}")->json('state.people'));
        $second = $this->as(Role::Technician);
        $this->post_($walk, 'walk.joined', []);

        $shared = $this->getJson("/api/walks/{$walk->id}");
        $this->assertFits($shared, 'Walk');
        self::assertSame(
            [$first->id, $second->id],
            array_column(array_column($shared->json('state.people'), 'person'), 'id'),
        );
        [$mine, $theirs] = array_column($shared->json('state.people'), 'visits');
        self::assertNotSame([], $theirs);
        self::assertEqualsCanonicalizing(array_column($shared->json('plan.visits'), 'number'), [...$mine, ...$theirs]);
        self::assertSame('walks_along_already', $this->refusal($walk, 'walk.joined'));

        $this->post_($walk, 'walk.left', []);
        self::assertSame(
            [array_column($shared->json('plan.visits'), 'number')],
            array_column($this->getJson("/api/walks/{$walk->id}")->json('state.people'), 'visits'),
        );
        self::assertSame('does_not_walk_along', $this->refusal($walk, 'walk.left'));
    }

    public function test_the_last_person_does_not_leave_a_walk_alone(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();

        self::assertSame('last_on_the_walk', $this->refusal($walk, 'walk.left'));
    }

    private function refusal(Walk $walk, string $kind): string
    {
        $result = $this->send($walk, $this->entry($kind, []))->json('results.0');

        return str_replace('-', '_', basename((string) ($result['problem']['type'] ?? '')));
    }

    public function test_the_rest_of_a_station_may_be_said_at_once_but_never_a_line_that_stops_or_is_read(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $lines = array_merge(...array_column($walk->plan->body['visits'], 'lines'));
        $together = array_values(array_filter($lines, static fn (array $line): bool => $line['may_stand_together']));
        $alone = array_values(array_filter($lines, static fn (array $line): bool => ! $line['may_stand_together']));
        self::assertNotSame([], $together);
        foreach ($alone as $line) {
            self::assertTrue(
                $line['severity'] === 'stop' || $line['answer'] !== 'look' || $line['stands_before'] !== null,
                $line['key'],
            );
        }
        $say = fn (array $line, string $answer = 'stands'): array => $this->send(
            $walk,
            $this->entry('check.answered', ['line' => $line['key'], 'answer' => $answer, 'together' => true]),
        )->json('results.0');

        self::assertSame('posted', $say($together[0])['status']);
        self::assertSame('refused', $say($together[1], 'amiss')['status'], 'what is not so is said on its own');
        foreach (array_slice($alone, 0, 5) as $line) {
            self::assertSame('refused', $say($line)['status'], $line['key']);
        }
    }
}
