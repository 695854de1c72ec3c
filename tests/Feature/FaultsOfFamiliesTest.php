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
 * Kinds of machine, each with a reading that asks for attention and one fault that stops it: tagged out by the
 * technician, mended by the mechanic, tried again and tagged in by another. Three more are walked on the screen:
 * Tests\Browser\FaultStoriesTest.
 */
final class FaultsOfFamiliesTest extends YardTestCase
{
    /** Steps that come first and would not stop the machine: what drifts is the third. */
    private const STEPS_BEFORE = ['mst-lift-tilt' => 2];

    /** The last word is the decision after the tag-in: what the repair did not make due still weighs. */
    #[TestWith(['tarnhay_t9', 'tyr-pressure-front@running_gear_right', '', 'ctl-overload-warn', 'held'], 'telehandler')]
    #[TestWith(['orrick_25g', 'doc-key-label', '1', 'mst-lift-tilt', 'released'], 'gas truck')]
    #[TestWith(['ardlow_38x', 'doc-key-label', '2', 'mew-axle-raise', 'released'], 'boom lift')]
    #[TestWith(['skarrow_lt9', 'fuel-level', '12', 'ltw-mast', 'released'], 'lighting tower')]
    #[TestWith(['mossgill_122', 'doc-key-label', '1', 'saf-seat-switch', 'released'], 'mower')]
    public function test_a_fault_is_found_tagged_mended_tried_again_and_tagged_in(
        string $model,
        string $attend,
        string $value,
        string $stop,
        string $in,
    ): void {
        $this->machine = Machine::query()->create([
            'fleet_number' => 'Q-'.random_int(100, 9999),
            'model_id' => $model,
            'serial' => Str::random(12),
            'bay' => 'bay 1',
        ]);
        $this->hire = $this->hireOf($this->machine);
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $values = [$attend => $value !== '' ? $value : $this->lowPressure($walk, $attend)];
        $this->walkUntilBoth($walk, $attend, $stop, $values);
        $outcomes = $walk->lines()->whereIn('key', [$attend, $stop])->pluck('outcome', 'key')->all();
        self::assertSame(['attend', 'stop'], [$outcomes[$attend]->value, $outcomes[$stop]->value]);
        self::assertSame('tagged_out', $this->release($walk)['decision']);
        $this->post_($walk, 'tag.hung', ['reason' => 'It does what it should not do.']);

        $this->as(Role::Mechanic);
        $this->post_($walk, 'repair.recorded', [
            'words' => 'Found, mended, every function run.',
            'parts' => [],
            'lines' => [$stop],
            'findings' => [],
        ]);
        self::assertNotNull($this->release($walk)['tag_stays'], 'who mended it takes no tag off');

        $this->as(Role::Technician);
        self::assertContains($stop, $this->release($walk)['repair']['still_due']);
        $open = $walk->lines()->where('outcome', 'open')->pluck('key')->all();
        $this->walkLines($walk, array_values($open));
        $this->post_($walk, 'tag.lifted', []);
        self::assertSame($in, $this->release($walk)['decision']);
    }

    /** @param  array<string, string>  $values of instruments by line key */
    private function walkUntilBoth(Walk $walk, string $attend, string $stop, array $values): void
    {
        $steps = array_fill(0, self::STEPS_BEFORE[$stop] ?? 0, ['as_expected' => true, 'seconds' => 0]);
        $fails = ['steps' => [...$steps, ['as_expected' => false, 'observed' => 'It moved although it should not.']]];
        $batch = $this->answersOf($walk, own: [$stop => $fails], values: $values);
        $at = array_keys(array_filter(
            $batch,
            static fn (array $one): bool => in_array(((array) $one['payload'])['line'] ?? null, [$attend, $stop], true),
        ));
        self::assertCount(2, $at);
        foreach (array_chunk(array_slice($batch, 0, max($at) + 1), 150) as $part) {
            self::assertNotContains('refused', $this->send($walk, ...$part)->assertOk()->json('results.*.status'));
        }
    }

    /** Nine tenths of what the plate of the tyre says: to be inflated, and not yet flat. */
    private function lowPressure(Walk $walk, string $line): string
    {
        $lines = array_column(array_merge(...array_column($walk->plan->body['visits'], 'lines')), null, 'key');
        $bands = array_filter(
            $lines[$line]['instrument']['bands'],
            static fn (array $band): bool => $band['outcome'] === 'attend',
        );
        $low = reset($bands);
        self::assertIsArray($low);

        return (string) (round(($low['from'] + $low['to']) / 2 / 5) * 5);
    }

    /** @return array<string, mixed> */
    private function release(Walk $walk): array
    {
        return $this->getJson("/api/walks/{$walk->id}/release")->assertOk()->json();
    }
}
