<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\HireStatus;
use App\Models\MachineStanding;
use App\Models\Role;
use App\Models\Walk;
use Illuminate\Support\Facades\DB;
use Tests\Support\YardTestCase;

/** A walk that was opened by mistake goes back, as long as nothing is answered in it. */
final class GiveBackTest extends YardTestCase
{
    protected const MODEL = 'fenwold_p20';

    public function test_an_opened_walk_is_given_back_and_opened_anew(): void
    {
        $this->as(Role::Technician);
        $first = $this->openWalk();
        self::assertTrue($this->getJson("/api/walks/{$first->id}")->json('state.may_be_given_back'));
        $this->cross($first, 'cold_isolated');

        $this->post_($first, 'walk.given_back', []);

        self::assertSame(HireStatus::Booked, $this->hire->refresh()->standing());
        self::assertSame(MachineStanding::InYard, $this->machine->state()->value('standing'));
        $day = array_column($this->getJson('/api/day')->json('outs'), null, 'hire_id')[$this->hire->id];
        self::assertSame([null, null, 'walk'], [$day['walk_id'], $day['started_at'], $day['opens']]);
        $this->send($first, $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'stands']))
            ->assertStatus(409)
            ->assertJsonPath('results.0.problem.type', '/problems/walk-given-back');

        $second = $this->openWalk();
        self::assertNotSame($first->id, $second->id);
        $this->walkThrough($second);
        $this->handOver($second);
        self::assertSame(HireStatus::Out, $this->hire->refresh()->standing());
        $before = DB::table('walks')->orderBy('id')->get()->all();
        $this->app->make(RebuildProjections::class)();
        self::assertEquals($before, DB::table('walks')->orderBy('id')->get()->all(), 'a rebuild gives the same');
    }

    public function test_a_return_that_was_opened_for_another_machine_leaves_it_out(): void
    {
        $this->as(Role::Technician);
        $out = $this->openWalk();
        $this->walkThrough($out);
        $this->handOver($out);
        $this->travel(1)->days();
        $this->as(Role::Technician);
        $in = $this->openWalk('return', $out->hire);

        $this->post_($in, 'walk.given_back', []);

        self::assertSame(HireStatus::Out, $this->hire->refresh()->standing());
        self::assertSame(MachineStanding::Out, $this->machine->state()->value('standing'));
        self::assertNull($this->hire->state()->value('in_at'));
    }

    public function test_once_something_is_entered_it_stays_also_when_that_was_struck(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $wrong = $this->post_($walk, 'check.answered', ['line' => 'hkp-area', 'answer' => 'stands']);
        $this->refused($walk, '/problems/something-is-answered');
        self::assertFalse($this->getJson("/api/walks/{$walk->id}")->json('state.may_be_given_back'));

        $this->post_($walk, 'entry.struck', ['reason' => 'the other machine'], $wrong);

        $this->refused($walk, '/problems/something-is-answered');
    }

    public function test_who_does_not_walk_along_gives_nothing_back_but_the_lead_does(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();

        $this->as(Role::Technician);
        $this->refused($walk, '/problems/does-not-walk-along');
        $this->as(Role::Lead);
        $this->post_($walk, 'walk.given_back', []);

        self::assertNotNull($walk->refresh()->given_back_at);
    }

    /** Common practice, no source: about three quarters of an hour until an engine is cold to the hand. */
    public function test_a_machine_that_is_just_back_says_when_it_will_be_cold(): void
    {
        $this->machine->update(['model_id' => parent::MODEL]);
        $this->as(Role::Technician);
        $out = $this->openWalk();
        self::assertNull($this->getJson("/api/walks/{$out->id}")->json('state.cooling'), 'it has stood in the yard');
        $this->walkThrough($out);
        $this->handOver($out);
        $this->travel(2)->days();
        $this->as(Role::Technician);
        $in = $this->openWalk('return', $out->hire);

        $cooling = $this->getJson("/api/walks/{$in->id}")->json('state.cooling');
        self::assertSame('cold_isolated', $cooling['stage']);
        self::assertEqualsWithDelta(
            45 * 60,
            strtotime($cooling['until']) - $in->opened_at->getTimestamp(),
            1,
        );
        $row = array_column($this->getJson('/api/day')->json('ins'), null, 'hire_id')[$this->hire->id];
        self::assertStringStartsWith('Cooling, cold at about ', $row['state']['because']);

        $this->travel(46)->minutes();
        self::assertNull($this->getJson("/api/walks/{$in->id}")->json('state.cooling'));
    }

    private function refused(Walk $walk, string $problem): void
    {
        $this->send($walk, $this->entry('walk.given_back', []))->assertJsonPath('results.0.problem.type', $problem);
    }
}
