<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\Customer;
use App\Models\Operator;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\YardTestCase;

/** Who operates a machine for a hirer: recorded once, found again, and asked for where the yard keeps to it. */
final class OperatorTest extends YardTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->machine->update(['model_id' => 'orrick_25g']);
        $this->as(Role::Lead);
    }

    public function test_somebody_is_recorded_at_a_handover_and_found_at_the_next_one(): void
    {
        $this->record([
            'inspection_on' => '2026-05-04',
            'course_on' => '2026-05-06',
            'evaluator' => 'A. Penhale',
            'own_code' => true,
        ])->assertJsonPath('results.0.problem', null);

        $walk = $this->openWalk();
        $briefing = $this->getJson("/api/walks/{$walk->id}/briefing")->assertOk();
        $this->assertFits($briefing, 'Briefing');
        self::assertSame(
            ['sit_down_truck', 'cylinder_change'],
            array_column($briefing->json('operator_categories'), 'id'),
        );
        $operator = $briefing->json('operators.0');
        self::assertSame(
            ['Lee Marsh', 'LT-4411', 'valid', '2029-05-04', true],
            [
                $operator['name'],
                $operator['number'],
                $operator['standing'],
                $operator['evaluated_until'],
                $operator['has_own_code'],
            ],
        );
        $hirer = $this->getJson("/api/hirers/{$this->hire->customer_id}")->assertOk();
        $this->assertFits($hirer, 'HirerDetail');
        self::assertSame('Lee Marsh', $hirer->json('operators.0.name'));
    }

    public function test_a_picture_of_the_proof_is_kept_with_it_and_one_that_is_not_here_is_asked_for(): void
    {
        $this->record(['photo' => str_repeat('0', 64)])
            ->assertJsonPath('type', '/problems/photo-not-here');
        $this->as(Role::Counter);
        $photo = $this->post('/api/photos', ['photo' => UploadedFile::fake()->image('card.jpg', 40, 30)])
            ->assertCreated()->json('sha256');
        $this->record(['photo' => $photo])->assertJsonPath('results.0.problem', null);
        $hirer = $this->getJson("/api/hirers/{$this->hire->customer_id}")->assertOk();
        $this->assertFits($hirer, 'HirerDetail');
        self::assertSame($photo, $hirer->json('operators.0.photo'));
        $this->app->make(RebuildProjections::class)();
        self::assertSame($photo, Operator::query()->firstOrFail()->photo);
    }

    public function test_the_last_record_of_a_person_counts_and_follows_from_the_ledger(): void
    {
        $this->record(['valid_until' => '2026-01-31']);
        $this->record(['name' => 'LEE MARSH', 'number' => 'LT-5000', 'valid_until' => '2030-01-31']);
        $this->record(['category' => 'cylinder_change', 'number' => 'GC-1']);

        self::assertSame(['GC-1', 'LT-5000'], Operator::query()->orderBy('number')->pluck('number')->all());
        $before = Operator::query()->orderBy('id')->get()->toArray();
        $this->app->make(RebuildProjections::class)();
        self::assertSame($before, Operator::query()->orderBy('id')->get()->toArray());
    }

    public function test_a_hirer_that_was_entered_twice_keeps_its_people(): void
    {
        $this->record([]);
        $kept = Customer::query()->create(['name' => 'Kept '.Str::random(6)]);
        $double = $this->hire->customer_id;
        $this->postJson("/api/hirers/{$double}/merger", ['into' => $kept->id])->assertOk();

        self::assertSame('Lee Marsh', $this->getJson("/api/hirers/{$kept->id}")->json('operators.0.name'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function slips(): iterable
    {
        yield 'evaluated tomorrow' => [['course_on' => '2999-01-01'], '/problems/day-to-come'];
        yield 'a day that there is not' => [['valid_until' => '2027-02-30'], '/problems/no-such-day'];
        yield 'a category that there is not' => [['category' => 'moon_lander'], '/problems/no-such-operator-category'];
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('slips')]
    public function test_what_cannot_be_is_not_recorded(array $more, string $problem): void
    {
        $this->record($more)->assertJsonPath('results.0.problem.type', $problem);

        self::assertSame(0, Operator::query()->count());
    }

    public function test_a_yard_that_keeps_to_it_hands_a_truck_only_to_who_was_evaluated(): void
    {
        $this->putJson('/api/house-rules/operators', ['value' => 'evaluated', 'reason' => 'Ours'])->assertOk();
        $walk = $this->briefedWalk();
        $sign = fn (): TestResponse => $this->postJson("/api/walks/{$walk->id}/entries", [
            'entries' => [
                $this->entry('handover.signed', [
                    'name' => 'Lee Marsh',
                    'signature' => [[10, 20, 30, 40]],
                    'gates' => array_map(
                        static fn (array $gate): array => ['gate' => $gate['id']] +
                            ($gate['asks_number'] ? ['number' => 'LT-4411'] : []),
                        $this->getJson("/api/walks/{$walk->id}/briefing")->json('gates'),
                    ),
                ]),
            ],
        ]);

        self::assertContains(
            'doc-operator-evaluated',
            array_column($this->getJson("/api/walks/{$walk->id}/briefing")->json('gates'), 'id'),
        );
        $sign()->assertJsonPath('results.0.problem.type', '/problems/operator-not-evaluated');
        $this->record(['course_on' => '2026-05-06']);
        $sign()->assertJsonPath('results.0.problem.type', '/problems/operator-not-evaluated');
        $this->record(['course_on' => '2026-05-06', 'inspection_on' => '2026-05-04']);
        $sign()->assertJsonPath('results.0.problem', null);
    }

    private function briefedWalk(): Walk
    {
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $this->send($walk, ...$this->briefed($walk))->assertOk();

        return $walk;
    }

    /** @param  array<string, mixed>  $more */
    private function record(array $more): TestResponse
    {
        return $this->postJson("/api/hires/{$this->hire->id}/entries", [
            'entries' => [
                $this->entry(
                    'operator.recorded',
                    $more + [
                        'name' => 'Lee Marsh',
                        'category' => 'sit_down_truck',
                        'number' => 'LT-4411',
                        'issuer' => 'Wennet Training',
                    ],
                ),
            ],
        ]);
    }
}
