<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\Finding;
use App\Models\MachineStatus;
use App\Models\Role;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** Damage that is seen in the yard while no walk is open is on the machine from then on. */
final class DamageFoundTest extends YardTestCase
{
    private const SCRAPE = [
        'at' => ['x' => 100, 'y' => 86],
        'kind' => 'scrape',
        'size_mm' => 180,
        'words' => 'Backed into the rack.',
        'photos' => [],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('checkpoints');
    }

    public function test_what_the_counter_sees_is_on_the_machine_and_on_its_next_walk(): void
    {
        $this->as(Role::Counter);
        $this->found(self::SCRAPE)->assertOk()->assertJsonPath('results.0.status', 'posted');

        $this->assertFits($shown = $this->getJson("/api/machines/{$this->machine->id}")->assertOk(), 'MachineDetail');
        self::assertSame([1, null, 180], [
            $shown->json('findings.0.number'), $shown->json('findings.0.walk_id'), $shown->json('findings.0.size_mm'),
        ]);
        self::assertContains('scrape', array_column($shown->json('finding_kinds'), 'id'));
        $trail = $this->getJson("/api/machines/{$this->machine->id}/entries")->json('entries.0');
        self::assertSame('Damage found in the yard', $trail['title']);
        self::assertStringEndsWith('180 mm. Backed into the rack.', $trail['words']);

        $this->as(Role::Technician);
        $walk = $this->openWalk();
        self::assertSame(['open'], $this->getJson("/api/walks/{$walk->id}")->json('state.findings.*.comparison'));
        $before = Finding::query()->get()->toArray();
        $this->app->make(RebuildProjections::class)();
        self::assertSame($before, Finding::query()->get()->toArray(), 'a rebuild gives the same');
        $this->artisan('ledger:verify')->assertSuccessful();
    }

    public function test_a_stop_holds_a_machine_that_was_never_walked(): void
    {
        $this->as(Role::Technician);
        $this->found(['severity' => 'stop'] + self::SCRAPE)->assertOk();

        self::assertSame('held', MachineStatus::query()->findOrFail($this->machine->id)->standing->value);
        self::assertSame('held', $this->getJson("/api/machines/{$this->machine->id}")->json('machine.standing'));
    }

    public function test_a_stop_that_is_found_after_the_release_makes_it_void(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);

        $this->found(['severity' => 'stop'] + self::SCRAPE)->assertOk();

        self::assertNull($walk->refresh()->decision);
        self::assertNotNull($this->getJson("/api/walks/{$walk->id}")->json('state.voided'));
    }

    public function test_it_is_graded_by_the_rules_and_not_below_them(): void
    {
        $this->as(Role::Technician);
        $leak = ['at' => ['x' => 100, 'y' => 86], 'kind' => 'crack', 'size_mm' => 40];
        $proposal = $this->postJson("/api/machines/{$this->machine->id}/severity-proposals", $leak)->assertOk();
        $this->assertFits($proposal, 'SeverityProposal');
        self::assertNotSame('note', $proposal->json('severity'), 'a crack is more than a note');

        $this->found(['severity' => 'note', 'words' => 'Small.', 'photos' => []] + $leak)
            ->assertStatus(403)
            ->assertJsonPath('results.0.problem.type', '/problems/only-the-lead-lowers');
        $this->found(['kind' => 'no-such-thing'] + self::SCRAPE)
            ->assertJsonPath('results.0.problem.type', '/problems/unknown-finding-kind');
        $this->found(['photos' => [str_repeat('a', 64)]] + self::SCRAPE)
            ->assertJsonPath('results.0.problem.type', '/problems/photo-not-here');
        $this->as(Role::Auditor);
        $this->found(self::SCRAPE)->assertForbidden();
        self::assertSame(0, Finding::query()->count());
    }

    public function test_a_machine_that_is_out_is_not_in_the_yard(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->handOver($walk);

        $this->found(self::SCRAPE)->assertJsonPath('results.0.problem.type', '/problems/not-in-the-yard');
    }

    public function test_what_was_there_before_it_went_out_is_not_charged(): void
    {
        $this->as(Role::Technician);
        $this->found(self::SCRAPE)->assertOk();
        $out = $this->openWalk();
        $this->walkThrough($out, '100.0');
        $this->post_($out, 'finding.seen_again', [
            'finding' => Finding::query()->firstOrFail()->id, 'size_mm' => 180, 'words' => '', 'photos' => [],
        ]);
        $this->handOver($out);
        $this->travel(1)->days();
        $this->as(Role::Technician);
        $in = $this->openWalk('return', $out->hire);
        $this->walkThrough($in, '104.0');
        $this->post_($in, 'finding.seen_again', [
            'finding' => Finding::query()->firstOrFail()->id, 'size_mm' => 180, 'words' => '', 'photos' => [],
        ]);

        $this->assertFits($spread = $this->getJson("/api/hires/{$out->hire_id}/spread")->assertOk(), 'Spread');
        self::assertSame(
            [[180, 180, 'balanced']],
            array_map(
                static fn (array $one): array => [$one['out_mm'], $one['in_mm'], $one['balance']],
                $spread->json('findings'),
            ),
        );
    }

    /** @param  array<string, mixed>  $said */
    private function found(array $said): TestResponse
    {
        return $this->postJson("/api/machines/{$this->machine->id}/entries", ['entries' => [
            $this->entry('damage.found', $said),
        ]]);
    }
}
