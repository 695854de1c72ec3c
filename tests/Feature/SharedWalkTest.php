<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LedgerEntry;
use App\Models\Role;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/** A walk that is taken over, and tablets whose clocks are wrong. */
final class SharedWalkTest extends YardTestCase
{
    public function test_a_walk_is_taken_over_with_a_reason_and_what_was_entered_stays(): void
    {
        $first = $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $entry = $this->post_($walk, 'check.answered', ['line' => 'hkp-area', 'answer' => 'stands']);

        $second = $this->as(Role::Technician);
        self::assertSame([$first->id], $this->walkers($walk));
        $this->post_($walk, 'walk.taken_over', ['reason' => 'The shift is over']);

        self::assertSame([$second->id], $this->walkers($walk));
        self::assertSame($first->id, LedgerEntry::query()->where('id', $entry)->firstOrFail()->actor_id);
        self::assertStringContainsString(
            'The shift is over',
            (string) json_encode($this->getJson("/api/machines/{$this->machine->id}/entries")->json()),
        );
        self::assertSame(
            '/problems/key-is-yours',
            $this->send($walk, $this->entry('walk.taken_over', ['reason' => 'Again']))->json(
                'results.0.problem.type',
            ) ?? $this->send($walk, $this->entry('walk.taken_over', ['reason' => 'Again']))->json('type'),
        );
    }

    public function test_whoever_walks_along_keeps_their_share_when_the_key_changes_hands(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $helper = $this->as(Role::Mechanic);
        $this->post_($walk, 'walk.joined', []);
        $new = $this->as(Role::Lead);
        $this->post_($walk, 'walk.taken_over', ['reason' => 'Called to another machine']);

        self::assertSame([$new->id, $helper->id], $this->walkers($walk), 'the one with the key first');
    }

    public function test_entries_of_one_person_are_never_posted_under_the_name_of_another(): void
    {
        $ines = $this->as(Role::Technician);
        $walk = $this->openWalk();
        $entry = $this->entry('finding.placed', [
            'at' => ['x' => 0, 'y' => 0],
            'kind' => 'dent',
            'words' => '',
            'photos' => [],
        ]);
        $rafe = $this->as(Role::Technician);

        self::assertSame(
            '/problems/somebody-else-is-signed-in',
            $this->withHeader('X-Actor', $ines->id)->send($walk, $entry)->assertUnauthorized()->json('type'),
        );
        $this->postJson('/api/photo-uploads', ['bytes' => 5])->assertUnauthorized();
        self::assertSame(
            'posted',
            $this->withHeader('X-Actor', $rafe->id)->send($walk, $entry)->json('results.0.status'),
        );
    }

    public function test_taking_over_needs_a_reason_and_is_for_those_who_walk(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->as(Role::Counter);
        $this->send($walk, $this->entry('walk.taken_over', ['reason' => 'Because']))->assertForbidden();
        $this->as(Role::Technician);
        $this->send($walk, $this->entry('walk.taken_over', []))->assertUnprocessable();
    }

    #[TestWith([40], 'ahead')]
    #[TestWith([-40], 'behind')]
    public function test_what_a_tablet_with_a_wrong_clock_records_is_put_right_and_what_it_said_is_kept(
        int $minutes,
    ): void {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $said = CarbonImmutable::now()->addMinutes($minutes)->subSeconds(30);
        $entry =
            ['recorded_at' => $said->format('Y-m-d\TH:i:s.v\Z')] +
            $this->entry('check.answered', ['line' => 'hkp-area', 'answer' => 'stands']);
        $this->withHeader('X-Device-Time', CarbonImmutable::now()->addMinutes($minutes)->format('Y-m-d\TH:i:s.v\Z'));

        self::assertSame('posted', $this->send($walk, $entry)->json('results.0.status'));

        $trail = $this->getJson("/api/machines/{$this->machine->id}/entries")->assertOk();
        $this->assertFits($trail, 'EntryPage');
        $kept = collect($trail->json('entries'))->firstWhere('id', $entry['id']);
        self::assertEqualsWithDelta($minutes * 60, $kept['clock']['seconds_ahead'], 2);
        self::assertStringStartsWith($said->format('Y-m-d\TH:i:s'), $kept['clock']['device_at']);
        self::assertEqualsWithDelta(
            -30,
            CarbonImmutable::now()->diffInSeconds(CarbonImmutable::parse($kept['recorded_at'])),
            3,
            'half a minute ago by the yard\'s clock',
        );
        $this->artisan('ledger:verify', ['machine' => $this->machine->fleet_number])->assertSuccessful();
    }

    public function test_a_clock_that_is_right_is_not_remarked_upon_and_nonsense_is_no_clock(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        foreach (
            [
                CarbonImmutable::now()->addSeconds(20)->format('Y-m-d\TH:i:s\Z'),
                'yesterday',
                '9999-99-99T00:00:00Z',
            ] as $said
        ) {
            $this->withHeader('X-Device-Time', $said);
            $this->post_($walk, 'finding.placed', [
                'at' => ['x' => 0, 'y' => 0],
                'kind' => 'dent',
                'words' => '',
                'photos' => [],
            ]);
        }

        self::assertSame(
            [null],
            array_values(
                array_unique(
                    array_column(
                        $this->getJson("/api/machines/{$this->machine->id}/entries")->json('entries'),
                        'clock',
                    ),
                ),
            ),
        );
    }

    /** @return list<string> the one with the key first */
    private function walkers(Walk $walk): array
    {
        return array_column(
            array_column($this->getJson("/api/walks/{$walk->id}")->json('state.people'), 'person'),
            'id',
        );
    }
}
