<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Finding;
use App\Models\Machine;
use App\Models\Role;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\YardTestCase;

/** Plates, certificates and the findings of an earlier walk, over HTTP. */
final class PaperTest extends YardTestCase
{
    public function test_the_plate_is_found_among_three_and_another_one_is_no_answer_that_stands(): void
    {
        $walk = $this->walkOf('dromvik_14c');
        $told = $this->getJson("/api/walks/{$walk->id}")->assertOk()->json();
        $opened = array_column(
            array_merge(...array_column(array_merge(...array_column($told['plan']['visits'], 'leaves')), 'opened')),
            null,
            'line',
        )['doc-serial-match'];
        self::assertSame('one_of_three', $opened['shortcut']);
        self::assertCount(3, $opened['choices']);
        self::assertContains($walk->machine->serial, $opened['choices']);
        foreach ($opened['choices'] as $serial) {
            $answer = $this->compare($walk, 'doc-serial-match', ['serial' => $serial]);
            self::assertSame(
                $serial === $walk->machine->serial ? 'stands' : 'attend',
                $answer['judgement']['verdict']['outcome'],
                $serial,
            );
        }
    }

    public function test_a_serial_that_is_too_short_to_be_mistaken_is_typed(): void
    {
        $walk = $this->walkOf('dromvik_14c');
        $walk->machine->update(['serial' => 'A-1']);
        $told = $this->getJson("/api/walks/{$walk->id}")->assertOk()->json();
        $opened = array_merge(
            ...array_column(array_merge(...array_column($told['plan']['visits'], 'leaves')), 'opened'),
        );

        self::assertContains(['line' => 'doc-serial-match', 'shortcut' => null, 'choices' => []], $opened);
    }

    public function test_the_plate_is_compared_with_the_record(): void
    {
        $walk = $this->walkOf('dromvik_14c');
        $other = $this->compare($walk, 'doc-serial-match', ['serial' => 'SOME-OTHER']);
        self::assertSame('attend', $other['judgement']['verdict']['outcome']);
        self::assertStringContainsString($walk->machine->serial, $other['judgement']['verdict']['reason']);

        $same = $this->compare($walk, 'doc-serial-match', ['serial' => ' '.mb_strtolower($walk->machine->serial).' ']);
        self::assertSame('stands', $same['judgement']['verdict']['outcome']);
    }

    public function test_a_certificate_that_runs_out_before_the_hire_ends_stops_the_machine(): void
    {
        $walk = $this->walkOf('ardlow_20b');
        $walk->hire->update(['comes_back_at' => CarbonImmutable::now()->addDays(20)]);
        $examined = static fn (int $days): array => [
            'date' => CarbonImmutable::now()->subMonthsNoOverflow(6)->addDays($days)->format('Y-m-d'),
        ];

        self::assertSame(
            'stop',
            $this->compare($walk, 'doc-thorough-exam', $examined(10))['judgement']['verdict']['outcome'],
        );
        self::assertSame(
            'stands',
            $this->compare(
                $walk,
                'doc-thorough-exam',
                $examined(40) + [
                    'lift_reason' => 'the newer certificate was in the folder',
                    'second' => $this->standsBy($walk)->id,
                ],
            )['judgement']['verdict']['outcome'],
        );
    }

    /** @return iterable<string, array{string, array<string, string>, string}> */
    public static function wrongPapers(): iterable
    {
        yield 'no date' => ['doc-thorough-exam', [], 'paper-needs-date'];
        yield 'a date that does not exist' => ['doc-thorough-exam', ['date' => '2026-02-30'], 'no-such-day'];
        yield 'a date to come' => ['doc-thorough-exam', ['date' => '2093-01-01'], 'no-such-day'];
        yield 'no serial' => ['doc-serial-match', ['serial' => '  '], 'paper-needs-serial'];
        yield 'not a paper' => ['hkp-area', ['serial' => 'X'], 'not-a-paper'];
    }

