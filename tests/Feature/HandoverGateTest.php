<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Contract\JsonObject;
use App\Http\Problems\ApiProblem;
use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\HandoverOfWalk;
use App\Ledger\Payloads\GatePassed;
use App\Ledger\RebuildProjections;
use App\Models\Customer;
use App\Models\Role;
use App\Models\StepNote;
use App\Models\Walk;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\YardTestCase;

/** Proof and introduction are asked at the handover, of whoever takes the machine, and are no lines of the walk. */
final class HandoverGateTest extends YardTestCase
{
    protected const MODEL = 'fenwold_p20';

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
                '/problems/gate-wants-number' => [
                    [],
                    [self::INTRODUCED],
                    [['gate' => 'doc-operator-proof'], self::INTRODUCED],
                ],
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

    public function test_a_dot_is_no_signature_and_another_person_signs_beside_the_first_with_their_own_proof(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $gates = [self::PROOF, self::INTRODUCED];
        $also = fn (string $name, array $gates, array $ink = [[10, 20, 30, 40]]): TestResponse => $this->send(
            $walk,
            $this->entry('handover.also_signed', ['name' => $name, 'signature' => $ink, 'gates' => $gates]),
        );
        $also('Fenn Callow', $gates)->assertJsonPath('type', '/problems/sign-first');
        $this->walkThrough($walk);
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        foreach (array_column($this->getJson("/api/walks/{$walk->id}/briefing")->json('steps'), 'id') as $step) {
            $this->post_($walk, 'handover.step_shown', ['step' => $step]);
        }
        $this->answerBack($walk);
        $dot = ['name' => 'Tobias Wray', 'signature' => [[500, 200, 500, 200]], 'gates' => $gates];
        $this->send($walk, $this->entry('handover.signed', $dot))
            ->assertJsonPath('type', '/problems/not-a-signature');
        $this->sign($walk, $gates)->assertJsonPath('results.0.status', 'posted');

        $also('Fenn Callow', [self::INTRODUCED])->assertJsonPath('type', '/problems/gate-wants-number');
        $also('tobias wray', $gates)->assertJsonPath('type', '/problems/signed-already');
        $also('Fenn Callow', $gates, [[1, 1, 1, 1]])->assertJsonPath('type', '/problems/not-a-signature');
        $also('Fenn Callow', [['number' => 'TQ 9902'] + self::PROOF, self::INTRODUCED])
            ->assertJsonPath('results.0.status', 'posted');
        $signed = $this->getJson("/api/walks/{$walk->id}/briefing");
        $this->assertFits($signed, 'Briefing');
        self::assertSame(['Tobias Wray', 'Fenn Callow'], [
            $signed->json('signed_name'), $signed->json('others.0.name'),
        ]);
        $this->app->make(RebuildProjections::class)();
        self::assertSame('Fenn Callow', $this->getJson("/api/walks/{$walk->id}/briefing")->json('others.0.name'));
    }

    /** @return iterable<string, array{string, Role, string|null}> school, who hands over, the problem */
    public static function withoutProof(): iterable
    {
        yield 'the machine stays' => ['refused', Role::Technician, '/problems/none-without-proof'];
        yield 'somebody stands beside' => ['supervised', Role::Technician, null];
        yield 'only the lead' => ['by_lead', Role::Technician, '/problems/only-the-lead-without-proof'];
        yield 'the lead' => ['by_lead', Role::Lead, null];
    }

    #[DataProvider('withoutProof')]
    public function test_without_a_proof_the_house_rule_decides(string $school, Role $by, ?string $problem): void
    {
        if ($school !== 'refused') {
            $this->as(Role::Lead);
            $chosen = ['value' => $school, 'reason' => 'As our hirers work'];
            $this->putJson('/api/house-rules/without_proof', $chosen)->assertOk();
        }
        $this->as($by);
        $walk = $this->openWalk();
        $context = $this->app->make(ContextOfWalk::class)($walk, $this->person($by));
        $passed = array_map(
            static fn (array $gate): GatePassed => GatePassed::read(JsonObject::of($gate)),
            [['gate' => 'doc-operator-proof', 'instead' => 'Anneke Dro, site manager'], self::INTRODUCED],
        );
        try {
            $this->app->make(HandoverOfWalk::class)->everyGateMustBePassed($context, $passed, now());
            $said = null;
        } catch (ApiProblem $refused) {
            $said = $refused->problem->type;
        }

        self::assertSame($problem, $said);
        self::assertSame($school, $this->getJson("/api/walks/{$walk->id}/briefing")->json('without_proof'));
    }

    public function test_a_note_of_the_lead_stands_beside_its_step_for_everybody_or_for_one_hirer(): void
    {
        $this->as(Role::Technician);
        $this->putJson('/api/briefing-steps/report/note', ['words' => 'Ring Juno'])->assertForbidden();
        $walk = $this->openWalk();
        $notes = fn (): array => $this->getJson("/api/walks/{$walk->id}/briefing")->json('notes');
        $this->as(Role::Lead);
        $this->putJson('/api/briefing-steps/no_such_step/note', ['words' => 'x'])->assertNotFound();
        $this->putJson('/api/briefing-steps/report/note', ['words' => str_repeat('x', 301)])->assertStatus(422);
        $this->putJson('/api/briefing-steps/report/note', ['words' => 'Ring Juno, day and night.'])->assertNoContent();
        $ofHirer = ['words' => 'Gate B only.', 'hirer_id' => $this->hire->customer_id];
        $this->putJson('/api/briefing-steps/report/note', $ofHirer)->assertNoContent();
        self::assertSame(['report' => 'Ring Juno, day and night. Gate B only.'], $notes());

        // Another hirer hears the yard's own words only; taken off, nothing is left but what was kept.
        $this->hire->customer->update(['name' => 'Saltmarsh']);
        $other = Customer::query()->create(['name' => 'Ibbet Roofing']);
        $this->hire->update(['customer_id' => $other->id]);
        self::assertSame(['report' => 'Ring Juno, day and night.'], $notes());
        $this->putJson('/api/briefing-steps/report/note', ['words' => ''])->assertNoContent();
        self::assertSame([], $notes());
        self::assertSame(3, StepNote::query()->count());
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
