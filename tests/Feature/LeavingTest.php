<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\MachineStatus;
use App\Models\Role;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\YardTestCase;

/** A machine leaves only if, at the moment of the signature, the computed decision is a release. */
final class LeavingTest extends YardTestCase
{
    protected const MODEL = 'fenwold_p20';

    /** @return iterable<string, array{callable(self, Walk): void}> what comes between the release and the signature */
    public static function between(): iterable
    {
        yield 'a stop finding is placed' => [
            static fn (self $test, Walk $walk) => $test->post_(
                $walk,
                'finding.placed',
                [
                    'at' => ['x' => -180, 'y' => -44],
                    'kind' => 'cut',
                    'size_mm' => 40,
                    'words' => 'hose cut',
                    'photos' => [],
                ],
            ),
        ];
        yield 'a note is graded up to stop' => [static function (self $test, Walk $walk): void {
            $finding = $test->post_(
                $walk,
                'finding.placed',
                [
                    'at' => ['x' => -180, 'y' => -44],
                    'kind' => 'scrape',
                    'size_mm' => 40,
                    'words' => 'paint',
                    'photos' => [],
                ],
            );
            $test->post_(
                $walk,
                'finding.graded',
                ['finding' => $finding, 'severity' => 'stop', 'reason' => 'it goes through'],
            );
        }];
        yield 'a stop check is answered anew' => [static fn (self $test, Walk $walk) => $test->aTestFails($walk)];
        yield 'an answer is struck, and its line is open again' => [static function (self $test, Walk $walk): void {
            $test->post_(
                $walk,
                'entry.struck',
                ['reason' => 'wrong machine'],
                (string) DB::table('walk_lines')->where('walk_id', $walk->id)
                    ->where('severity', 'stop')
                    ->orderBy('position')
                    ->value('entry_id'),
            );
        }];
        yield 'a tag is hung' => [
            static fn (self $test, Walk $walk) => $test->post_(
                $walk,
                'tag.hung',
                ['reason' => 'somebody saw oil under it'],
            ),
        ];
    }

    #[DataProvider('between')]
    public function test_whatever_comes_between_release_and_signature_the_machine_stays(callable $between): void
    {
        $walk = $this->releasedAndBriefed();

        $between($this, $walk);

        $this->send($walk, $this->entry('handover.signed', self::SIGNED))->assertStatus(409);
        self::assertNotSame('out', $this->hire->refresh()->standing()->value);
        self::assertNotSame('ready', $this->hire->standing()->value, 'nor does it look as if it could leave');
        self::assertNotSame('ready', MachineStatus::query()->findOrFail($this->machine->id)->standing->value);
    }

    public function test_in_one_batch_with_the_signature_the_stop_that_comes_first_wins(): void
    {
        $walk = $this->releasedAndBriefed();

        $results = $this->send($walk,
            $this->entry(
                'finding.placed',
                [
                    'at' => ['x' => -180, 'y' => -44],
                    'kind' => 'cut',
                    'size_mm' => 40,
                    'words' => 'hose cut',
                    'photos' => [],
                ],
            ),
            $this->entry('handover.signed', self::SIGNED),
        )->json('results');

        self::assertSame(['posted', 'refused'], array_column($results, 'status'));
        self::assertSame('/problems/release-is-void', $results[1]['problem']['type']);
    }

    public function test_a_void_release_is_told_with_what_made_it_so_and_is_decided_anew(): void
    {
        $walk = $this->releasedAndBriefed();
        $last = $this->aTestFails($walk);

        $state = $this->getJson("/api/walks/{$walk->id}")->assertOk()->json('state');
        self::assertNull($state['decision']);
        self::assertSame('The lead', $state['voided']['by']['name']);
        self::assertNotSame('', $state['voided']['words']);
        $row = array_values(
            array_filter(
                $this->getJson('/api/day')->json('outs'),
                fn (array $row): bool => $row['hire_id'] === $this->hire->id,
            ),
        )[0];
        self::assertSame(['stop', 'Release void, decide anew'], [$row['state']['mark'], $row['state']['words']]);

        // The lead saw it wrong: said so with a reason, tried again, decided anew.
        $this->post_(
            $walk,
            'test.answered',
            [
                'line' => $last['key'],
                'lift_reason' => 'tried on the wrong machine',
                'steps' => array_fill(0, count($last['test']), ['as_expected' => true]),
            ],
        );
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        self::assertNull($this->getJson("/api/walks/{$walk->id}")->json('state.voided'));
        $this->post_($walk, 'handover.signed', self::SIGNED);
        self::assertSame('out', $this->hire->refresh()->standing()->value);
    }

