<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Support\Facades\DB;
use Tests\Support\YardTestCase;

/** What is corrected on the spot, and parts that a machine has not. */
final class NotFittedTest extends YardTestCase
{
    public function test_what_is_put_right_on_the_spot_stands_with_no_repair_and_no_second_person(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $line = $this->lineOf($walk, 'cab-nobody');
        $this->post_($walk, 'check.answered', ['line' => $line, 'answer' => 'amiss']);
        self::assertSame('stop', $this->outcome($walk, $line));

        $entry = $this->post_($walk, 'check.answered', ['line' => $line, 'answer' => 'put_right']);

        self::assertSame('stands', $this->outcome($walk, $line));
        $kinds = DB::table('ledger_entries')->where('walk_id', $walk->id)
            ->where('kind', 'check.answered')
            ->pluck('id');
        self::assertCount(2, $kinds, 'both facts are in the ledger');
        self::assertSame(
            $entry,
            DB::table('walk_lines')->where('walk_id', $walk->id)->where('key', $line)->value('entry_id'),
        );
        $trail = $this->getJson("/api/machines/{$walk->machine_id}/entries")->json('entries');
        $words = array_column($trail, 'words', 'id')[$entry];
        self::assertStringContainsString('put right, and looked at again', $words);
    }

    public function test_a_crack_is_not_put_right_on_the_spot(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $answer = ['line' => $this->lineOf($walk, 'str-boom-arm'), 'answer' => 'put_right'];

        $this->send($walk, $this->entry('check.answered', $answer))
            ->assertJsonPath('results.0.problem.type', '/problems/not-put-right-here');
    }

    public function test_a_part_that_is_not_there_counts_as_answered_and_the_lead_is_asked(): void
    {
        $technician = $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $line = $this->lineOf($walk, 'cab-glass');
        $say = fn (string $words): array => $this->entry(
            'check.answered',
            ['line' => $line, 'answer' => 'not_fitted', 'words' => $words],
        );
        $this->send($walk, $say(''))->assertJsonPath('results.0.problem.type', '/problems/say-how-it-is-known');
        $this->send($walk, $say('Open canopy, no panes'))->assertJsonPath('results.0.status', 'posted');
        self::assertSame('stands', $this->outcome($walk, $line));
        $this->getJson('/api/doubts')->assertForbidden();

        $this->as(Role::Lead);
        $doubts = $this->getJson('/api/doubts')->assertOk();
        $this->assertFits($doubts, 'DoubtList');
        $question = $doubts->json('questions.0');
        self::assertSame('Open canopy, no panes', $question['words']);
        self::assertSame($technician->id, $question['person']['id']);
        $settle = ['question' => $question['id'], 'is_fitted' => true, 'reason' => 'They are behind the tarpaulin'];
        $this->post_($walk, 'fit.settled', $settle);

        self::assertSame('open', $this->outcome($walk, $line), 'the line is asked again');
        self::assertSame([], $this->getJson('/api/doubts')->json('questions'));
        $this->send($walk, $this->entry('fit.settled', $settle))
            ->assertJsonPath('results.0.problem.type', '/problems/no-such-question');
        app(RebuildProjections::class)();
        self::assertSame('open', $this->outcome($walk, $line));
    }

    public function test_nobody_says_that_a_part_is_missing_which_can_stop_the_machine(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        foreach (['str-boom-arm', 'hkp-area'] as $check) {
            $answer = ['line' => $this->lineOf($walk, $check), 'answer' => 'not_fitted', 'words' => 'There is none'];

            $this->send($walk, $this->entry('check.answered', $answer))
                ->assertJsonPath('results.0.problem.type', '/problems/part-is-fitted');
        }
    }

    public function test_an_answer_that_is_struck_asks_the_lead_nothing_any_more(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $answer = ['line' => $this->lineOf($walk, 'cab-glass'), 'answer' => 'not_fitted', 'words' => 'There is none'];
        $entry = $this->post_($walk, 'check.answered', $answer);

        $this->post_($walk, 'entry.struck', ['reason' => 'wrong machine'], $entry);

        $this->as(Role::Lead);
        self::assertSame([], $this->getJson('/api/doubts')->json('questions'));
    }

    private function lineOf(Walk $walk, string $check): string
    {
        foreach ($walk->plan->body['visits'] as $visit) {
            foreach ($visit['lines'] as $line) {
                if ($line['check'] === $check) {
                    return $line['key'];
                }
            }
        }
        self::fail("The walk has no line {$check}.");
    }

    private function outcome(Walk $walk, string $line): string
    {
        return (string) DB::table('walk_lines')->where('walk_id', $walk->id)->where('key', $line)->value('outcome');
    }
}
