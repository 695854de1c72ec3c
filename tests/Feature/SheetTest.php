<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Ledger\VerifyLedger;
use App\Models\DoubtfulEntry;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\Role;
use App\Models\User;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** A walk that was done with paper and pen, because no tablet worked, is entered afterwards. */
final class SheetTest extends YardTestCase
{
    private User $walker;

    private string $sheet;

    protected function setUp(): void
    {
        parent::setUp();
        // Nobody has to stand by at a generator.
        $this->machine = Machine::query()->create([
            'fleet_number' => 'G-7', 'model_id' => 'brennock_g20', 'serial' => 'BG20-77', 'bay' => 'bay 2',
        ]);
        $this->hire = $this->hireOf($this->machine);
        $this->walker = $this->person(Role::Technician);
        $this->sheet = (string) Str::uuid7();
    }

    public function test_whoever_walked_types_the_own_sheet_and_the_machine_is_released(): void
    {
        $this->signedIn($this->walker);
        $walk = $this->openedAnHourAgo();

        $answer = $this->enter($walk, $this->allOf($walk))->assertOk();

        self::assertSame([], $answer->json('refused'));
        self::assertSame(0, $answer->json('in_doubt'));
        self::assertSame(0, $this->getJson("/api/walks/{$walk->id}")->json('state.progress.lines_left'));
        $this->send($walk, $this->entry('release.decided', ['decision' => 'released', 'conditions' => []]))->assertOk();
        $entries = $this->entered($walk);
        self::assertGreaterThan(40, count($entries));
        $times = array_map(static fn (LedgerEntry $one): string => $one->recorded_at->format('c'), $entries);
        $ordered = $times;
        sort($ordered);
        self::assertSame($ordered, $times, 'in the order of the plan');
        self::assertGreaterThan(20, count(array_unique($times)), 'spread over the time that stands on the sheet');
        $trail = $this->getJson("/api/machines/{$this->machine->id}/entries")->assertOk()->json('entries');
        $lines = array_filter($trail, static fn (array $one): bool => $one['kind'] === 'check.answered');
        self::assertSame($this->walker->id, array_values($lines)[0]['entered_by']['id']);
    }

    public function test_what_the_lead_types_for_somebody_else_counts_and_names_both(): void
    {
        $this->signedIn($this->walker);
        $walk = $this->openedAnHourAgo();
        $lead = $this->as(Role::Lead);

        $this->enter($walk, $this->allOf($walk))
            ->assertOk()
            ->assertJsonPath('in_doubt', 0)
            ->assertJsonPath('refused', []);

        foreach ($this->entered($walk) as $entry) {
            self::assertSame($this->walker->id, $entry->actor_id);
            self::assertSame($lead->id, $entry->entered_by);
            self::assertStringContainsString($lead->id, $entry->body, 'the hash covers who entered it');
        }
        self::assertTrue($this->app->make(VerifyLedger::class)($this->machine)->holds());
        $before = DB::table('walk_lines')->orderBy('position')->get()->all();
        $this->app->make(RebuildProjections::class)();
        self::assertEquals($before, DB::table('walk_lines')->orderBy('position')->get()->all());
    }

    public function test_what_anybody_else_types_waits_until_the_lead_has_held_the_sheet_beside_it(): void
    {
        $this->signedIn($this->walker);
        $walk = $this->openedAnHourAgo();
        $this->as(Role::Counter);

        $answer = $this->enter($walk, $this->allOf($walk))->assertOk();
        self::assertSame($answer->json('taken'), $answer->json('in_doubt'));

        $lead = $this->as(Role::Lead);
        $left = $this->getJson("/api/walks/{$walk->id}")->json('state.progress.lines_left');
        self::assertGreaterThan(30, $left);
        $waiting = DoubtfulEntry::query()->where('walk_id', $walk->id)->orderBy('sequence')->pluck('id')->all();
        $this->send($walk, $this->entry('doubt.settled', [
            'entries' => $waiting, 'taken' => true, 'reason' => 'The signed sheet lies before me',
        ]))->assertOk();
        self::assertSame(0, $this->getJson("/api/walks/{$walk->id}")->json('state.progress.lines_left'));
        self::assertNotSame($lead->id, $this->entered($walk)[0]->entered_by);
    }

    public function test_a_sheet_that_is_typed_twice_is_taken_once(): void
    {
        $this->signedIn($this->walker);
        $walk = $this->openedAnHourAgo();
        $all = $this->allOf($walk);
        $this->enter($walk, $all)->assertOk();
        $entries = $this->entriesOf($this->machine);

        // The answer was lost on the way, and it is sent again.
        $this->enter($walk, $all)
            ->assertOk()
            ->assertJsonPath('refused', [])
            ->assertJsonPath('taken', count($all['answers']));
        // Somebody else types the same paper.
        $this->sheet = (string) Str::uuid7();
        $refused = $this->enter($walk, $all)->assertOk()->json('refused');

        self::assertCount(count($all['answers']), $refused);
        self::assertStringEndsWith('line-is-answered', $refused[0]['problem']['type']);
        self::assertSame($entries, $this->entriesOf($this->machine));
    }

