<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HireStatus;
use App\Models\Role;
use App\Models\Walk;
use Tests\Support\YardTestCase;

/** What a tablet out of reach of the yard goes by, and what becomes of a decision that was signed on it. */
final class WithoutNetworkTest extends YardTestCase
{
    public function test_a_walk_brings_along_what_the_customer_is_told_at_the_end_of_it(): void
    {
        $this->as(Role::Technician);
        $preview = $this->getJson("/api/hires/{$this->hire->id}/walks/checkout")->assertOk();
        $walk = $this->openWalk();
        $briefing = $this->getJson("/api/walks/{$walk->id}/briefing")->json();

        self::assertNotSame([], $briefing['steps']);
        self::assertSame($briefing['steps'], $preview->json('briefing.steps'), 'opened with no network it is the same');
        self::assertSame($briefing, $this->getJson("/api/walks/{$walk->id}")->json('briefing'));
    }

    public function test_each_line_says_what_would_lift_it_as_the_decision_does(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough(
            $walk,
            own: ['cab-glass' => ['answer' => 'amiss'], 'trn-direction' => null],
            values: ['fuel-level' => '1'],
        );
        $this->post_($walk, 'finding.placed', [
            'at' => ['x' => -180, 'y' => -44],
            'kind' => 'cut',
            'size_mm' => 40,
            'words' => 'hose cut',
            'photos' => [],
        ]);
        $grounds = array_column(
            $this->getJson("/api/walks/{$walk->id}/release")->json('grounds'),
            'lifted_by',
            'reference',
        );
        $state = $this->getJson("/api/walks/{$walk->id}")->json('state');
        $said = array_column($state['lines'], 'lifted_by', 'key') + array_column($state['findings'], 'lifted_by', 'id');

        self::assertGreaterThan(2, count($grounds));
        self::assertEquals($grounds, array_filter($said, static fn (?string $lifted): bool => $lifted !== null));
    }

    public function test_what_the_plan_says_of_a_look_that_is_not_so_is_what_becomes_of_it(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $stage = $walk->plan->body['stages'][0]['id'];
        $lines = array_merge(
            ...array_column(
                array_filter($walk->plan->body['visits'], static fn (array $visit): bool => $visit['stage'] === $stage),
                'lines',
            ),
        );
        $looks = array_values(array_filter($lines, static fn (array $line): bool => $line['answer'] === 'look'));
        $this->cross($walk, $stage);
        $this->send(
            $walk,
            ...array_map(
                fn (array $line): array => $this->entry('check.answered', [
                    'line' => $line['key'],
                    'answer' => 'amiss',
                ]),
                $looks,
            ),
        )->assertOk();

        $became = array_column($this->getJson("/api/walks/{$walk->id}")->json('state.lines'), null, 'key');
        foreach ($looks as $line) {
            self::assertEquals(
                $line['if_amiss'],
                ['outcome' => $became[$line['key']]['outcome'], 'lifted_by' => $became[$line['key']]['lifted_by']],
                $line['key'],
            );
        }
        self::assertGreaterThan(
            1,
            count(array_unique(array_map(static fn (array $line): string => $line['if_amiss']['outcome'], $looks))),
            'some stop and some are attended to',
        );
    }

    public function test_the_gates_of_a_state_are_what_the_yard_asks_for_before_it(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $gates = static fn (array $stages): array => array_filter(array_column($stages, 'gated_by', 'id'));
        $blocked = static fn (array $state): array => array_column($state['blocked_stages'], 'lines', 'stage');
        $fresh = $this->getJson("/api/walks/{$walk->id}")->assertOk();
        self::assertSame(
            $blocked($fresh->json('state')),
            $gates($fresh->json('plan.stages')),
            'all of them, before anything is answered',
        );

        $this->cross($walk, 'cold_isolated');
        $this->post_($walk, 'check.answered', ['line' => 'saf-bypass', 'answer' => 'stands']);
        $answered = $this->getJson("/api/walks/{$walk->id}");
        $left = array_map(
            static fn (array $lines): array => array_values(array_diff($lines, ['saf-bypass'])),
            $gates($answered->json('plan.stages')),
        );
        self::assertSame($blocked($answered->json('state')), $left);
    }

