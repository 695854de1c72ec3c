<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\MachineAttachment;
use App\Models\Role;
use App\Models\WalkLine;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/** Another attachment on a machine: said once, and what is due after it is asked for and no release rests on less. */
final class AttachmentTest extends YardTestCase
{
    private const LATCHES = 'imp-coupler-lock';

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse('2026-12-01T08:00:00Z'));
        $this->as(Role::Technician);
    }

    public function test_what_is_fitted_stands_on_the_page_and_in_the_trail(): void
    {
        self::assertSame(['fitted' => null, 'since' => null], $this->detail('attachment'));
        $this->change('Ditching bucket 1,800')->assertJsonPath('results.0.status', 'posted');
        $this->change('Breaker')->assertJsonPath('results.0.status', 'posted');

        self::assertSame('Breaker', $this->detail('attachment.fitted'));
        $trail = $this->getJson("/api/machines/{$this->machine->id}/entries")->json('entries.0');
        self::assertSame(
            ['Attachment changed', 'Ditching bucket 1,800 → Breaker'],
            [$trail['title'], $trail['words']],
        );
        $this->change('Breaker')->assertStatus(409)
            ->assertJsonPath('results.0.problem.type', '/problems/is-fitted-already');
        $this->change(null)->assertJsonPath('results.0.status', 'posted');
        self::assertNull($this->detail('attachment.fitted'));
        $before = MachineAttachment::query()->get()->toArray();
        self::assertCount(1, $before);
        $this->app->make(RebuildProjections::class)();
        self::assertSame($before, MachineAttachment::query()->get()->toArray(), 'a rebuild gives the same');
    }

    #[TestWith([''])]
    #[TestWith(['   '])]
    public function test_a_name_that_says_nothing_is_refused(string $name): void
    {
        $this->change($name)->assertStatus(422);
    }

    public function test_a_release_does_not_outlive_another_attachment(): void
    {
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        self::assertSame('stands', $this->outcome($walk->id));

        $this->change('Breaker')->assertJsonPath('results.0.status', 'posted');

        self::assertSame('open', $this->outcome($walk->id), 'the latches are looked at again');
        $state = $this->getJson("/api/walks/{$walk->id}")->json('state');
        self::assertNotNull($state['voided'], 'the release is void');
        $before = WalkLine::query()->where('walk_id', $walk->id)->orderBy('position')->get()->toArray();
        $this->app->make(RebuildProjections::class)();
        $after = WalkLine::query()->where('walk_id', $walk->id)->orderBy('position')->get()->toArray();
        self::assertSame($before, $after);
    }

    public function test_it_makes_service_due_that_goes_by_it(): void
    {
        $done = $this->entry('service.done', ['point' => 'svc-coupler']);
        $this->sendTo("machines/{$this->machine->id}", $done)->assertJsonPath('results.0.status', 'posted');
        self::assertNull($this->coupler()['because']);
        $this->travel(1)->minutes();
        $this->as(Role::Technician);
        $this->change('Breaker');

        self::assertSame(['attachment_change', 'due'], [$this->coupler()['because'], $this->coupler()['state']]);
        $this->travel(1)->days();
        $this->as(Role::Technician);
        $again = $this->entry('service.done', ['point' => 'svc-coupler']);
        $this->sendTo("machines/{$this->machine->id}", $again)->assertJsonPath('results.0.status', 'posted');
        self::assertNull($this->coupler()['because'], 'done since');
    }

    public function test_a_machine_that_is_out_is_changed_by_nobody_here(): void
    {
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->handOver($walk);

        $this->change('Breaker')->assertJsonPath('results.0.problem.type', '/problems/not-in-the-yard');
    }

    private function change(?string $fitted): \Illuminate\Testing\TestResponse
    {
        $changed = $this->entry('attachment.changed', ['fitted' => $fitted]);

        return $this->sendTo("machines/{$this->machine->id}", $changed);
    }

    /** @param  array<string, mixed>  $entry */
    private function sendTo(string $place, array $entry): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/{$place}/entries", ['entries' => [$entry]]);
    }

    private function detail(string $member): mixed
    {
        $this->assertFits($shown = $this->getJson("/api/machines/{$this->machine->id}")->assertOk(), 'MachineDetail');

        return $shown->json($member);
    }

    /** @return array<string, mixed> */
    private function coupler(): array
    {
        $this->assertFits(
            $service = $this->getJson("/api/machines/{$this->machine->id}/service")->assertOk(),
            'ServiceOfMachine',
        );

        return array_column($service->json('points'), null, 'id')['svc-coupler'];
    }

    private function outcome(string $walkId): ?string
    {
        $line = WalkLine::query()->where('walk_id', $walkId)->where('check_id', self::LATCHES)->first();

        return $line?->outcome->value;
    }
}
