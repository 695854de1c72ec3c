<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Hire;
use App\Models\Role;
use Carbon\CarbonImmutable;
use Tests\Support\YardTestCase;

/** Weekly and half-yearly checks enter the walk in which they are due, and say why; the next one does not ask. */
final class PeriodicChecksTest extends YardTestCase
{
    private const WEEKLY = 'eng-airfilter';

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse('2026-12-01T08:00:00Z'));
        $this->as(Role::Technician);
    }

    public function test_a_weekly_check_is_asked_again_only_when_it_would_fall_due_before_the_machine_is_back(): void
    {
        $this->hire->update(['goes_out_at' => '2026-12-01 12:00:00', 'comes_back_at' => '2026-12-03 12:00:00']);
        $out = $this->openWalk();
        self::assertSame(['occasion' => 'weekly', 'last' => null], self::dueIn($out->plan->body)[self::WEEKLY]);
        $this->walkThrough($out);
        $this->handOver($out);

        $this->daysPass(1);
        self::assertArrayNotHasKey(self::WEEKLY, $this->dueOn($this->hire, 'return'));
        // It stays away for longer than was agreed.
        $this->daysPass(7);
        $in = $this->openWalk('return');
        self::assertSame(['occasion' => 'weekly', 'last' => '2026-12-01'], self::dueIn($in->plan->body)[self::WEEKLY]);
        self::assertArrayNotHasKey('def-quality', self::dueIn($in->plan->body), 'half a year is long');
        $this->walkThrough($in, '1010.0');
        $this->post_($in, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $this->post_($in, 'hire.closed', []);

        $next = $this->hireOf($this->machine);
        $next->update(['goes_out_at' => '2026-12-09 16:00:00', 'comes_back_at' => '2026-12-15 12:00:00']);
        self::assertArrayNotHasKey(self::WEEKLY, $this->dueOn($next, 'checkout'));
        $next->update(['comes_back_at' => '2026-12-16 12:00:00']);
        self::assertSame(
            ['occasion' => 'weekly', 'last' => '2026-12-09'],
            $this->dueOn($next, 'checkout')[self::WEEKLY],
        );
    }

    public function test_a_tablet_that_opens_its_walk_without_network_has_the_same_lines(): void
    {
        $this->hire->update(['goes_out_at' => '2026-12-01 12:00:00', 'comes_back_at' => '2026-12-03 12:00:00']);
        $preview = $this->getJson("/api/hires/{$this->hire->id}/walks/checkout")->assertOk();
        $walk = $this->openWalk();

        self::assertSame(
            array_column(array_merge(...array_column($preview->json('plan.visits'), 'lines')), 'key'),
            array_column(array_merge(...array_column($walk->plan->body['visits'], 'lines')), 'key'),
        );
        $this->assertFits($this->getJson("/api/walks/{$walk->id}")->assertOk(), 'Walk');
    }

    private function daysPass(int $days): void
    {
        $this->travel($days)->days();
        $this->as(Role::Technician);
    }

    /** @return array<string, array{occasion: string, last: string|null}> by line */
    private function dueOn(Hire $hire, string $movement): array
    {
        return self::dueIn($this->getJson("/api/hires/{$hire->id}/walks/{$movement}")->assertOk()->json('plan'));
    }

    /**
     * @param array<string, mixed> $plan
     * @return array<string, array{occasion: string, last: string|null}> by line
     */
    private static function dueIn(array $plan): array
    {
        return array_filter(array_column(array_merge(...array_column($plan['visits'], 'lines')), 'due', 'key'));
    }
}
