<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Machine;
use App\Models\Role;
use Illuminate\Support\Str;
use Tests\Support\YardTestCase;

/** Two sides of a machine are judged beside each other, whichever is read first. */
final class OtherSideTest extends YardTestCase
{
    public function test_the_second_tyre_of_an_axle_is_judged_beside_the_first(): void
    {
        $this->as(Role::Technician);
        $machine = Machine::query()->create([
            'fleet_number' => 'L-'.Str::random(5),
            'model_id' => 'wexmoor_l7',
            'serial' => Str::random(12),
            'bay' => 'bay 2',
        ]);
        $walk = $this->openWalk('checkout', $this->hireOf($machine));
        $this->cross($walk, 'cold_isolated');
        $post = fn (string $side, string $value): array => $this->send(
            $walk,
            $this->entry('reading.posted', [
                'line' => "tyr-pressure-front@running_gear_{$side}",
                'value' => $value,
                'unit' => 'kPa',
                'observed' => [['condition' => 'tyre_temperature', 'value' => '20']],
            ]),
        )->json('results.0.judgement.verdict');

        self::assertSame('stands', $post('right', '335')['outcome'], 'each stands by itself');
        $second = $post('left', '355');
        self::assertSame('attend', $second['outcome'], '20 kPa apart, a twentieth of the plate is 17.5');
        self::assertStringContainsString('335', $second['reason']);
        self::assertSame('stands', $post('left', '345')['outcome'], 'put right and read again');
    }
}
