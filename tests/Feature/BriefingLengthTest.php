<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Customer;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\Machine;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** How much somebody is told follows from what they signed for before, and is never less than what kills. */
final class BriefingLengthTest extends YardTestCase
{
    protected const MODEL = 'fenwold_p20';

    public function test_a_hirer_whom_nobody_knows_hears_all_of_it(): void
    {
        $walk = $this->released($this->hire);
        $briefing = $this->briefing($walk);

        self::assertSame(['full'], array_column($briefing['lengths'], 'length'));
        self::assertSame(array_column($briefing['steps'], 'id'), $briefing['lengths'][0]['steps']);
        self::assertSame(['family' => null, 'model' => null], $briefing['known']);
        $this->show($walk, $this->dangers($briefing));
        self::assertSame(
            '/problems/briefing-too-short',
            $this->sign($walk, 'knows_model')->json('results.0.problem.type'),
        );
        self::assertSame(HireStatus::Ready, $this->hire->refresh()->standing());
    }

    public function test_who_signed_for_this_model_last_week_hears_what_kills(): void
    {
        $this->wentOutLastWeek($this->machine->model_id);
        $walk = $this->released($this->hire);
        $briefing = $this->briefing($walk);

        self::assertSame(['full', 'knows_family', 'knows_model'], array_column($briefing['lengths'], 'length'));
        self::assertNotNull($briefing['known']['model']);
        self::assertSame($this->dangers($briefing), $briefing['lengths'][2]['steps']);
        self::assertLessThan($briefing['lengths'][0]['minutes'], $briefing['lengths'][2]['minutes']);
        $this->show($walk, array_slice($this->dangers($briefing), 1));
        self::assertSame(
            '/problems/steps-not-shown',
            $this->sign($walk, 'knows_model')->json('results.0.problem.type'),
        );
        $this->show($walk, array_slice($this->dangers($briefing), 0, 1));
        self::assertNull($this->sign($walk, 'knows_model')->json('results.0.problem'));
        self::assertSame(HireStatus::Out, $this->hire->refresh()->standing());
    }

    public function test_who_signed_for_another_model_of_the_kind_hears_what_is_this_models_own(): void
    {
        $this->machine->update(['model_id' => parent::MODEL]);
        $this->wentOutLastWeek('dromvik_8c');
        $walk = $this->released($this->hire);
        $briefing = $this->briefing($walk);

        self::assertSame(['full', 'knows_family'], array_column($briefing['lengths'], 'length'));
        self::assertContains('purge', $briefing['lengths'][1]['steps'], 'its own purge is news to them');
        self::assertNotContains('signal_words', $briefing['lengths'][1]['steps']);
        self::assertSame([], array_diff($this->dangers($briefing), $briefing['lengths'][1]['steps']));
        $this->show($walk, $briefing['lengths'][1]['steps']);
        self::assertNull($this->sign($walk, 'knows_family')->json('results.0.problem'));
    }

    public function test_what_somebody_else_signed_for_makes_nothing_shorter(): void
    {
        $this->wentOutLastWeek($this->machine->model_id, Customer::query()->create(['name' => 'Plover Bank Estates']));

        self::assertSame(['full'], array_column($this->briefing($this->released($this->hire))['lengths'], 'length'));
    }

    /** A tablet of the release before says nothing of a length: it showed all of it. */
    public function test_a_signature_that_says_no_length_is_of_the_whole_briefing(): void
    {
        $this->wentOutLastWeek($this->machine->model_id);
        $walk = $this->released($this->hire);
        $briefing = $this->briefing($walk);
        $this->show($walk, $this->dangers($briefing));

        self::assertSame('/problems/steps-not-shown', $this->sign($walk, null)->json('results.0.problem.type'));
    }

    private function wentOutLastWeek(string $model, ?Customer $to = null): void
    {
        $machine = Machine::query()->create([
            'fleet_number' => 'E-'.random_int(9000, 9999),
            'model_id' => $model,
            'serial' => Str::random(12),
            'bay' => 'bay 2',
        ]);
        $before = $this->hireOf($machine);
        $before->update(['customer_id' => $to->id ?? $this->hire->customer_id]);
        $this->as(Role::Technician);
        $walk = $this->openWalk('checkout', $before);
        $this->walkThrough($walk);
        $this->handOver($walk);
        $this->travel(7)->days();
        $this->hire->update(['goes_out_at' => now()->addHour(), 'comes_back_at' => now()->addDays(2)]);
    }

    private function released(Hire $hire): Walk
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk('checkout', $hire);
        $this->walkThrough($walk);
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);

        return $walk;
    }

    /** @return array<string, mixed> */
    private function briefing(Walk $walk): array
    {
        $response = $this->getJson("/api/walks/{$walk->id}/briefing")->assertOk();
        $this->assertFits($response, 'Briefing');

        return $response->json();
    }

    /**
     * @param array<string, mixed> $briefing
     * @return list<string>
     */
    private function dangers(array $briefing): array
    {
        return array_values(array_column(array_filter(
            $briefing['steps'],
            static fn (array $step): bool => $step['level'] === 'danger',
        ), 'id'));
    }

    /** @param  list<string>  $steps */
    private function show(Walk $walk, array $steps): void
    {
        $this->send($walk, ...$this->shown($steps))->assertOk();
    }

    private function sign(Walk $walk, ?string $length): TestResponse
    {
        $this->answerBack($walk);
        $gates = array_map(
            static fn (array $gate): array => ['gate' => $gate['id'], 'number' => 'card 20417'],
            $this->briefing($walk)['gates'],
        );

        return $this->send($walk, $this->entry('handover.signed', [
            'name' => 'Tobias Wray', 'signature' => [[10, 10, 200, 120]], 'gates' => $gates,
            ...($length === null ? [] : ['length' => $length]),
        ]));
    }
}
