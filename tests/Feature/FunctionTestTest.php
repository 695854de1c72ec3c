<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Machine;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Support\Str;
use Tests\Support\YardTestCase;

/** A function test over HTTP: done, failed, broken off, and told wrongly. */
final class FunctionTestTest extends YardTestCase
{
    private Walk $walk;

    /** @var array<string, mixed> */
    private array $line;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as(Role::Technician);
        $this->walk = $this->openWalk();
        $lines = array_merge(...array_column($this->walk->plan->body['visits'], 'lines'));
        $this->line = collect($lines)->firstWhere('key', 'saf-work-lock');
        $this->walkUpTo($this->walk, 'saf-work-lock');
    }

    public function test_every_step_as_expected_closes_the_line(): void
    {
        $result = $this->steps($this->passed());

        self::assertSame('posted', $result['status']);
        self::assertSame('stands', $this->state()['outcome']);
    }

    public function test_a_step_that_responds_otherwise_says_what_was_expected_what_was_observed_and_what_it_means(): void
    {
        $result = $this->steps([
            ['as_expected' => true],
            ['as_expected' => false, 'observed' => 'It sinks to the floor.'],
        ]);

        self::assertSame('stop', $result['judgement']['verdict']['outcome']);
        self::assertStringContainsString($this->line['test'][1]['expect'], $result['judgement']['verdict']['reason']);
        self::assertStringContainsString('It sinks to the floor.', $result['judgement']['verdict']['reason']);
        self::assertSame($this->line['test'][1]['fail_means'], $result['judgement']['verdict']['act']);
        $this->getJson("/api/walks/{$this->walk->id}/release")->assertJsonPath('decision', 'tagged_out');
    }

    public function test_a_test_that_is_abandoned_half_way_leaves_the_line_open_and_its_reason_in_the_ledger(): void
    {
        $refused = $this->steps([['as_expected' => true]]);
        self::assertSame('refused', $refused['status']);
        self::assertSame('/problems/test-no-reason', $refused['problem']['type']);

        $this->post_(
            $this->walk,
            'test.answered',
            [
                'line' => 'saf-work-lock',
                'steps' => [['as_expected' => true]],
                'broken_off' => 'Somebody came into the area.',
            ],
        );

        self::assertSame('open', $this->state()['outcome']);
        self::assertStringContainsString(
            'Somebody came into the area.',
            (string) json_encode($this->getJson("/api/machines/{$this->machine->id}/entries")->json()),
        );
        self::assertSame('posted', $this->steps($this->passed())['status'], 'it begins again from the first step');
    }

    public function test_what_cannot_be_told_of_a_test_is_refused_with_what_to_do(): void
    {
        $this->refused('test-nothing-observed', [['as_expected' => false, 'observed' => ' ']]);
        $this->refused('test-went-on', [['as_expected' => false, 'observed' => 'It sinks.'], ['as_expected' => true]]);
        $this->refused('test-too-many-steps', [...$this->passed(), ['as_expected' => true]]);
        $look = $this->send(
            $this->walk,
            $this->entry('check.answered', ['line' => 'saf-work-lock', 'answer' => 'stands']),
        )->json('results.0.problem.type');
        self::assertSame('/problems/do-the-test', $look);
        $notATest = $this->send(
            $this->walk,
            $this->entry('test.answered', ['line' => 'hkp-area', 'steps' => []]),
        )->json('results.0.problem.type');
        self::assertSame('/problems/not-a-test', $notATest);
    }

    public function test_a_step_that_asks_for_a_time_is_not_taken_without_its_clock(): void
    {
        $walk = $this->openWalk(
            hire: $this->hireOf(
                Machine::query()->create([
                    'fleet_number' => 'E-'.random_int(10_000, 99_999),
                    'model_id' => 'dromvik_14c',
                    'serial' => Str::random(12),
                    'bay' => 'bay 2',
                ]),
            ),
        );
        $this->walkUpTo($walk, 'hyd-drift');
        $post = fn (array $held): array => $this->send(
            $walk,
            $this->entry(
                'test.answered',
                ['line' => 'hyd-drift', 'steps' => [['as_expected' => true], ['as_expected' => true] + $held]],
            ),
        )->json('results.0');

        self::assertSame('/problems/test-held-too-short', $post([])['problem']['type'], 'the clock did not run');
        self::assertSame('/problems/test-held-too-short', $post(['seconds' => 4])['problem']['type']);
        self::assertSame('posted', $post(['seconds' => 60])['status']);
    }

    public function test_a_test_in_another_state_is_posted_as_not_valid_and_asked_again(): void
    {
        $this->cross($this->walk, 'cold_isolated');
        $result = $this->steps($this->passed());

        self::assertFalse($result['judgement']['is_valid']);
        self::assertSame('open', $this->state()['outcome']);
    }

    /** @return list<array<string, mixed>> */
    private function passed(): array
    {
        return array_fill(0, count($this->line['test']), ['as_expected' => true]);
    }

    /** @param  list<array<string, mixed>>  $steps @return array<string, mixed> */
    private function steps(array $steps): array
    {
        return $this->send(
            $this->walk,
            $this->entry('test.answered', ['line' => 'saf-work-lock', 'steps' => $steps]),
        )->json('results.0');
    }

    /** @param  list<array<string, mixed>>  $steps */
    private function refused(string $problem, array $steps): void
    {
        $result = $this->steps($steps);
        self::assertSame('refused', $result['status'], $problem);
        self::assertSame("/problems/{$problem}", $result['problem']['type']);
        self::assertSame('open', $this->state()['outcome']);
    }

    /** @return array<string, mixed> */
    private function state(): array
    {
        return collect(
            $this->getJson("/api/walks/{$this->walk->id}")->json('state.lines'),
        )->firstWhere('key', 'saf-work-lock');
    }
}
