<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Machine;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/**
 * Figures on a scale over HTTP: judged by the model's own limits, in the unit that was read, or refused with what is
 * possible.
 */
final class ScaleReadingTest extends YardTestCase
{
    private Walk $walk;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as(Role::Technician);
        $machine = Machine::query()->create([
            'fleet_number' => 'L-'.random_int(10_000, 99_999),
            'model_id' => 'orrick_rt30',
            'serial' => Str::random(12),
            'bay' => 'bay 2',
        ]);
        $this->walk = $this->openWalk('checkout', $this->hireOf($machine));
    }

    /** @param  array<string, mixed>  $payload */
    #[TestWith(['mst-fork-wear', '40.5', 'mm', 'stop'], 'ISO 5057: 90 % of 45 mm stops')]
    #[TestWith(['mst-fork-wear', '44.5', 'mm', 'stands'], 'a fork that is nearly new stands')]
    #[TestWith(['mst-fork-wear', '1.55', 'in', 'stop'], 'read in inches: 39.4 mm')]
    #[TestWith(['mst-fork-angle', '93', 'deg', 'stands'], 'ISO 5057, from memory, to be confirmed: 3° is allowed')]
    #[TestWith(['mst-fork-angle', '94', 'deg', 'stop'], 'and 4° not')]
    #[TestWith(['bat-voltage', '12.6', 'V', 'stands'], 'common practice: full')]
    #[TestWith(['bat-voltage', '11.8', 'V', 'attend'], 'common practice: flat')]
    public function test_a_figure_is_judged_by_the_limits_of_this_model(
        string $line,
        string $value,
        string $unit,
        string $outcome,
    ): void {
        $this->cross($this->walk, 'cold_isolated');

        $result = $this->send($this->walk, $this->entry('reading.posted', $this->reading($line, $value, $unit)))->json(
            'results.0',
        );

        self::assertSame(
            ['posted', true, $outcome],
            [$result['status'], $result['judgement']['is_valid'], $result['judgement']['verdict']['outcome']],
            (string) json_encode($result),
        );
        self::assertNotSame('', $result['judgement']['verdict']['reason']);
    }

    public function test_every_instrument_of_the_plan_draws_the_bands_that_judge_it(): void
    {
        $this->cross($this->walk, 'cold_isolated');
        $looked = 0;
        $cold = array_filter(
            $this->walk->plan->body['visits'],
            static fn (array $visit): bool => $visit['stage'] === 'cold_isolated',
        );
        foreach (array_merge(...array_column($cold, 'lines')) as $line) {
            if (($line['instrument']['kind'] ?? '') !== 'scale' || ! str_starts_with($line['key'], 'mst-fork')) {
                continue;
            }
            foreach ($line['instrument']['bands'] as $band) {
                $middle =
                    round(($band['from'] + $band['to']) / 2 / $line['instrument']['step']) *
                    $line['instrument']['step'];
                $verdict = $this->postJson(
                    "/api/walks/{$this->walk->id}/verdicts",
                    $this->reading($line['key'], (string) round($middle, 3), $line['instrument']['unit']),
                )->assertOk();
                self::assertSame($band['outcome'], $verdict->json('verdict.outcome'), "{$line['key']} at {$middle}");
                $looked++;
            }
        }
        self::assertGreaterThan(4, $looked);
    }

    public function test_what_the_instrument_cannot_show_is_refused_with_what_it_can(): void
    {
        $this->cross($this->walk, 'cold_isolated');

        $result = $this->send(
            $this->walk,
            $this->entry('reading.posted', $this->reading('mst-fork-wear', '900', 'mm')),
        )->json('results.0');

        self::assertSame('refused', $result['status']);
        self::assertStringContainsString('mm', $result['problem']['detail']);
        self::assertStringContainsString('off-the-scale', $result['problem']['type']);
    }

    public function test_a_unit_that_measures_something_else_is_refused(): void
    {
        $this->cross($this->walk, 'cold_isolated');

        $result = $this->send(
            $this->walk,
            $this->entry('reading.posted', $this->reading('mst-fork-wear', '45', 'kPa')),
        )->json('results.0');

        self::assertSame('refused', $result['status']);
        self::assertStringContainsString('wrong-unit', $result['problem']['type']);
    }

    public function test_a_tyre_in_psi_typed_as_kilopascals_stops_it_and_stands_in_its_own_unit(): void
    {
        $this->cross($this->walk, 'cold_isolated');
        $lines = array_column(array_merge(...array_column($this->walk->plan->body['visits'], 'lines')), null, 'key');
        $tyre = $lines['tyr-pressure-ballasted-front@running_gear_left'];
        $stands = array_values(
            array_filter($tyre['instrument']['bands'], static fn (array $band): bool => $band['outcome'] === 'stands'),
        )[0];
        $psi = (string) round(($stands['from'] + $stands['to']) / 2 / 6.894757, 0);

        $verdict = $this->postJson(
            "/api/walks/{$this->walk->id}/verdicts",
            $this->reading($tyre['key'], $psi, 'kPa'),
        )->assertOk();
        $this->assertFits($verdict, 'Judgement');
        self::assertSame('stop', $verdict->json('verdict.outcome'));
        self::assertStringNotContainsString(
            'psi',
            (string) $verdict->json('verdict.act'),
            'what stops the machine is not explained away',
        );

        $inPsi = $this->send(
            $this->walk,
            $this->entry('reading.posted', $this->reading($tyre['key'], $psi, 'psi')),
        )->json('results.0');
        self::assertSame('stands', $inPsi['judgement']['verdict']['outcome'], 'entered as it was read, it stands');
    }

    public function test_a_reading_in_the_wrong_state_is_posted_and_does_not_count(): void
    {
        $this->cross($this->walk, 'cold_isolated');
        $this->post_($this->walk, 'check.answered', [
            'line' => 'doc-look-over',
            'answer' => 'cannot_tell',
            'words' => 'dark',
        ]);
        $lines = $this->walk->plan->body['visits'];
        $driven = array_values(
            array_filter(
                array_merge(...array_column($lines, 'lines')),
                static fn (array $line): bool => ($line['instrument']['kind'] ?? '') === 'scale',
            ),
        );
        self::assertNotSame([], $driven);

        $result = $this->send(
            $this->walk,
            $this->entry('reading.posted', ['observed' => []] + $this->reading('bat-voltage', '12.6', 'V')),
        )->json('results.0');

        self::assertSame(
            [false, 'open'],
            [$result['judgement']['is_valid'], $result['judgement']['verdict']['outcome']],
            'nobody noted how long it had rested',
        );
    }

    /** @return array<string, mixed> with every condition held that these instruments ask for */
    protected function reading(string $line, string $value, string $unit = 'mm'): array
    {
        return [
            'observed' => [
                ['condition' => 'level_ground', 'value' => '0.5'],
                ['condition' => 'tyre_temperature', 'value' => '20'],
                ['condition' => 'valve_on_top', 'seen' => true],
                ['condition' => 'rested_an_hour', 'value' => '90'],
            ],
        ] + parent::reading($line, $value, $unit);
    }
}
