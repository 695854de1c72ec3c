<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\MachineStatus;
use App\Models\MeterChange;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** An hour meter that is replaced: nothing is disputed for ever, and the hours of a hire and of the machine go on. */
final class MeterReplacedTest extends YardTestCase
{
    private Walk $out;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('checkpoints');
        $this->as(Role::Technician);
        $this->out = $this->openWalk();
        $this->walkThrough($this->out, '1842.3');
    }

    public function test_the_hours_of_a_hire_and_of_the_machine_go_on_over_the_new_meter(): void
    {
        $this->handOver($this->out);
        $this->daysPass(3);
        $this->replace(
            ['removed' => '1855.0', 'began' => '0.0'],
        )->assertOk()->assertJsonPath('results.0.status', 'posted');
        self::assertSame(
            'The old one showed 1855 h, the new one began at 0.0 h. Display dead.',
            $this->getJson("/api/machines/{$this->machine->id}/entries")->json('entries.0.words'),
        );
        $this->daysPass(1);
        $in = $this->openWalk('return', $this->out->hire);
        $state = collect($this->getJson("/api/walks/{$in->id}")->json('state.lines'));
        self::assertNull(
            $state->firstWhere('key', 'doc-hour-meter')['last'],
            'the old meter is nothing to compare with',
        );
        self::assertNotNull($state->firstWhere('key', 'fuel-level')['last'], 'the tank is');
        $this->walkThrough($in, '12.0');

        $line = $this->spreadLine();
        // 1 855.0 − 1 842.3 on the old meter and 12.0 on the new one.
        self::assertSame(['24.7', '1855', 'balanced'], [$line['difference'], $line['meter_change'], $line['balance']]);
        $this->assertFits($shown = $this->getJson("/api/machines/{$this->machine->id}")->assertOk(), 'MachineDetail');
        self::assertSame(['12.0', '1867.0'], [$shown->json('machine.smr_hours'), $shown->json('hours_in_all')]);
        $before = [MeterChange::query()->get()->toArray(), MachineStatus::query()->get()->toArray()];
        $this->app->make(RebuildProjections::class)();
        self::assertSame($before, [MeterChange::query()->get()->toArray(), MachineStatus::query()->get()->toArray()]);
        $this->artisan('ledger:verify')->assertSuccessful();
    }

    public function test_without_the_entry_the_same_figure_is_disputed(): void
    {
        $this->daysPass(4);
        $this->cross($this->out, 'key_on');

        $reading = ['line' => 'doc-hour-meter', 'value' => '12.0', 'unit' => 'h', 'observed' => []];
        $this->send($this->out, $this->entry('reading.posted', $reading))
            ->assertJsonPath('results.0.problem.type', '/problems/meter-needs-confirming');
        // The entry of the machine goes with those of the walk, as a tablet sends them.
        $this->send(
            $this->out,
            $this->entry('meter.replaced', $this->payload(['removed' => '1850.0', 'began' => '0.0'])),
            $this->entry('reading.posted', $reading),
        )->assertOk();

        self::assertSame('12.0', MachineStatus::query()->findOrFail($this->machine->id)->smr_hours);
    }

    public function test_an_old_meter_that_cannot_have_shown_that_is_refused_and_one_that_is_dead_counts_to_its_last_reading(): void
    {
        $this->daysPass(2);

        $this->replace(['removed' => '1800.0', 'began' => '0.0'])
            ->assertStatus(422)
            ->assertJsonPath('results.0.problem.type', '/problems/old-meter-contradicted');
        $this->replace(['removed' => '1842.3', 'began' => '123456.7'])
            ->assertJsonPath('results.0.problem.type', '/problems/not-on-the-meter');
        $this->replace(['removed' => '1842.35', 'began' => '0.0'])
            ->assertJsonPath('results.0.problem.type', '/problems/not-on-the-meter');
        $this->replace(['began' => '0.0', 'photo' => str_repeat('a', 64)])
            ->assertJsonPath('results.0.problem.type', '/problems/photo-not-here');
        $this->replace(['began' => '0.0', 'reason' => '  x  '])
            ->assertJsonPath('results.0.problem.type', '/problems/look-at-the-fields');
        self::assertSame(0, MeterChange::query()->count());

        $this->replace(['began' => '0.4'])->assertOk()->assertJsonPath('results.0.status', 'posted');

        self::assertSame('1841.9', MeterChange::query()->firstOrFail()->offset_hours);
        self::assertSame('1842.3', $this->getJson("/api/machines/{$this->machine->id}")->json('hours_in_all'));
    }

    public function test_what_is_entered_twice_is_refused_and_a_wrong_beginning_is_put_right_by_another_entry(): void
    {
        $this->daysPass(2);
        $this->replace(['removed' => '1850.0', 'began' => '120.0'])->assertOk();
        $this->travel(5)->minutes();

        $this->replace(['removed' => '1850.0', 'began' => '120.0'])
            ->assertJsonPath('results.0.problem.type', '/problems/old-meter-contradicted');
        $this->replace(['removed' => '120.0', 'began' => '12.0'])->assertOk();

        self::assertSame('1850.0', $this->getJson("/api/machines/{$this->machine->id}")->json('hours_in_all'));
    }

    public function test_a_reading_of_the_old_meter_that_comes_late_is_judged_by_the_old_one_and_leaves_the_new_one_alone(): void
    {
        $this->daysPass(2);
        $this->cross($this->out, 'key_on');
        $readAt = self::now();
        $this->travel(1)->hours();
        $this->replace(['removed' => '1850.0', 'began' => '0.0'])->assertOk();
        $this->travel(1)->hours();

        $reading = ['line' => 'doc-hour-meter', 'value' => '1849.0', 'unit' => 'h', 'observed' => []];
        $late = ['recorded_at' => $readAt] + $this->entry('reading.posted', $reading);
        $this->send($this->out, $late)->assertOk()
            ->assertJsonPath('results.0.judgement.is_valid', true)
            ->assertJsonPath('results.0.judgement.verdict.is_disputed', false);

        self::assertSame('0.0', MachineStatus::query()->findOrFail($this->machine->id)->smr_hours);
    }

    public function test_a_struck_reading_falls_back_to_what_the_new_meter_began_at(): void
    {
        $this->daysPass(2);
        $this->replace(['removed' => '1850.0', 'began' => '3.0'])->assertOk();
        $this->daysPass(1);
        $this->cross($this->out, 'key_on');
        $read = $this->entry(
            'reading.posted',
            ['line' => 'doc-hour-meter', 'value' => '9.0', 'unit' => 'h', 'observed' => []],
        );
        $this->send($this->out, $read)->assertOk();
        self::assertSame('9.0', MachineStatus::query()->findOrFail($this->machine->id)->smr_hours);

        $this->post_($this->out, 'entry.struck', ['reason' => 'Misread.'], $read['id']);

        self::assertSame('3.0', MachineStatus::query()->findOrFail($this->machine->id)->smr_hours);
    }

    /** A session does not last that long. */
    private function daysPass(int $days): void
    {
        $this->travel($days)->days();
        $this->as(Role::Technician);
    }

    /** @param  array<string, string>  $said */
    private function replace(array $said): TestResponse
    {
        return $this->postJson("/api/machines/{$this->machine->id}/entries", ['entries' => [
            $this->entry('meter.replaced', $this->payload($said)),
        ]]);
    }

    /**
     * @param array<string, string> $said
     * @return array<string, string>
     */
    private function payload(array $said): array
    {
        $photo = $this->post(
            '/api/photos',
            ['photo' => UploadedFile::fake()->image('meter.jpg', 40, 30)],
        )->json('sha256');

        return $said + ['photo' => $photo, 'reason' => 'Display dead.'];
    }

    /** @return array<string, mixed> */
    private function spreadLine(): array
    {
        $this->assertFits($spread = $this->getJson("/api/hires/{$this->out->hire_id}/spread")->assertOk(), 'Spread');

        return collect($spread->json('readings'))->firstWhere('key', 'doc-hour-meter');
    }
}
