<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ChooseHouseRule;
use App\Ledger\RebuildProjections;
use App\Models\HireStatus;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\YardTestCase;

/** What was seen at the return stands at the next checkout as long as nothing happened to the machine. */
final class CarriedLinesTest extends YardTestCase
{
    protected const MODEL = 'fenwold_p20';

    private Walk $in;

    public function test_the_day_after_a_return_lines_are_affirmed_where_they_are_and_say_who_looked(): void
    {
        $this->machine->update(['model_id' => parent::MODEL]);
        $this->cameInYesterday();
        $hire = $this->nextHire();
        $preview = $this->getJson("/api/hires/{$hire->id}/walks/checkout")->assertOk()->json('state.carried');
        $walk = $this->openWalk('checkout', $hire);
        $carried = $this->carried($walk);
        self::assertGreaterThan(20, count($carried));
        self::assertSame($carried, $preview, 'a tablet that is out of reach knows it as well');
        self::assertNotSame([], $this->getJson("/api/walks/{$walk->id}")->json('state.not_carried'));

        $this->cross($walk, $walk->plan->body['stages'][0]['id']);
        $here = array_slice($this->ofFirstState($walk, $carried), 0, 3);
        self::assertCount(3, $here);
        $this->affirm($walk, $here)->assertOk();

        $line = array_column($this->getJson("/api/walks/{$walk->id}")->json('state.lines'), null, 'key')[
            $here[0]['line']
        ];
        self::assertSame('stands', $line['outcome']);
        self::assertStringContainsString($here[0]['by']['name'], $line['judgement']['verdict']['reason']);
        $day = implode('[a-z]* ', explode('_', date('j M_Y', (int) strtotime($here[0]['day']))));
        self::assertMatchesRegularExpression("/\\b{$day}\\b/", $line['judgement']['verdict']['reason']);
        self::assertCount(count($carried) - 3, $this->carried($walk));
        $trail = $this->getJson("/api/machines/{$this->machine->id}/entries")->assertOk()->json('entries');
        self::assertContains('lines.affirmed', array_column($trail, 'kind'));
    }

    public function test_a_walk_on_which_everything_carried_was_affirmed_is_released(): void
    {
        $this->cameInYesterday();
        $hire = $this->nextHire();
        $walk = $this->openWalk('checkout', $hire);
        $carried = $this->carried($walk);
        $this->walkThrough($walk, '1010.0', array_fill_keys(array_column($carried, 'line'), null));
        foreach ($walk->plan->body['stages'] as $stage) {
            $here = array_values(array_filter(
                $this->carried($walk),
                fn (array $one): bool => $this->stageOf($walk, $one['line']) === $stage['id'],
            ));
            if ($here !== []) {
                $this->cross($walk, $stage['id']);
                $this->affirm($walk, $here)->assertOk();
            }
        }
        self::assertSame(0, $this->getJson("/api/walks/{$walk->id}")->json('state.progress.lines_left'));

        $this->handOver($walk);
        self::assertSame(HireStatus::Out, $hire->refresh()->standing());
        $before = DB::table('walk_lines')->orderBy('walk_id')->orderBy('position')->get()->all();
        $this->app->make(RebuildProjections::class)();
        self::assertEquals($before, DB::table('walk_lines')->orderBy('walk_id')->orderBy('position')->get()->all());
    }

    /** A level, a charge or a pressure is true of its moment; what is worn or counted stays while it stands. */
    public function test_what_is_worn_or_counted_stands_too_and_is_the_out_of_the_next_hire(): void
    {
        $this->machine->update(['model_id' => parent::MODEL]);
        $this->cameInYesterday();
        $hire = $this->nextHire();
        $walk = $this->openWalk('checkout', $hire);
        $carried = array_column($this->carried($walk), null, 'line');
        $lines = array_merge(...array_column($walk->plan->body['visits'], 'lines'));
        $read = array_column(
            array_filter($lines, static fn (array $line): bool => $line['instrument'] !== null),
            'key',
        );
        self::assertEqualsCanonicalizing(
            ['imp-pin-play', 'doc-manual'],
            array_values(array_intersect($read, array_keys($carried))),
        );
        $play = $carried['imp-pin-play'];
        self::assertSame('mm', $play['unit']);

        $this->cross($walk, $walk->plan->body['stages'][0]['id']);
        $this->affirm($walk, [$play, $carried['doc-manual']])->assertOk();
        $lines = array_column($this->getJson("/api/walks/{$walk->id}")->json('state.lines'), null, 'key');
        $line = $lines['imp-pin-play'];
        self::assertSame(['stands', $play['value']], [$line['outcome'], $line['value']]);
        $this->walkThrough($walk, '1010.0', ['imp-pin-play' => null, 'doc-manual' => null]);
        $this->handOver($walk);

        $out = array_column($this->getJson("/api/hires/{$hire->id}/spread")->json('readings'), 'out', 'key');
        self::assertSame($play['value'], $out['imp-pin-play']['value']);
        self::assertSame('1', $out['doc-manual']['value']);
        $this->travel(1)->days();
        $this->as(Role::Technician);
        $back = $this->openWalk('return', $hire);
        $last = array_column($this->getJson("/api/walks/{$back->id}")->json('state.lines'), 'last', 'key');
        self::assertSame($play['value'], $last['imp-pin-play'], 'what it went out with stands beside it');
    }

