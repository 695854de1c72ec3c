<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\Role;
use App\Models\TopUpRecord;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** What goes in is measured by somebody, and stands in the spread instead of what the level lets one guess. */
final class FluidToppedUpTest extends YardTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('checkpoints');
        $this->as(Role::Technician);
    }

    public function test_what_was_measured_stands_in_the_spread(): void
    {
        $out = $this->openWalk();
        $this->walkThrough($out, '100.0');
        $this->handOver($out);
        $this->travel(1)->days();
        $this->as(Role::Technician);
        $in = $this->openWalk('return', $out->hire);
        $this->walkUpTo($in, 'hyd-level-glass');
        $this->post_($in, 'reading.posted', $this->reading('hyd-level-glass', '18'));
        $this->travel(10)->minutes();
        $this->send($in, $this->entry('fluid.topped_up', ['line' => 'hyd-level-glass', 'litres' => '1.2']))->assertOk();
        $this->send($in, $this->entry('fluid.topped_up', ['line' => 'hyd-level-glass', 'litres' => '0.3']))->assertOk();
        $this->travel(10)->minutes();
        $this->post_($in, 'reading.posted', $this->reading('hyd-level-glass', '30'));

        $this->assertFits($spread = $this->getJson("/api/hires/{$out->hire_id}/spread")->assertOk(), 'Spread');
        $line = collect($spread->json('readings'))->firstWhere('key', 'hyd-level-glass');
        self::assertSame('18', $line['in']['value'], 'what came back is In');
        self::assertSame(
            ['to' => '30', 'litres' => '1.5', 'fluid' => 'ISO 46', 'is_measured' => true],
            $line['topped_up'],
        );
        $trail = collect($this->getJson("/api/machines/{$this->machine->id}/entries")->json('entries'));
        self::assertContains('0.3 L ISO 46', $trail->pluck('words'));
        $before = TopUpRecord::query()->orderBy('id')->get()->toArray();
        self::assertCount(2, $before);
        $this->app->make(RebuildProjections::class)();
        self::assertSame($before, TopUpRecord::query()->orderBy('id')->get()->toArray(), 'a rebuild gives the same');
        $this->artisan('ledger:verify')->assertSuccessful();
    }

    public function test_only_what_holds_a_fluid_is_topped_up_and_with_more_than_nothing(): void
    {
        $this->filled('doc-hour-meter', '1')->assertJsonPath('results.0.problem.type', '/problems/no-fluid-there');
        $this->filled('no-such-line', '1')->assertJsonPath('results.0.problem.type', '/problems/no-fluid-there');
        foreach (['0', '-1', '0.0', 'a drop', '1000.1'] as $litres) {
            $this->filled('hyd-level-glass', $litres)
                ->assertJsonPath('results.0.problem.type', '/problems/look-at-the-fields');
        }
        $this->as(Role::Counter);
        $this->filled('hyd-level-glass', '1')->assertForbidden();
        self::assertSame(0, TopUpRecord::query()->count());

        $this->as(Role::Mechanic);
        $this->filled('hyd-level-glass', '0.25')->assertOk();
        self::assertSame('0.250', TopUpRecord::query()->firstOrFail()->litres);
    }

    private function filled(string $line, string $litres): TestResponse
    {
        return $this->postJson("/api/machines/{$this->machine->id}/entries", ['entries' => [
            $this->entry('fluid.topped_up', ['line' => $line, 'litres' => $litres]),
        ]]);
    }
}
