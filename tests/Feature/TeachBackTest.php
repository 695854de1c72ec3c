<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\Handover;
use App\Models\HireStatus;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** Whoever was briefed is asked back; who was wrong hears why and is asked in another form. */
final class TeachBackTest extends YardTestCase
{
    public function test_nobody_signs_before_every_question_was_answered_rightly(): void
    {
        $walk = $this->told();
        $questions = $this->briefing($walk)['questions'];
        self::assertGreaterThanOrEqual(4, count($questions));
        $this->sign($walk)->assertJsonPath('results.0.problem.type', '/problems/asked-back');

        foreach (array_slice($questions, 1) as $question) {
            $this->answer($walk, $question['id'], 0, 0);
        }
        $this->answer($walk, $questions[0]['id'], 0, 1);
        $left = $this->sign($walk)->assertJsonPath('results.0.problem.type', '/problems/asked-back');
        self::assertStringContainsString($questions[0]['forms'][0]['ask'], $left->json('results.0.problem.detail'));

        // The last answer counts, and the wrong one is kept.
        $this->answer($walk, $questions[0]['id'], 1, 0);
        $this->sign($walk)->assertJsonPath('results.0.problem', null);
        self::assertSame(HireStatus::Out, $this->hire->refresh()->standing());
        $trail = collect($this->getJson("/api/machines/{$this->machine->id}/entries")->json('entries'))
            ->where('kind', 'handover.answered')->pluck('words');
        self::assertTrue(
            $trail->contains(static fn (string $words): bool => str_ends_with($words, 'Wrong, and told why.')),
        );
        $before = Handover::query()->get()->toArray();
        $this->app->make(RebuildProjections::class)();
        self::assertEquals($before, Handover::query()->get()->toArray());
    }

    /** Two who hand over with a tablet each: what one showed and asked is neither lost nor asked twice. */
    public function test_what_was_shown_and_asked_on_one_tablet_counts_on_another(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $steps = array_column($this->briefing($walk)['steps'], 'id');
        $this->send($walk, ...$this->shown(array_slice($steps, 0, 20)));
        $this->sign($walk)->assertJsonPath('results.0.problem.type', '/problems/steps-not-shown');

        $this->as(Role::Technician);
        $there = $this->briefing($walk);
        self::assertEqualsCanonicalizing(array_slice($steps, 0, 20), $there['steps_shown']);
        // The last one of the other tablet comes once more.
        $this->send($walk, ...$this->shown(array_slice($steps, 19)));
        $this->send($walk, ...$this->rightAnswers($walk));
        $this->sign($walk)->assertJsonPath('results.0.problem', null);
        $this->sign($walk)->assertJsonPath('results.0.status', 'refused');
        self::assertSame(1, Handover::query()->count());
    }

    public function test_every_wrong_answer_says_why_and_the_right_one_is_not_always_the_first(): void
    {
        $places = [];
        foreach ($this->briefing($this->told())['questions'] as $question) {
            self::assertGreaterThanOrEqual(2, count($question['forms']), $question['id']);
            foreach ($question['forms'] as $form) {
                $reasons = array_column($form['answers'], 'because', 'answer');
                self::assertNull($reasons[0]);
                self::assertNotContains(null, array_diff_key($reasons, [0 => true]), $form['ask']);
                $places[] = array_search(0, array_column($form['answers'], 'answer'), true);
            }
        }
        self::assertGreaterThan(1, count(array_unique($places)));
    }

    public function test_what_is_no_question_of_this_machine_is_refused(): void
    {
        $walk = $this->told();
        foreach ([['rider', 0, 0], ['tag', 9, 0], ['tag', 0, 5], ['nothing', 0, 0]] as [$question, $form, $answer]) {
            $this->send($walk, $this->entry('handover.answered', compact('question', 'form', 'answer')))
                ->assertJsonPath('results.0.problem.type', '/problems/no-such-answer');
        }
    }

    public function test_nobody_is_asked_back_over_a_machine_that_is_not_released(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();

        $this->send($walk, $this->entry('handover.answered', ['question' => 'tag', 'form' => 0, 'answer' => 0]))
            ->assertJsonPath('results.0.problem.type', '/problems/release-first');
    }

    private function told(): Walk
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $this->send($walk, ...$this->shown(array_column($this->briefing($walk)['steps'], 'id')))->assertOk();

        return $walk;
    }

    /** @return array<string, mixed> */
    private function briefing(Walk $walk): array
    {
        return $this->getJson("/api/walks/{$walk->id}/briefing")->assertOk()->json();
    }

    private function answer(Walk $walk, string $question, int $form, int $answer): void
    {
        $this->post_($walk, 'handover.answered', compact('question', 'form', 'answer'));
    }

    private function sign(Walk $walk): TestResponse
    {
        return $this->send($walk, $this->entry('handover.signed', [
            'name' => 'Tobias Wray', 'signature' => [[10, 20, 30, 40]],
            'gates' => [['gate' => 'doc-operator-proof', 'number' => 'TQ 4471'], ['gate' => 'doc-familiarisation']],
        ]));
    }
}