    /** @param  array<string, string>  $payload */
    #[DataProvider('wrongPapers')]
    public function test_what_cannot_stand_on_a_paper_is_refused_with_what_to_do(
        string $line,
        array $payload,
        string $problem,
    ): void {
        $result = $this->compare($this->walkOf('ardlow_20b'), $line, $payload);

        self::assertSame('refused', $result['status']);
        self::assertSame("/problems/{$problem}", $result['problem']['type']);
    }

    public function test_a_paper_is_not_waved_through_with_a_look(): void
    {
        $walk = $this->walkOf('ardlow_20b');

        self::assertSame(
            '/problems/compare-the-paper',
            $this->send(
                $walk,
                $this->entry('check.answered', ['line' => 'doc-serial-match', 'answer' => 'stands']),
            )->json('results.0.problem.type'),
        );
    }

    public function test_a_finding_of_an_earlier_walk_is_still_there_worse_or_gone(): void
    {
        $walk = $this->walkOf('dromvik_14c');
        $finding = $this->post_($walk, 'finding.placed', [
            'at' => ['x' => 120, 'y' => 300],
            'kind' => 'dent',
            'size_mm' => 40,
            'words' => 'Door skin',
            'photos' => [],
            'severity' => 'note',
        ]);
        $later = $this->nextWalkOf($walk);
        $seen = fn (array $more): array => $this->send(
            $later,
            $this->entry('finding.seen_again', ['finding' => $finding, 'words' => '', 'photos' => []] + $more),
        )->json('results.0');

        self::assertSame('posted', $seen(['size_mm' => 40])['status']);
        $gone = $seen(['size_mm' => 0, 'gone' => true]);
        self::assertSame('posted', $gone['status']);
        self::assertNotNull(Finding::query()->findOrFail($finding)->mended_at);

        $this->post_($later, 'entry.struck', ['reason' => 'It was under the dirt.'], $gone['id']);
        self::assertNull(Finding::query()->findOrFail($finding)->mended_at, 'a word taken back brings it back');
    }

    public function test_what_stops_a_machine_does_not_vanish_without_a_repair(): void
    {
        $walk = $this->walkOf('dromvik_14c');
        $finding = $this->post_($walk, 'finding.placed', [
            'at' => ['x' => 120, 'y' => 300],
            'kind' => 'crack',
            'size_mm' => 40,
            'words' => 'Weld',
            'photos' => [],
            'severity' => 'stop',
        ]);
        $later = $this->nextWalkOf($walk);

        $result = $this->send(
            $later,
            $this->entry('finding.seen_again', [
                'finding' => $finding,
                'size_mm' => 0,
                'gone' => true,
                'words' => '',
                'photos' => [],
            ]),
        )->json('results.0');

        self::assertSame('/problems/stop-does-not-vanish', $result['problem']['type']);
        self::assertNull(Finding::query()->findOrFail($finding)->mended_at);
    }

    private function walkOf(string $model): Walk
    {
        $this->as(Role::Technician);
        $machine = Machine::query()->create([
            'fleet_number' => 'P-'.random_int(100, 9999),
            'model_id' => $model,
            'serial' => 'AB-'.random_int(1000, 9999),
            'bay' => 'bay 2',
        ]);
        $walk = $this->openWalk(hire: $this->hireOf($machine));
        $this->cross($walk, 'cold_isolated');

        return $walk;
    }

    /** Another walk of the same machine, for another hire. */
    private function nextWalkOf(Walk $walk): Walk
    {
        $walk->update(['decision' => 'held', 'decided_at' => CarbonImmutable::now()]);
        $walk->hire->state?->update(['standing' => 'closed']);
        $next = $this->openWalk(hire: $this->hireOf($walk->machine));
        $this->cross($next, 'cold_isolated');

        return $next;
    }

    /** @param  array<string, string>  $payload @return array<string, mixed> */
    private function compare(Walk $walk, string $line, array $payload): array
    {
        return $this->send($walk, $this->entry('paper.compared', ['line' => $line] + $payload))->json('results.0');
    }
}
