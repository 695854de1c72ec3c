<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Machine;
use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\YardTestCase;

/** A large fleet is read in pages, and found by number, family and standing. */
final class FleetListTest extends YardTestCase
{
    public function test_a_large_fleet_comes_in_pages_and_nothing_is_lost_or_shown_twice(): void
    {
        $this->fleetOf(250, 'dromvik_14c', 'E');
        $this->as(Role::Technician);
        $seen = [];
        $cursor = null;
        $pages = 0;
        do {
            $page = $this->getJson('/api/machines'.($cursor === null ? '' : '?cursor='.urlencode($cursor)))->assertOk();
            $this->assertFits($page, 'MachinePage');
            array_push($seen, ...$page->json('machines.*.fleet_number'));
            $cursor = $page->json('next_cursor');
            $pages++;
        } while ($cursor !== null);

        self::assertSame(3, $pages);
        self::assertSame(251, $page->json('total'));
        self::assertCount(251, array_unique($seen));
        $sorted = $seen;
        sort($sorted, SORT_STRING | SORT_FLAG_CASE);
        self::assertSame($sorted, $seen);
    }

    public function test_it_is_filtered_by_family_standing_and_number_together_and_says_how_many_each_would_leave(): void
    {
        $this->fleetOf(5, 'fenwold_p20', 'J');
        $this->fleetOf(3, 'dromvik_14c', 'E');
        $this->as(Role::Technician);
        $this->openWalk();

        $all = $this->getJson('/api/machines')->assertOk();
        self::assertSame(
            ['pallet_truck' => 5, 'tracked_excavator' => 4],
            array_column($all->json('families'), 'count', 'id'),
        );
        self::assertSame(['in_yard' => 8, 'walking' => 1], array_column($all->json('standings'), 'count', 'standing'));

        $trucks = $this->getJson('/api/machines?family=pallet_truck&search=J-900')->assertOk();
        self::assertSame(5, $trucks->json('total'));
        self::assertSame(1, $this->getJson('/api/machines?family=pallet_truck&search=J-9003')->json('total'));
        self::assertSame(
            [$this->machine->fleet_number],
            $this->getJson('/api/machines?standing=walking')->json('machines.*.fleet_number'),
        );
        self::assertSame(0, $this->getJson('/api/machines?standing=walking&family=pallet_truck')->json('total'));
        self::assertSame(0, $this->getJson('/api/machines?family=no_such_family')->json('total'));
        self::assertSame(9, $this->getJson('/api/machines?standing=no_such_standing&search[]=x')->json('total'));
    }

    public function test_what_is_due_and_what_is_mine_is_found_at_once(): void
    {
        $this->fleetOf(3, 'dromvik_14c', 'E');
        $me = $this->as(Role::Technician);
        $other = Machine::query()->whereKeyNot($this->machine->id)->orderBy('fleet_number')->firstOrFail();
        $this->hire->update(['out_assignee_id' => $me->id]);
        $theirs = $this->hireOf($other);
        $theirs->update(['in_assignee_id' => $this->person(Role::Technician)->id]);
        foreach ([[$this->machine, '2020-01-01'], [$other, '2999-01-01']] as [$machine, $day]) {
            DB::table('service_forecasts')->insert([
                'machine_id' => $machine->id, 'yard_id' => $machine->yard_id, 'next_day' => $day, 'clashes' => false,
                'not_known' => 0, 'is_stale' => false, 'made_on' => '2026-01-01', 'catalogue_version' => 'x',
            ]);
        }

        $due = $this->getJson('/api/machines?only=due')->assertOk();
        $this->assertFits($due, 'MachinePage');
        self::assertSame([$this->machine->fleet_number], $due->json('machines.*.fleet_number'));
        self::assertSame(['due' => 1, 'mine' => 1], array_column($due->json('only'), 'count', 'only'));
        self::assertSame(
            [$this->machine->fleet_number],
            $this->getJson('/api/machines?only=mine')->json('machines.*.fleet_number'),
        );
        // What is over or cancelled is nobody's any more.
        $this->hire->update(['cancelled_at' => now()]);
        self::assertSame(0, $this->getJson('/api/machines?only=mine')->json('total'));
        self::assertSame(4, $this->getJson('/api/machines?only=no_such')->json('total'));
    }

    /** How the list is asked for must not depend on how many machines there are. */
    public function test_a_page_asks_the_database_as_often_for_two_hundred_machines_as_for_five(): void
    {
        $this->as(Role::Technician);
        $this->fleetOf(5, 'dromvik_14c', 'A');
        $few = $this->queriesFor('/api/machines');
        $this->fleetOf(200, 'fenwold_p20', 'B');

        self::assertSame($few, $this->queriesFor('/api/machines'));
        self::assertLessThan(16, $few);
    }

    private function queriesFor(string $path): int
    {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->getJson($path)->assertOk();
        $count = count(DB::getQueryLog());
        DB::disableQueryLog();

        return $count;
    }

    private function fleetOf(int $many, string $model, string $letter): void
    {
        for ($at = 0; $at < $many; $at++) {
            Machine::query()->create([
                'fleet_number' => sprintf('%s-%04d', $letter, 9000 + $at),
                'model_id' => $model,
                'serial' => Str::random(12),
                'bay' => 'bay 1',
            ]);
        }
    }
}
