<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\PostEntries;
use App\Ledger\Actor;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Tests\Support\YardTestCase;

/** A tablet is told what it does not know yet, and with that it knows everything. */
final class ChangedLinesTest extends YardTestCase
{
    public function test_only_the_lines_that_changed_are_told(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $known = $this->whole($walk)['sequence'];
        $state = $this->sendKnowing(
            $known,
            $walk,
            $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'stands']),
        )
            ->assertOk()
            ->json('state');

        self::assertSame(['hkp-area'], array_column($state['lines'], 'key'));
        self::assertSame($known + 1, $state['sequence']);
        self::assertGreaterThan(
            100,
            count(
                $this->send($walk, $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'amiss']))->json(
                    'state.lines',
                ),
            ),
            'all of them to whoever says nothing',
        );
    }

    public function test_what_somebody_else_answered_meanwhile_is_told_along(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $known = $this->whole($walk)['sequence'];
        $this->as(Role::Mechanic);
        $this->post_($walk, 'walk.joined', []);
        $this->post_($walk, 'check.answered', ['line' => 'eng-belt', 'answer' => 'stands']);
        $this->as(Role::Technician);

        $keys = array_column(
            $this->sendKnowing(
                $known,
                $walk,
                $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'stands']),
            )->json('state.lines'),
            'key',
        );
        self::assertEqualsCanonicalizing(['eng-belt', 'hkp-area'], $keys);
    }

    public function test_a_struck_answer_comes_back_open(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $entry = $this->post_($walk, 'check.answered', ['line' => 'hkp-area', 'answer' => 'stands']);
        $known = $this->whole($walk)['sequence'];

        $lines = $this->sendKnowing($known, $walk, $this->entry('entry.struck', ['reason' => 'Wrong machine'], $entry))
            ->assertOk()
            ->json('state.lines');
        self::assertSame(
            [['hkp-area', 'open', null]],
            array_map(static fn (array $line): array => [$line['key'], $line['outcome'], $line['entry_id']], $lines),
        );
    }

    /** The law: whatever is posted in whatever batches, the answers put together are the walk as it stands. */
    public function test_the_answers_put_together_are_the_whole_walk(): void
    {
        $this->as(Role::Technician);
        $before = $this->openWalk();
        $this->walkThrough($before, '900.0');
        $this->handOver($before);
        $this->travel(1)->days();
        $this->as(Role::Technician);
        $walk = $this->openWalk('return');
        $state = $this->whole($walk);
        $together = array_column($state['lines'], null, 'key');
        $known = $state['sequence'];
        mt_srand(20261126);
        foreach ($this->batchesOf($walk) as $batch) {
            $state = $this->sendKnowing($known, $walk, ...$batch)->assertOk()->json('state');
            $known = $state['sequence'];
            $together = [...$together, ...array_column($state['lines'], null, 'key')];
        }

        self::assertSame($this->whole($walk)['sequence'], $known);
        self::assertEquals($this->whole($walk)['lines'], array_values($together));
    }

    /** @return list<list<array<string, mixed>>> everything of a walk in batches of any size, some answers struck and given again */
    private function batchesOf(Walk $walk): array
    {
        $all = [];
        foreach ($this->answersOf($walk, '931.5') as $entry) {
            $all[] = $entry;
            if ($entry['kind'] === 'check.answered' && mt_rand(0, 9) === 0) {
                $all[] = $this->entry('entry.struck', ['reason' => 'Looked at the wrong side'], $entry['id']);
                $all[] = ['id' => $this->entry('check.answered', [])['id']] + $entry;
            }
        }
        $batches = [];
        while ($all !== []) {
            $batches[] = array_splice($all, 0, mt_rand(1, 25));
        }

        return $batches;
    }

    /** @return array<string, mixed> */
    private function whole(Walk $walk): array
    {
        return $this->getJson("/api/walks/{$walk->id}")->assertOk()->json('state');
    }

    public function test_a_walk_that_is_known_is_told_what_changed_and_nothing_when_nothing_did(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $whole = $this->getJson("/api/walks/{$walk->id}")->assertOk();
        $known = $whole->json('state.sequence');
        $address = "/api/walks/{$walk->id}/state?known_sequence={$known}";
        $this->travelTo(now()->startOfMinute());
        $before = $this->getJson($address)->assertOk();
        $this->assertFits($before, 'WalkState');
        self::assertSame([], $before->json('lines'));
        $this->getJson($address, ['If-None-Match' => (string) $before->headers->get('ETag')])
            ->assertStatus(304)
            ->assertNoContent(304);

        $this->post_($walk, 'check.answered', ['line' => 'hkp-area', 'answer' => 'stands']);

        $after = $this->getJson($address, ['If-None-Match' => (string) $before->headers->get('ETag')])->assertOk();
        self::assertSame(['hkp-area'], array_column($after->json('lines'), 'key'));
        $all = $this->getJson("/api/walks/{$walk->id}/state")->assertOk();
        self::assertSame(count($whole->json('state.lines')), count($all->json('lines')));
        $this->getJson("/api/walks/{$walk->id}/state?known_sequence=-1")->assertStatus(422);
    }

    /** Two people walk one machine: what the second posts while the first is answered is told the next time. */
    public function test_what_comes_while_the_state_is_read_is_told_again_and_never_left_out(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $known = (int) $this->whole($walk)['sequence'];
        $second = Actor::person($this->person(Role::Lead));
        $isPosted = false;
        DB::listen(function (QueryExecuted $read) use (&$isPosted, $walk, $second): void {
            if ($isPosted || ! str_contains($read->sql, 'from `walk_lines`')) {
                return;
            }
            $isPosted = true;
            app(PostEntries::class)($walk, [json_decode((string) json_encode($this->entry('check.answered', [
                'line' => 'hkp-area',
                'answer' => 'stands',
            ])))], $second);
        });

        $answer = $this->getJson("/api/walks/{$walk->id}/state?known_sequence={$known}")->assertOk();

        self::assertTrue($isPosted);
        self::assertSame([], $answer->json('lines'), 'it was read before');
        $next = $this->getJson("/api/walks/{$walk->id}/state?known_sequence={$answer->json('sequence')}")->assertOk();
        self::assertSame(['hkp-area'], array_column($next->json('lines'), 'key'));
    }

    public function test_a_whole_walk_that_has_not_changed_is_not_sent_again(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $first = $this->getJson("/api/walks/{$walk->id}")->assertOk();
        self::assertStringContainsString('private', (string) $first->headers->get('Cache-Control'));

        $this->getJson("/api/walks/{$walk->id}", [
            'If-None-Match' => (string) $first->headers->get('ETag'),
        ])->assertStatus(304);

        $this->cross($walk, 'cold_isolated');
        $this->getJson("/api/walks/{$walk->id}", [
            'If-None-Match' => (string) $first->headers->get('ETag'),
        ])->assertOk();
    }

    public function test_a_day_that_has_not_changed_is_not_sent_again(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->travelTo(now()->startOfMinute());
        $before = $this->getJson('/api/day')->assertOk();
        $tag = ['If-None-Match' => (string) $before->headers->get('ETag')];

        $this->travel(5)->seconds();
        $this->getJson('/api/day', $tag)->assertStatus(304)->assertNoContent(304);

        $this->cross($walk, 'cold_isolated');
        $this->post_($walk, 'check.answered', ['line' => 'hkp-area', 'answer' => 'stands']);
        $after = $this->getJson('/api/day', $tag)->assertOk();
        self::assertNotSame($before->json('outs'), $after->json('outs'));

        $this->as(Role::Lead);
        $this->getJson('/api/day', ['If-None-Match' => (string) $after->headers->get('ETag')])->assertOk();
    }
}