    /** What tablets and people do that makes an affirmation wrong; each is refused with what to do. */
    public function test_only_what_is_carried_is_affirmed_and_only_where_it_is(): void
    {
        $this->cameInYesterday();
        $walk = $this->openWalk('checkout', $this->nextHire());
        $carried = $this->carried($walk);
        $first = $this->ofFirstState($walk, $carried)[0];
        $this->affirm($walk, [$first])->assertStatus(422);

        $this->cross($walk, $walk->plan->body['stages'][0]['id']);
        $other = ['entry_id' => $carried[1]['entry_id']] + $first;
        self::assertSame(
            '/problems/not-carried',
            $this->affirm($walk, [$other])
                ->assertStatus(409)
                ->json('results.0.problem.type'),
        );
        $level = array_values(
            array_filter(
                $walk->plan->body['visits'][0]['lines'],
                static fn (array $line): bool => ! in_array($line['key'], array_column($carried, 'line'), true),
            ),
        )[0]['key'];
        $this->affirm($walk, [['line' => $level] + $first])->assertStatus(409);
        $this->affirm($walk, [['line' => 'no-such-line'] + $first])->assertStatus(422);

        $this->affirm($walk, [$first])->assertOk();
        $this->affirm($walk, [$first])->assertStatus(409);
        self::assertSame('stands', $this->outcome($walk, $first['line']));
    }

    public function test_striking_what_a_line_rests_on_opens_it_and_voids_the_release(): void
    {
        $this->cameInYesterday();
        $hire = $this->nextHire();
        $walk = $this->openWalk('checkout', $hire);
        $severity = array_column(array_merge(...array_column($walk->plan->body['visits'], 'lines')), 'severity', 'key');
        $first = array_values(array_filter(
            $this->ofFirstState($walk, $this->carried($walk)),
            static fn (array $one): bool => $severity[$one['line']] === 'stop',
        ))[0];
        $this->cross($walk, $this->stageOf($walk, $first['line']));
        $this->affirm($walk, [$first])->assertOk();
        $this->walkThrough($walk, '1010.0', [$first['line'] => null]);
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        self::assertSame(HireStatus::Ready, $hire->refresh()->standing());

        $this->as(Role::Lead);
        $this->post_($this->in, 'entry.struck', ['reason' => 'the other side was meant'], $first['entry_id']);

        self::assertSame('open', $this->outcome($walk, $first['line']));
        self::assertNotSame(HireStatus::Ready, $hire->refresh()->standing());
        self::assertNotContains($first['line'], array_column($this->carried($walk), 'line'));
    }

    /** @param  \Closure(self, Walk): mixed  $happens */
    #[DataProvider('happenings')]
    public function test_nothing_is_carried_over_what_happened_and_what_was_affirmed_is_open_again(
        \Closure $happens,
    ): void {
        $this->cameInYesterday();
        $walk = $this->openWalk('checkout', $this->nextHire());
        $this->cross($walk, $walk->plan->body['stages'][0]['id']);
        $first = $this->ofFirstState($walk, $this->carried($walk))[0];
        $this->affirm($walk, [$first])->assertOk();

        $happens($this, $walk);

        self::assertSame('open', $this->outcome($walk, $first['line']));
        self::assertSame([], $this->carried($walk));
    }