    public function test_a_note_that_is_placed_after_the_release_leaves_it_standing(): void
    {
        $walk = $this->releasedAndBriefed();
        $this->post_(
            $walk,
            'finding.placed',
            ['at' => ['x' => 100, 'y' => 0], 'kind' => 'scrape', 'size_mm' => 40, 'words' => 'paint', 'photos' => []],
        );
        self::assertSame('note', $this->getJson("/api/walks/{$walk->id}")->json('state.findings.0.severity'));

        $this->post_($walk, 'handover.signed', self::SIGNED);

        self::assertSame('out', $this->hire->refresh()->standing()->value);
    }

    public function test_a_paper_that_runs_out_before_the_signature_keeps_the_machine_although_nothing_was_entered(): void
    {
        $this->machine->update(['model_id' => parent::MODEL]);
        $walk = $this->releasedAndBriefed();
        $until = $this->getJson("/api/walks/{$walk->id}/release")->json('good_until');
        self::assertMatchesRegularExpression('/^\d{4}-\d\d-\d\d$/', (string) $until);

        $this->travelTo(CarbonImmutable::parse((string) $until)->addDays(2)->setTime(9, 0));
        $this->as(Role::Lead);

        $this->send($walk, $this->entry('handover.signed', self::SIGNED))
            ->assertStatus(409)
            ->assertJsonPath('results.0.problem.type', '/problems/release-does-not-hold');
    }

    public function test_a_return_walk_is_over_when_another_hire_of_the_machine_has_begun(): void
    {
        $in = $this->outAndBack();
        $second = $this->hireOf($this->machine);
        $this->travel(1)->minutes();
        $next = $this->openWalk(hire: $second);
        $this->walkThrough($next);
        $this->handOver($next);

        foreach (
            [
                ['release.decided', ['decision' => 'released', 'conditions' => []]],
                ['tag.hung', ['reason' => 'oil under it']],
                ['check.answered', ['line' => 'cab-glass', 'answer' => 'stands']],
            ] as [$kind, $payload]
        ) {
            $this->send($in, $this->entry($kind, $payload))
                ->assertStatus(409)
                ->assertJsonPath('results.0.problem.type', '/problems/walk-is-over');
        }
        self::assertSame('out', MachineStatus::query()->findOrFail($this->machine->id)->standing->value);
        self::assertSame('out', $second->refresh()->standing()->value);
    }

    public function test_a_stop_that_is_found_after_the_return_keeps_the_machine_from_looking_free(): void
    {
        $this->machine->update(['model_id' => parent::MODEL]);
        $in = $this->outAndBack();
        self::assertSame('in_yard', MachineStatus::query()->findOrFail($this->machine->id)->standing->value);

        $this->post_(
            $in,
            'finding.placed',
            [
                'at' => ['x' => -180, 'y' => -44],
                'kind' => 'cut',
                'size_mm' => 40,
                'words' => 'hose cut',
                'photos' => [],
            ],
        );

        self::assertSame('held', MachineStatus::query()->findOrFail($this->machine->id)->standing->value);
    }

    public function test_what_is_void_is_void_after_a_rebuild(): void
    {
        $walk = $this->releasedAndBriefed();
        $this->aTestFails($walk);
        $before = [
            DB::table('walks')->where('id', $walk->id)->first(),
            DB::table('machine_states')->where('machine_id', $this->machine->id)->first(),
        ];

        $this->app->make(RebuildProjections::class)();

        self::assertEquals(
            $before,
            [
                DB::table('walks')->where('id', $walk->id)->first(),
                DB::table('machine_states')->where('machine_id', $this->machine->id)->first(),
            ],
        );
    }

    private const SIGNED = [
        'name' => 'Tobias Wray',
        'signature' => [[10, 20, 30, 40]],
        'gates' => [['gate' => 'doc-operator-proof', 'number' => 'TQ 4471'], ['gate' => 'doc-familiarisation']],
    ];

    /** Gone, come back and decided by the lead. */
    private function outAndBack(): Walk
    {
        $this->as(Role::Lead);
        $out = $this->openWalk();
        $this->walkThrough($out);
        $this->handOver($out);
        $in = $this->openWalk('return');
        $this->walkThrough($in);
        $this->post_($in, 'release.decided', ['decision' => 'released', 'conditions' => []]);

        return $in;
    }

    private function releasedAndBriefed(): Walk
    {
        $this->as(Role::Lead);
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $this->send($walk, ...$this->briefed($walk))->assertOk();

        return $walk;
    }

    /**
     * The first function test that can stop the machine is done again in its state, and fails.
     *
     * @return array<string, mixed> the line
     */
    private function aTestFails(Walk $walk): array
    {
        foreach ($walk->plan->body['visits'] as $visit) {
            foreach ($visit['lines'] as $line) {
                if ($line['answer'] === 'test' && $line['severity'] === 'stop') {
                    $this->cross($walk, $visit['stage']);
                    $this->post_($walk, 'test.answered', ['line' => $line['key']] + self::failed());

                    return $line;
                }
            }
        }
        self::fail('No function test can stop this machine.');
    }
}
