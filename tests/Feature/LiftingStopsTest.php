<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\Walk;
use Illuminate\Support\Facades\DB;
use Tests\Support\YardTestCase;

/** Nobody takes back alone, and without a reason, that a machine is stopped. */
final class LiftingStopsTest extends YardTestCase
{
    private const HOSE = [
        'at' => ['x' => -180, 'y' => -44],
        'kind' => 'cut',
        'size_mm' => 40,
        'words' => 'hose cut',
        'photos' => [],
    ];

    public function test_a_technician_strikes_their_own_stop_finding_only_with_another_qualified_person(): void
    {
        $walk = $this->walked();
        $finding = $this->post_($walk, 'finding.placed', self::HOSE);
        $other = $this->person(Role::Technician);
        $strike = fn (array $more = []): array => $this->entry(
            'entry.struck',
            ['reason' => 'that was the shadow'] + $more,
            $finding,
        );

        self::assertSame('/problems/stop-needs-another', $this->send($walk, $strike())->json('results.0.problem.type'));
        self::assertSame(
            '/problems/second-not-confirmed',
            $this->send($walk, $strike(['second' => $other->id]))->json('results.0.problem.type'),
        );
        $this->runsOut($other);
        self::assertSame(
            '/problems/qualification-ran-out',
            $this->send(
                $walk,
                $this->sealed($strike(['second' => $other->id]), 'tern-quay'),
            )->json('results.0.problem.type'),
        );
        $third = $this->person(Role::Technician);
        self::assertSame(
            'posted',
            $this->send($walk, $this->sealed($strike(['second' => $third->id]), 'tern-quay'))->json('results.0.status'),
        );
        self::assertSame('released', $this->getJson("/api/walks/{$walk->id}/release")->json('decision'));
    }

    public function test_the_lead_strikes_a_stop_with_a_reason_and_alone(): void
    {
        $walk = $this->walked();
        $finding = $this->post_($walk, 'finding.placed', self::HOSE);

        $this->as(Role::Lead);

        $this->post_($walk, 'entry.struck', ['reason' => 'that was the shadow'], $finding);
        self::assertSame('released', $this->getJson("/api/walks/{$walk->id}/release")->json('decision'));
    }

    public function test_a_stop_on_which_a_decision_rested_is_struck_by_nobody(): void
    {
        $walk = $this->walked();
        $finding = $this->post_($walk, 'finding.placed', self::HOSE);
        $this->post_($walk, 'tag.hung', ['reason' => 'hose cut']);

        $this->as(Role::Lead);

        $this->send($walk, $this->entry('entry.struck', ['reason' => 'that was the shadow'], $finding))
            ->assertStatus(409)
            ->assertJsonPath('results.0.problem.type', '/problems/stop-was-relied-on');
    }

    public function test_what_only_opens_a_line_is_struck_as_before(): void
    {
        $walk = $this->walked();
        $entry = (string) DB::table('walk_lines')->where('walk_id', $walk->id)
            ->where('severity', 'stop')
            ->orderBy('position')
            ->value('entry_id');

        $this->post_($walk, 'entry.struck', ['reason' => 'wrong machine'], $entry);

        self::assertSame('held', $this->getJson("/api/walks/{$walk->id}/release")->json('decision'));
    }

    public function test_one_tap_does_not_lift_a_stop_the_later_answer_needs_a_reason_and_another_person(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $line = $this->stopLook($walk);
        $this->post_($walk, 'check.answered', ['line' => $line, 'answer' => 'amiss']);
        $again = fn (array $more = []): array => $this->entry(
            'check.answered',
            ['line' => $line, 'answer' => 'stands'] + $more,
        );

        self::assertSame('/problems/stop-needs-a-reason', $this->send($walk, $again())->json('results.0.problem.type'));
        self::assertSame(
            '/problems/stop-needs-another',
            $this->send($walk, $again(['lift_reason' => 'looked at the wrong side']))->json('results.0.problem.type'),
        );
        self::assertSame(
            'stop',
            DB::table('walk_lines')->where('walk_id', $walk->id)->where('key', $line)->value('outcome'),
        );
        $this->send(
            $walk,
            $again(['lift_reason' => 'looked at the wrong side', 'second' => $this->standsBy($walk)->id]),
        )->assertOk();
        self::assertSame(
            'stands',
            DB::table('walk_lines')->where('walk_id', $walk->id)->where('key', $line)->value('outcome'),
        );
    }

    private function walked(): Walk
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk);

        return $walk;
    }

    /** The first look of the first state that stops the machine when it is not so. */
    private function stopLook(Walk $walk): string
    {
        foreach ($walk->plan->body['visits'] as $visit) {
            foreach ($visit['stage'] === 'cold_isolated' ? $visit['lines'] : [] as $line) {
                if ($line['answer'] === 'look' && $line['severity'] === 'stop') {
                    return $line['key'];
                }
            }
        }
        self::fail('No look of the first state can stop this machine.');
    }
}
