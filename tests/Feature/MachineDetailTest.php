<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Hire;
use App\Models\Role;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** The page of a machine: what it waits for, how the last walk left it, and how much it runs. */
final class MachineDetailTest extends YardTestCase
{
    protected const MODEL = 'fenwold_p20';

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse('2026-12-01T08:00:00Z'));
        $this->hire->update(['goes_out_at' => '2026-12-01 10:00:00', 'comes_back_at' => '2026-12-05 16:00:00']);
        $this->as(Role::Technician);
    }

    public function test_a_machine_that_was_never_walked_says_so_and_waits_for_its_out(): void
    {
        $detail = $this->detail();

        self::assertSame(
            [null, null, null],
            [$detail->json('usage'), $detail->json('last_walk'), $detail->json('meter_read_at')],
        );
        self::assertSame(['open_out', $this->hire->id, null], $this->next($detail));
        // It leaves at ten; the walk and the handover take longer than half an hour and less than two.
        self::assertGreaterThan('2026-12-01T08:00:00Z', $detail->json('next.at'));
        self::assertLessThan('2026-12-01T09:30:00Z', $detail->json('next.at'));
    }

    public function test_it_waits_for_one_act_after_the_other_until_its_hire_is_closed(): void
    {
        $later = $this->hireOf($this->machine);
        $later->update(['goes_out_at' => '2026-12-08 07:00:00', 'comes_back_at' => '2026-12-10 07:00:00']);
        $out = $this->openWalk();
        self::assertSame(['go_on_out', $this->hire->id, $out->id], $this->next());
        $this->walkThrough($out, '1000.0');
        $this->post_($out, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        self::assertSame(['hand_over', $this->hire->id, $out->id], $this->next());
        $this->handOverAgain($out);
        self::assertSame(['open_in', $this->hire->id, null], $this->next());

        $this->daysPass(4);
        $in = $this->openWalk('return');
        self::assertSame(['go_on_in', $this->hire->id, $in->id], $this->next());
        $this->walkThrough($in, '1021.5');
        $this->post_($in, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        self::assertSame(['balance', $this->hire->id, $in->id], $this->next());
        $this->post_($in, 'hire.closed', []);
        self::assertSame(['open_out', $later->id, null], $this->next());
    }

    public function test_a_tag_comes_before_everything(): void
    {
        $walk = $this->openWalk();
        $this->post_($walk, 'tag.hung', ['reason' => 'Hose is chafed', 'keys_at' => 'hook 14']);

        self::assertSame(['to_tag', null, $walk->id], $this->next());
        $this->hire->update(['cancelled_at' => '2026-12-01 08:00:00']);
        self::assertSame(['to_tag', null, $walk->id], $this->next());
    }

    public function test_the_hours_of_a_hire_and_of_a_day_on_hire_are_computed_from_the_readings(): void
    {
        $out = $this->openWalk();
        $this->walkThrough($out, '1000.0');
        $this->handOver($out);
        $this->daysPass(4);
        $in = $this->openWalk('return');
        $this->walkThrough($in, '1018.0');
        $this->post_(
            $in,
            'finding.placed',
            [
                'at' => ['x' => 200, 'y' => -60],
                'kind' => 'dent',
                'size_mm' => 120,
                'words' => 'counterweight',
                'photos' => [],
            ],
        );
        $detail = $this->detail();
        self::assertSame(['18.0', 1], [$detail->json('folios.0.hours'), $detail->json('folios.0.new_damage')]);
        self::assertNull($detail->json('usage'), 'two readings are no rate');

        $this->post_($in, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $this->post_($in, 'spread.explained', ['line' => $detail->json('findings.0.id'), 'words' => 'Charged.']);
        $this->post_($in, 'hire.closed', []);
        $next = $this->hireOf($this->machine);
        $this->daysPass(3);
        $out = $this->openWalk('checkout', $next);
        $this->walkThrough($out, '1018.2');
        $this->handOver($out);
        $this->daysPass(2);
        $this->walkThrough($this->openWalk('return', $next), '1027.2');

        $detail = $this->detail();
        // 18 hours in 4 days on hire, and 9 in 2: 4.5. Three days in the yard and the 0.2 h there do not count.
        self::assertSame(['hire', '4.5', 6], array_values($detail->json('usage')));
        self::assertSame('1027.2', $detail->json('machine.smr_hours'));
    }

    public function test_each_station_stands_as_the_worst_of_its_lines_in_the_last_walk_that_was_decided(): void
    {
        $out = $this->openWalk();
        $this->walkThrough($out, '1000.0', own: ['hkp-area' => ['answer' => 'amiss']]);
        self::assertNull($this->detail()->json('last_walk'), 'it is not decided yet');
        $this->travel(26)->minutes();
        $lead = $this->as(Role::Lead);
        $this->post_($out, 'tag.hung', ['reason' => 'The wash bay first', 'keys_at' => 'hook 14']);

        $walk = $this->detail()->json('last_walk');
        self::assertSame([$out->id, 'checkout', 26 * 60], [$walk['walk_id'], $walk['movement'], $walk['seconds']]);
        self::assertNotSame($lead->name, $walk['by']['name'], 'whoever walked it, not whoever decided');
        $amiss = collect($out->plan->body['visits'])->first(
            static fn (array $visit): bool => in_array('hkp-area', array_column($visit['lines'], 'key'), true),
        );
        $byName = array_column($walk['stations'], 'outcome', 'name');
        self::assertSame('stop', $byName[$amiss['name']]);
        unset($byName[$amiss['name']]);
        self::assertSame(['stands'], array_values(array_unique($byName)));
        self::assertSame(
            count(array_unique(array_column($out->plan->body['visits'], 'station'))),
            count($walk['stations']),
            'a station that is visited in two states stands there once',
        );
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function detail(): TestResponse
    {
        $this->assertFits($detail = $this->getJson("/api/machines/{$this->machine->id}")->assertOk(), 'MachineDetail');

        return $detail;
    }

    /** @return array{string|null, string|null, string|null} */
    private function next(?TestResponse $detail = null): array
    {
        $next = ($detail ?? $this->detail())->json('next');

        return [$next['act'] ?? null, $next['hire_id'] ?? null, $next['walk_id'] ?? null];
    }

    private function handOverAgain(Walk $walk): void
    {
        $this->send($walk, ...$this->briefed($walk))->assertOk();
        $this->post_($walk, 'handover.signed', ['name' => 'Tobias Wray', 'signature' => [[10, 20, 30, 40]], 'gates' => [
            ['gate' => 'doc-operator-proof', 'number' => 'TQ 4471'], ['gate' => 'doc-familiarisation'],
        ]]);
    }

    private function daysPass(int $days): void
    {
        $this->travel($days)->days();
        $this->as(Role::Technician);
    }
}