    public function test_a_second_person_who_signed_on_paper_is_for_the_lead_to_look_at(): void
    {
        $this->machine = Machine::query()->where('model_id', 'dromvik_14c')->firstOrFail();
        $this->hire = $this->hireOf($this->machine);
        $this->signedIn($this->walker);
        $walk = $this->openedAnHourAgo();
        $second = $this->person(Role::Mechanic);

        $answer = $this->enter($walk, $this->allOf($walk) + ['second' => $second->id])->assertOk();

        self::assertSame([], $answer->json('refused'));
        $doubts = DoubtfulEntry::query()->where('walk_id', $walk->id)->orderBy('sequence')->first();
        self::assertSame(['second_on_paper'], $doubts?->doubts);
        self::assertGreaterThan(0, $this->getJson("/api/walks/{$walk->id}")->json('state.progress.lines_left'));
    }

    public function test_a_state_that_was_not_ticked_takes_nothing_behind_it_along(): void
    {
        $this->signedIn($this->walker);
        $walk = $this->openedAnHourAgo();
        $all = $this->allOf($walk);
        $stages = array_values(array_unique(array_column($walk->plan->body['visits'], 'stage')));
        foreach ($all['states'] as $at => $state) {
            if ($state['stage'] === $stages[1]) {
                $all['states'][$at]['confirmed'] = [];
            }
        }

        $answer = $this->enter($walk, $all)->assertOk();

        self::assertSame([['stage' => $stages[1], 'line' => null]], array_map(
            static fn (array $one): array => ['stage' => $one['stage'], 'line' => $one['line']],
            $answer->json('refused'),
        ));
        self::assertSame($stages[0], $walk->refresh()->stage);
        self::assertSame(count($all['answers']), $answer->json('behind') + $this->linesEntered($walk));
        self::assertGreaterThan(5, $answer->json('behind'));
    }

    public function test_bad_sheets_are_told_what_to_do(): void
    {
        $this->signedIn($this->walker);
        $walk = $this->openedAnHourAgo();
        $all = $this->allOf($walk);
        $tomorrow = CarbonImmutable::now('Europe/London')->addDay()->format('Y-m-d\TH:i');

        $this->enter($walk, ['ended' => '2026-01-02T07:00'] + $all)
            ->assertUnprocessable()
            ->assertJsonStructure(['field' => ['ended']]);
        $this->enter($walk, ['walked_by' => $this->person(Role::Counter)->id] + $all)
            ->assertUnprocessable()
            ->assertJsonStructure(['field' => ['walked_by']]);
        $late = $this->enter($walk, ['ended' => $tomorrow] + $all)->assertOk();
        self::assertStringEndsWith('clock-runs-ahead', $late->json('refused.0.problem.type'));
        $this->enter($walk, ['answers' => []] + $all)->assertUnprocessable();
        $this->as(Role::Auditor);
        $this->enter($walk, $all)->assertForbidden();
    }

    public function test_the_pace_of_the_yard_is_not_learned_from_paper(): void
    {
        $this->signedIn($this->walker);
        $walk = $this->openedAnHourAgo();
        $this->enter($walk, $this->allOf($walk))->assertOk();
        $this->send($walk, $this->entry('release.decided', ['decision' => 'released', 'conditions' => []]))->assertOk();

        $this->artisan('walks:learn-pace')->assertSuccessful();

        self::assertSame(0, DB::table('learned_paces')->count());
    }

    private function openedAnHourAgo(): Walk
    {
        $walk = $this->openWalk('checkout', $this->hire);
        DB::table('walks')->where('id', $walk->id)->update(['opened_at' => CarbonImmutable::now()->subHour()]);

        return $walk->refresh();
    }

    /** @return array<string, mixed> every line of the plan, as it should be, the last first */
    private function allOf(Walk $walk): array
    {
        $answers = array_filter(
            $this->answersOf($walk),
            static fn (array $entry): bool => $entry['kind'] !== 'state.crossed',
        );

        return [
            'states' => array_map(
                fn (array $stage): array => [
                    'stage' => $stage['id'], 'confirmed' => $this->confirmed($walk, $stage['id']),
                ],
                $walk->plan->body['stages'],
            ),
            'answers' => array_reverse(array_map(
                static fn (array $entry): array => ['kind' => $entry['kind'], 'payload' => $entry['payload']],
                array_values($answers),
            )),
        ];
    }

    /** @param  array<string, mixed>  $sheet */
    private function enter(Walk $walk, array $sheet): TestResponse
    {
        $now = CarbonImmutable::now('Europe/London');

        return $this->postJson("/api/walks/{$walk->id}/sheet", $sheet + [
            'id' => $this->sheet,
            'walked_by' => $this->walker->id,
            'begun' => $now->subMinutes(50)->format('Y-m-d\TH:i'),
            'ended' => $now->subMinutes(10)->format('Y-m-d\TH:i'),
        ]);
    }

    private function linesEntered(Walk $walk): int
    {
        return count(array_filter(
            $this->entered($walk),
            static fn (LedgerEntry $one): bool => $one->kind !== 'state.crossed',
        ));
    }

    /** @return list<LedgerEntry> what came from the sheet, in the order of the ledger */
    private function entered(Walk $walk): array
    {
        return array_values(
            LedgerEntry::query()->where('walk_id', $walk->id)
                ->whereNotNull('entered_by')
                ->orderBy('sequence')
                ->get()
                ->all(),
        );
    }
}
