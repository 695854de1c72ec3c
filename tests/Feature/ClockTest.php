<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\DoubtfulEntry;
use App\Models\Machine;
use App\Models\Role;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/**
 * When something is said to have happened cannot make it allowed: clocks, back-dating, tablets that were away for days.
 */
final class ClockTest extends YardTestCase
{
    #[TestWith(['-3 days'], 'three days ago')]
    #[TestWith(['1990-05-01T08:00:00Z'], 'in 1990')]
    #[TestWith(['0001-01-01T00:00:00Z'], 'in year 1')]
    #[TestWith(['+40 minutes'], 'in forty minutes')]
    #[TestWith(['2099-01-01T00:00:00Z'], 'in 2099')]
    public function test_an_entry_that_is_dated_outside_of_its_walk_is_refused(string $when): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();

        $entry = ['recorded_at' => self::at($when)] + $this->entry(
            'state.crossed',
            $this->crossing($walk, 'cold_isolated'),
        );

        $problem = $this->send($walk, $entry)->assertStatus(422)->json('results.0.problem');
        self::assertContains($problem['type'], ['/problems/before-the-opening', '/problems/clock-runs-ahead']);
        self::assertArrayHasKey('recorded_at', $problem['field']);
    }

    #[TestWith(['2099-01-01T00:00:00Z'])]
    #[TestWith(['1990-05-01T08:00:00Z'])]
    #[TestWith(['+40 minutes'])]
    public function test_an_opening_that_cannot_have_been_then_is_refused(string $when): void
    {
        $this->as(Role::Technician);

        $this->postJson(
            "/api/hires/{$this->hire->id}/walks",
            ['id' => (string) Str::uuid7(), 'movement' => 'checkout', 'recorded_at' => self::at($when)],
        )->assertStatus(422);
        self::assertSame(0, $this->entriesOf($this->machine));
    }

    /** A clock that is off is put right by the difference that the tablet tells, and what it said is kept. */
    #[TestWith([40 * 60])]
    #[TestWith([6 * 3600])]
    public function test_a_clock_that_is_off_by_hours_is_put_right(int $ahead): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $entry = ['recorded_at' => self::at("+{$ahead} seconds")] + $this->entry(
            'state.crossed',
            $this->crossing($walk, 'cold_isolated'),
        );

        $this->withHeader('X-Device-Time', self::at("+{$ahead} seconds"))->send($walk, $entry)->assertOk();

        self::assertSame('cold_isolated', $walk->refresh()->stage);
    }

    public function test_a_clock_that_is_off_by_days_or_decades_is_kept_and_decides_nothing_until_the_lead_takes_it(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        foreach (['+5 days', '-30 years'] as $off) {
            $entry = ['recorded_at' => self::at($off)] + $this->entry(
                'state.crossed',
                $this->crossing($walk, 'cold_isolated'),
            );
            $this->withHeader('X-Device-Time', self::at($off))
                ->send($walk, $entry)
                ->assertOk()
                ->assertJsonPath('results.0.status', 'posted');
        }
        self::assertNull($walk->refresh()->stage, 'nothing of it counts');
        self::assertSame(2, $this->getJson("/api/walks/{$walk->id}")->json('state.in_doubt'));

        $this->flushHeaders();
        $this->as(Role::Lead);
        $this->withHeaders(['Origin' => 'http://localhost', 'Accept' => 'application/json']);
        $list = $this->getJson('/api/doubts')->assertOk();
        $this->assertFits($list, 'DoubtList');
        self::assertContains(
            'The clock of the tablet was off by more than twelve hours.',
            $list->json('walks.0.doubts'),
        );
        $this->post_(
            $walk,
            'doubt.settled',
            [
                'entries' => array_column($list->json('walks.0.entries'), 'id'),
                'taken' => true,
                'reason' => 'asked, it was this morning',
            ],
        );
        self::assertSame('cold_isolated', $walk->refresh()->stage);
        self::assertSame([], $this->getJson('/api/doubts')->json('walks'));
    }

    public function test_somebody_whose_card_ran_out_cannot_put_power_on_by_dating_it_back(): void
    {
        $technician = $this->as(Role::Technician);
        $this->travel(-3)->days();
        $walk = $this->openWalk();
        $this->travelBack();
        $this->signedIn($technician);
        $this->walkLines($walk, $this->linesBefore($walk, 'running'));
        $this->runsOut($technician);
        self::assertSame(
            '/problems/qualification-ran-out',
            $this->send(
                $walk,
                $this->entry('state.crossed', $this->crossing($walk, 'running')),
            )->json('results.0.problem.type'),
        );

        $dated = ['recorded_at' => self::at('-2 days')] + $this->entry(
            'state.crossed',
            $this->crossing($walk, 'running'),
        );
        $this->send($walk, $dated)->assertOk();

        self::assertNotSame(
            'running',
            $walk->refresh()->stage,
            'it is kept for the lead and nothing is started on its strength',
        );
        self::assertSame(['qualification_since'], DoubtfulEntry::query()->firstOrFail()->doubts);
    }

    /**
     * A tablet that was away: the secret of the second person was wrong, nobody can be asked again, and all under it
     * waits.
     */
    public function test_what_rests_on_a_wrong_secret_waits_for_the_lead_and_is_judged_when_it_is_taken(): void
    {
        $this->as(Role::Technician);
        $machine = Machine::query()->create([
            'fleet_number' => 'A-'.random_int(100, 9999),
            'model_id' => 'ardlow_20b',
            'serial' => 'AB-1',
            'bay' => 'rack',
        ]);
        $this->travel(-3)->hours();
        $walk = $this->openWalk(hire: $this->hireOf($machine));
        $this->walkLines($walk, $this->linesBefore($walk, 'platform'));
        $second = $this->person(Role::Technician);
        $crossing = $this->sealed(
            $this->entry('state.crossed', ['second' => $second->id] + $this->crossing($walk, 'platform')),
            'not-theirs',
        );
        $line = $this->entry(
            'test.answered',
            [
                'line' => 'mew-estop-platform',
                'steps' => array_fill(0, $this->testSteps($walk, 'mew-estop-platform'), ['as_expected' => true]),
            ],
        );
        $this->travelBack();

        $results = $this->send($walk, $crossing, $line)->assertOk()->json('results');

        self::assertSame(['posted', 'posted'], array_column($results, 'status'));
        self::assertNotSame('platform', $walk->refresh()->stage);
        self::assertSame(
            'open',
            DB::table('walk_lines')->where('walk_id', $walk->id)->where('key', 'mew-estop-platform')->value('outcome'),
        );
        self::assertSame(
            [['second_person'], ['rests_on_doubt']],
            DoubtfulEntry::query()->where('walk_id', $walk->id)
                ->orderBy('sequence')
                ->get()
                ->map(static fn (DoubtfulEntry $one): array => $one->doubts)
                ->all(),
        );

        $this->as(Role::Lead);
        $this->post_(
            $walk,
            'doubt.settled',
            ['entries' => [$crossing['id'], $line['id']], 'taken' => true, 'reason' => 'asked both of them'],
        );
        self::assertSame('platform', $walk->refresh()->stage);
        self::assertSame(
            'stands',
            DB::table('walk_lines')->where('walk_id', $walk->id)->where('key', 'mew-estop-platform')->value('outcome'),
        );
        $before = DB::table('walk_lines')->where('walk_id', $walk->id)->orderBy('position')->get()->all();
        $this->app->make(RebuildProjections::class)();
        self::assertEquals(
            $before,
            DB::table('walk_lines')->where('walk_id', $walk->id)->orderBy('position')->get()->all(),
        );
    }

    public function test_what_is_set_aside_stays_legible_and_counts_for_nothing(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $entry = ['recorded_at' => self::at('+5 days')] + $this->entry(
            'state.crossed',
            $this->crossing($walk, 'cold_isolated'),
        );
        $this->withHeader('X-Device-Time', self::at('+5 days'))->send($walk, $entry)->assertOk();
        $this->withHeader('X-Device-Time', self::now());

        self::assertSame(
            'refused',
            $this->send(
                $walk,
                $this->entry('doubt.settled', ['entries' => [$entry['id']], 'taken' => true, 'reason' => 'I say so']),
            )->json('results.0.status'),
            'not by who posted it',
        );
        $this->as(Role::Lead);
        $this->post_(
            $walk,
            'doubt.settled',
            ['entries' => [$entry['id']], 'taken' => false, 'reason' => 'nobody was here then'],
        );

        self::assertNull($walk->refresh()->stage);
        self::assertSame(0, $this->getJson("/api/walks/{$walk->id}")->json('state.in_doubt'));
        self::assertContains(
            $entry['id'],
            array_column($this->getJson("/api/machines/{$this->machine->id}/entries")->json('entries'), 'id'),
        );
    }

    private static function at(string $when): string
    {
        return CarbonImmutable::parse($when)->utc()->format('Y-m-d\TH:i:s\Z');
    }

    /** @return list<string> the lines of the states before one */
    private function linesBefore(Walk $walk, string $stage): array
    {
        $lines = [];
        foreach ($walk->plan->body['visits'] as $visit) {
            if ($visit['stage'] === $stage) {
                break;
            }
            $lines = [...$lines, ...array_column($visit['lines'], 'key')];
        }

        return $lines;
    }

    private function testSteps(Walk $walk, string $key): int
    {
        foreach ($walk->plan->body['visits'] as $visit) {
            foreach ($visit['lines'] as $line) {
                if ($line['key'] === $key) {
                    return count($line['test']);
                }
            }
        }
        self::fail("No line {$key}.");
    }
}