    /** @return iterable<string, array{\Closure(self, Walk): mixed}> */
    public static function happenings(): iterable
    {
        yield 'another attachment' => [
            static fn (self $test): mixed => $test
                ->postJson("/api/machines/{$test->machine->id}/entries", [
                    'entries' => [$test->entry('attachment.changed', ['fitted' => 'Breaker'])],
                ])
                ->assertOk(),
        ];
        yield 'moved' => [
            static fn (self $test): mixed => $test
                ->postJson("/api/machines/{$test->machine->id}/entries", [
                    'entries' => [$test->entry('machine.moved', ['bay' => 'bay 9'])],
                ])
                ->assertOk(),
        ];
        yield 'damage found in the yard' => [
            static fn (self $test): mixed => $test
                ->postJson("/api/machines/{$test->machine->id}/entries", [
                    'entries' => [
                        $test->entry('damage.found', [
                            'at' => ['x' => 100, 'y' => 86],
                            'kind' => 'scrape',
                            'size_mm' => 180,
                            'words' => 'Backed into the rack.',
                            'photos' => [],
                        ]),
                    ],
                ])
                ->assertOk(),
        ];
        yield 'tagged out' => [
            static fn (self $test, Walk $walk): mixed => $test->post_($walk, 'tag.hung', [
                'reason' => 'a crack was reported',
            ]),
        ];
    }

    public function test_a_meter_that_went_on_says_that_the_machine_ran(): void
    {
        $this->cameInYesterday();
        $walk = $this->openWalk('checkout', $this->nextHire());
        $this->cross($walk, $walk->plan->body['stages'][0]['id']);
        $first = $this->ofFirstState($walk, $this->carried($walk))[0];
        $this->walkThrough($walk, '1010.0', [$first['line'] => null, 'doc-hour-meter' => null]);
        $this->cross($walk, $this->stageOf($walk, $first['line']));
        $this->affirm($walk, [$first])->assertOk();

        $this->cross($walk, $this->stageOf($walk, 'doc-hour-meter'));
        $this->post_($walk, 'reading.posted', [
            'line' => 'doc-hour-meter',
            'value' => '1012.5',
            'unit' => 'h',
            'observed' => [],
        ]);

        self::assertSame('1012.5', (string) $this->machine->state()->value('smr_hours'));
        self::assertSame('open', $this->outcome($walk, $first['line']));
        self::assertSame([], $this->carried($walk));
    }

    public function test_after_the_fourth_day_and_in_a_yard_that_forgets_nothing_everything_is_looked_at(): void
    {
        $this->cameInYesterday();
        $this->travel(3)->days();
        $this->as(Role::Technician);
        $hire = $this->nextHire();
        self::assertSame([], $this->carried($this->openWalk('checkout', $hire)));
    }

    public function test_the_house_rule_decides(): void
    {
        $this->cameInYesterday();
        $this->app->make(ChooseHouseRule::class)('carried', 'nothing', 'a new crew', $this->as(Role::Lead));
        $this->as(Role::Technician);

        self::assertSame([], $this->carried($this->openWalk('checkout', $this->nextHire())));
    }

    private function cameInYesterday(): void
    {
        $this->as(Role::Technician);
        $out = $this->openWalk();
        $this->walkThrough($out);
        $this->handOver($out);
        $this->travel(1)->days();
        $this->as(Role::Technician);
        $this->in = $this->openWalk('return');
        $this->walkThrough($this->in, '1010.0');
        $this->post_($this->in, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $this->post_($this->in, 'hire.closed', []);
        $this->travel(1)->days();
        $this->as(Role::Technician);
    }

    private function nextHire(): \App\Models\Hire
    {
        return $this->hireOf($this->machine);
    }

    /** @return list<array{line: string, entry_id: string, day: string, by: array{name: string}}> */
    private function carried(Walk $walk): array
    {
        $response = $this->getJson("/api/walks/{$walk->id}")->assertOk();
        $this->assertFits($response, 'Walk');

        return $response->json('state.carried');
    }

    /**
     * @param list<array<string, mixed>> $carried
     * @return list<array<string, mixed>>
     */
    private function ofFirstState(Walk $walk, array $carried): array
    {
        $first = $walk->plan->body['stages'][0]['id'];

        return array_values(
            array_filter($carried, fn (array $one): bool => $this->stageOf($walk, $one['line']) === $first),
        );
    }

    private function stageOf(Walk $walk, string $key): string
    {
        foreach ($walk->plan->body['visits'] as $visit) {
            if (in_array($key, array_column($visit['lines'], 'key'), true)) {
                return $visit['stage'];
            }
        }
        self::fail("{$key} is no line of the walk.");
    }

    /** @param  list<array<string, mixed>>  $lines */
    private function affirm(Walk $walk, array $lines): \Illuminate\Testing\TestResponse
    {
        return $this->send($walk, $this->entry('lines.affirmed', ['lines' => array_map(
            static fn (array $one): array => ['line' => $one['line'], 'entry' => $one['entry_id']],
            $lines,
        )]));
    }

    private function outcome(Walk $walk, string $key): string
    {
        return array_column($this->getJson("/api/walks/{$walk->id}")->json('state.lines'), 'outcome', 'key')[$key];
    }
}
