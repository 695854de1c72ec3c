<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\Walk;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** Proof and introduction are asked at the handover, of whoever takes the machine, and are no lines of the walk. */
final class HandoverGateTest extends YardTestCase
{
    private const PROOF = ['gate' => 'doc-operator-proof', 'number' => 'TQ 4471'];

    private const INTRODUCED = ['gate' => 'doc-familiarisation'];

    public function test_nothing_is_signed_for_before_each_gate_is_passed_with_its_number(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $briefing = $this->getJson("/api/walks/{$walk->id}/briefing")->json();
        self::assertSame(['doc-operator-proof', 'doc-familiarisation'], array_column($briefing['gates'], 'id'));
        foreach (array_column($briefing['steps'], 'id') as $step) {
            $this->post_($walk, 'handover.step_shown', ['step' => $step]);
        }
        $this->answerBack($walk);

        foreach (
            [
                '/problems/gate-wants-number' => [[], [self::INTRODUCED], [['gate' => 'doc-operator-proof'], self::INTRODUCED]],
                '/problems/gate-is-shut' => [[self::PROOF]],
            ] as $problem => $tries
        ) {
            foreach ($tries as $gates) {
                $this->sign($walk, $gates)->assertJsonPath('results.0.problem.type', $problem);
            }
        }
        $yesterday = now()->subDay()->format('Y-m-d');
        $this->sign($walk, [['valid_until' => $yesterday] + self::PROOF, self::INTRODUCED])
            ->assertJsonPath('results.0.problem.type', '/problems/proof-has-ended');
        $this->sign($walk, [['valid_until' => '2026-02-30'] + self::PROOF, self::INTRODUCED])
            ->assertJsonPath('results.0.problem.type', '/problems/no-such-day');
        // Its last day still counts.
        $this->sign($walk, [['valid_until' => now('Europe/London')->format('Y-m-d')] + self::PROOF, self::INTRODUCED])
            ->assertJsonPath('results.0.status', 'posted');
        self::assertSame('out', $walk->hire->refresh()->standing()->value);
    }

    public function test_a_missing_card_is_no_line_of_the_walk_and_tags_no_machine(): void
    {
        $this->as(Role::Technician);

        $checks = array_column(array_merge(...array_column($this->openWalk()->plan->body['visits'], 'lines')), 'check');

        self::assertNotContains('doc-operator-proof', $checks);
        self::assertNotContains('doc-familiarisation', $checks);
    }

    /** @param  list<array<string, string>>  $gates */
    private function sign(Walk $walk, array $gates): TestResponse
    {
        $payload = ['name' => 'Tobias Wray', 'signature' => [[10, 20, 30, 40]], 'gates' => $gates];

        return $this->send($walk, $this->entry('handover.signed', $payload));
    }
}