    public function test_a_decision_and_a_handover_that_come_with_their_lines_are_taken_in_that_order(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk, own: ['hkp-area' => null]);
        $results = $this->send(
            $walk,
            $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'stands']),
            ...$this->signedHere($walk),
        )
            ->assertOk()
            ->json('results');

        self::assertSame(['posted'], array_values(array_unique(array_column($results, 'status'))));
        self::assertSame(HireStatus::Out, $this->hire->refresh()->standing());
    }

    public function test_a_release_that_the_yard_cannot_make_is_refused_with_the_handover_under_it_and_the_lines_stay(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk, own: ['trn-direction' => null]);
        $signed = $this->signedHere($walk);
        $results = $this->send(
            $walk,
            $this->entry('test.answered', ['line' => 'trn-direction'] + self::failed()),
            ...$signed,
        )
            ->assertOk()
            ->json('results');

        self::assertSame('posted', $results[0]['status']);
        self::assertSame('/problems/not-the-decision', $results[1]['problem']['type']);
        self::assertSame(
            ['/problems/release-first'],
            array_values(array_unique(array_column(array_column(array_slice($results, 2), 'problem'), 'type'))),
        );
        self::assertSame(count($signed) - 1, count(array_slice($results, 2)));
        self::assertSame(HireStatus::WalkingOut, $this->hire->refresh()->standing(), 'it is not out');
    }

    /**
     * The yard refuses what was signed out of its reach, and the machine is not there any more: neither out nor in the
     * yard, until the lead says.
     */
    public function test_a_machine_that_left_without_a_release_stands_so_until_the_lead_has_settled_it(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk, own: ['cab-glass' => ['answer' => 'amiss', 'words' => 'stone chip']]);
        $this->post_($walk, 'departure.reported', []);

        self::assertSame(HireStatus::Gone, $this->hire->refresh()->standing());
        $this->send($walk, $this->entry('tag.hung', ['reason' => 'it is not here']))
            ->assertStatus(409)
            ->assertJsonPath('results.0.problem.type', '/problems/gone-settle-first');
        $this->send(
            $walk,
            $this->entry('departure.settled', ['how' => 'brought_back', 'reason' => 'I say so']),
        )->assertStatus(403);
        $row = $this->getJson('/api/day')->json('outs.0');
        self::assertSame(
            [$this->hire->id, 'stop', 'Gone, not released'],
            [$row['hire_id'], $row['state']['mark'], $row['state']['words']],
        );

        $this->as(Role::Lead);
        $this->send($walk, $this->entry('departure.settled', ['how' => 'stays_out', 'reason' => 'the hirer has it']))
            ->assertStatus(409)
            ->assertJsonPath('results.0.problem.type', '/problems/release-does-not-hold');
        $this->post_($walk, 'departure.settled', ['how' => 'brought_back', 'reason' => 'fetched it back']);
        self::assertSame(HireStatus::WalkingOut, $this->hire->refresh()->standing(), 'its walk goes on');

        $this->post_($walk, 'departure.reported', []);
        $this->as(Role::Lead);
        self::assertSame(
            'refused',
            $this->send($walk, $this->entry('departure.reported', []))->json('results.0.status'),
            'once',
        );
    }

    public function test_a_machine_that_left_stays_out_only_where_nothing_forbids_it(): void
    {
        $this->as(Role::Lead);
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->post_($walk, 'departure.reported', []);

        $this->post_($walk, 'departure.settled', ['how' => 'stays_out', 'reason' => 'signed on the tablet']);

        self::assertSame(HireStatus::Out, $this->hire->refresh()->standing());
    }

    /** @return list<array<string, mixed>> the decision, every step of the briefing and the signature, as a tablet keeps them */
    private function signedHere(Walk $walk): array
    {
        return [
            $this->entry('release.decided', ['decision' => 'released', 'conditions' => []]),
            ...$this->briefed($walk),
            $this->entry('handover.signed', [
                'name' => 'Tobias Wray',
                'signature' => [[10, 20, 30, 40]],
                'gates' => [['gate' => 'doc-operator-proof', 'number' => 'TQ 4471'], ['gate' => 'doc-familiarisation']],
            ]),
        ];
    }
}
