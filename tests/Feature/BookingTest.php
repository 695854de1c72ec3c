<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AuditEntry;
use App\Models\Customer;
use App\Models\Hire;
use App\Models\Machine;
use App\Models\Role;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

/** The office enters machines, hirers and hires. */
final class BookingTest extends YardTestCase
{
    private Machine $other;

    private Customer $hirer;

    protected function setUp(): void
    {
        parent::setUp();
        // A Tuesday in winter: the yard's clock and that of the world are the same.
        $this->travelTo(CarbonImmutable::parse('2026-12-01T08:00:00Z'));
        $this->hire->update(['goes_out_at' => '2026-12-02 08:00:00', 'comes_back_at' => '2026-12-04 16:00:00']);
        $this->other = Machine::query()->create(
            ['fleet_number' => 'E-77', 'model_id' => 'dromvik_14c', 'serial' => Str::random(12), 'bay' => 'bay 2'],
        );
        $this->hirer = Customer::query()->create(['name' => 'Orrery Yard Build']);
        $this->as(Role::Counter);
    }

    public function test_a_machine_a_hirer_and_a_hire_are_entered_and_walked(): void
    {
        $this->as(Role::Lead);
        $added = $this->postJson('/api/machines', [
            'model_id' => 'dromvik_14c',
            'fleet_number' => 'e-78',
            'serial' => 'DV14-0078',
            'bay' => 'bay 3',
            'year' => 2021,
        ])->assertCreated();
        $this->assertFits($added, 'MachineDetail');
        self::assertSame(['E-78', 'bay 3', 2021, 'in_yard'], [
            $added->json('machine.fleet_number'), $added->json('machine.bay'), $added->json('year'), $added
                ->json('machine.standing'),
        ]);

        $this->as(Role::Counter);
        $hirer = $this->postJson('/api/hirers', [
            'name' => 'Heron Fencing',
            'phone' => '01632 960 111',
            'mail' => '',
            'notes' => "Pays late.\nRings first.",
        ])->assertCreated();
        $this->assertFits($hirer, 'Hirer');
        self::assertNull($hirer->json('mail'));
        self::assertSame(
            ['Heron Fencing'],
            array_column($this->getJson('/api/hirers?search=heron')->json('hirers'), 'name'),
        );
        $booked = $this->book([
            'machine_id' => $added->json('machine.id'),
            'hirer_id' => $hirer->json('id'),
            'contact' => 'Ada Finch',
            'site' => 'Weir Lane',
        ])->assertCreated();
        $this->assertFits($booked, 'HireDetail');
        self::assertSame([$this->hire->folio + 1, '2026-12-02T09:00:00.000000Z', 'booked', 'Ada Finch'], [
            $booked->json('folio'), $booked->json('goes_out_at'), $booked->json('standing'), $booked->json('contact'),
        ]);

        $this->as(Role::Technician);
        $row = collect(
            $this->getJson('/api/day?date=2026-12-02')->assertOk()->json('outs'),
        )->firstWhere('hire_id', $booked->json('id'));
        self::assertSame('Heron Fencing', $row['customer']);
        $walk = $this->openWalk('checkout', Hire::query()->findOrFail($booked->json('id')));
        $this->cross($walk, 'cold_isolated');
        self::assertSame(
            ['machine_added', 'hirer_kept', 'hire_booked'],
            AuditEntry::query()->whereIn(
                'kind',
                ['machine_added', 'hirer_kept', 'hire_booked'],
            )->orderBy('id')->pluck('kind')->map(static fn ($kind): string => $kind->value ?? $kind)->all(),
        );
    }

    public function test_two_hires_of_a_machine_at_once_are_refused_whatever_somebody_knows(): void
    {
        $refused = $this->book(['machine_id' => $this->machine->id, 'knowing' => ['taken']])->assertStatus(409);
        $this->assertFits($refused, 'Problem');
        self::assertSame(['taken'], array_column($refused->json('conflicts'), 'kind'));
        self::assertStringContainsString((string) $this->hire->folio, $refused->json('detail'));

        $asked = $this->postJson(
            '/api/hire-proposals',
            ['machine_id' => $this->machine->id, 'goes_out' => '2026-12-02T09:00', 'comes_back' => '2026-12-03T16:00'],
        )->assertOk();
        $this->assertFits($asked, 'HireProposal');
        self::assertSame(['E-77'], array_column($asked->json('instead'), 'fleet_number'));
    }

    public function test_what_does_not_bar_is_said_and_booked_by_whoever_knows_it(): void
    {
        $soon = ['goes_out' => '2026-12-01T08:20', 'comes_back' => '2026-12-01T16:00'];
        $refused = $this->book($soon)->assertStatus(409);
        self::assertSame(['no_time_to_walk'], array_column($refused->json('conflicts'), 'kind'));
        self::assertSame(1, Hire::query()->count());
        $this->book($soon + ['knowing' => ['no_time_to_walk']])->assertCreated();
    }

    public function test_a_return_that_leaves_no_time_for_the_walk_between_is_said(): void
    {
        $tight = [
            'machine_id' => $this->machine->id,
            'goes_out' => '2026-12-04T16:10',
            'comes_back' => '2026-12-05T16:00',
        ];
        $refused = $this->book($tight)->assertStatus(409);
        self::assertSame(['no_time_between'], array_column($refused->json('conflicts'), 'kind'));
        $this->book(['goes_out' => '2026-12-04T21:00'] + $tight)->assertCreated();
    }

    public function test_a_tagged_machine_and_one_that_left_are_not_booked(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->cross($walk, 'cold_isolated');
        $this->post_($walk, 'tag.hung', ['reason' => 'It leaks.']);
        $this->as(Role::Lead);
        $later = ['goes_out' => '2026-12-09T08:00', 'comes_back' => '2026-12-10T16:00'];
        self::assertSame(
            ['tagged'],
            array_column(
                $this->book(['machine_id' => $this->machine->id] + $later)->assertStatus(409)->json('conflicts'),
                'kind',
            ),
        );

        $this->putJson(
            "/api/machines/{$this->other->id}/departure",
            ['as' => 'sold', 'why' => 'Too old for us'],
        )->assertOk()->assertJsonPath('left_as', 'sold');
        self::assertSame(['left'], array_column($this->book($later)->assertStatus(409)->json('conflicts'), 'kind'));
        self::assertNotContains(
            'E-77',
            array_column($this->getJson('/api/machines')->json('machines'), 'fleet_number'),
        );
        $this->getJson("/api/machines/{$this->other->id}")->assertOk();
    }

    public function test_a_hire_is_extended_swapped_and_cancelled_and_the_audit_says_what_was(): void
    {
        $id = $this->book()->assertCreated()->json('id');
        $this->putJson(
            "/api/hires/{$id}",
            ['goes_out' => '2026-12-02T09:00', 'comes_back' => '2026-12-06T12:00'],
        )->assertOk()
            ->assertJsonPath('comes_back_at', '2026-12-06T12:00:00.000000Z');
        $this->putJson(
            "/api/hires/{$id}/machine",
            ['machine_id' => $this->machine->id, 'why' => 'Wants a quick hitch'],
        )->assertStatus(409);
        $third = Machine::query()->create(
            ['fleet_number' => 'E-79', 'model_id' => 'dromvik_14c', 'serial' => Str::random(12)],
        );
        $this->assertFits(
            $this->putJson(
                "/api/hires/{$id}/machine",
                ['machine_id' => $third->id, 'why' => 'Wants a quick hitch'],
            )->assertOk(),
            'HireDetail',
        );
        $this->putJson(
            "/api/hires/{$id}/cancellation",
            ['why' => 'Rain all week'],
        )->assertOk()->assertJsonPath('standing', 'cancelled');

        self::assertNull(collect($this->getJson('/api/day?date=2026-12-02')->json('outs'))->firstWhere('hire_id', $id));
        $this->putJson(
            "/api/hires/{$id}",
            ['goes_out' => '2026-12-02T09:00', 'comes_back' => '2026-12-06T12:00'],
        )->assertStatus(409);
        $this->as(Role::Technician);
        $this->postJson(
            "/api/hires/{$id}/walks",
            ['id' => (string) Str::uuid7(), 'movement' => 'checkout', 'recorded_at' => self::now()],
        )
            ->assertStatus(409)->assertJsonPath('type', '/problems/hire-is-cancelled');
        $lines = AuditEntry::query()->whereIn(
            'kind',
            ['hire_changed', 'machine_swapped', 'hire_cancelled'],
        )->orderBy('id')->get();
        self::assertCount(3, $lines);
        self::assertStringContainsString('E-77', (string) json_encode($lines[1]));
        // The days are free again.
        $this->as(Role::Counter);
        $this->book(['machine_id' => $third->id])->assertCreated();
    }

    public function test_of_what_is_out_only_the_return_is_moved(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->as(Role::Counter);
        $this->putJson(
            "/api/hires/{$this->hire->id}/machine",
            ['machine_id' => $this->other->id, 'why' => 'Another one'],
        )->assertStatus(409)
            ->assertJsonPath('type', '/problems/hire-has-begun');
        $this->putJson("/api/hires/{$this->hire->id}/cancellation", ['why' => 'Not needed'])->assertStatus(409);
        $this->as(Role::Technician);
        $this->walkThrough($walk, '1842.3');
        $this->handOver($walk);
        $this->as(Role::Counter);
        $this->putJson(
            "/api/hires/{$this->hire->id}",
            ['goes_out' => '2026-12-03T08:00', 'comes_back' => '2026-12-08T12:00'],
        )->assertStatus(409);
        $this->putJson(
            "/api/hires/{$this->hire->id}",
            ['goes_out' => '2026-12-02T08:00', 'comes_back' => '2026-12-08T12:00'],
        )->assertOk();
    }

    /** Source: the European clock goes from 01:00 to 02:00 UTC on the last Sunday of March (Directive 2000/84/EC). */
    #[TestWith(['2027-03-28T01:30', '/problems/no-such-hour'])]
    #[TestWith(['2026-02-30T08:00', '/problems/no-such-hour'])]
    #[TestWith(['2026-12-02T25:00', '/problems/no-such-hour'])]
    public function test_a_time_that_the_clock_never_shows_is_refused(string $time, string $problem): void
    {
        $refused = $this->book(
            ['goes_out' => $time, 'comes_back' => '2027-04-01T08:00'],
        )->assertStatus(422)->assertJsonPath('type', $problem);
        self::assertArrayHasKey('goes_out', $refused->json('field'));
    }

    public function test_in_summer_the_yards_clock_is_ahead_of_the_worlds(): void
    {
        $this->book(
            ['goes_out' => '2027-06-01T08:00', 'comes_back' => '2027-06-02T08:00'],
        )->assertCreated()->assertJsonPath('goes_out_at', '2027-06-01T07:00:00.000000Z');
    }

    public function test_a_hire_that_ends_before_it_begins_is_refused(): void
    {
        $this->book(
            ['goes_out' => '2026-12-03T08:00', 'comes_back' => '2026-12-03T08:00'],
        )->assertStatus(422)->assertJsonPath('type', '/problems/hire-ends-before-it-begins');
    }

    public function test_nothing_is_entered_twice(): void
    {
        $this->postJson(
            '/api/hirers',
            ['name' => 'Orrery Yard Build '],
        )->assertStatus(409)->assertJsonPath('type', '/problems/hirer-known');
        $this->as(Role::Lead);
        $machine = ['model_id' => 'dromvik_14c', 'fleet_number' => 'e-77', 'serial' => 'NEW-1'];
        $this->postJson('/api/machines', $machine)->assertStatus(422)->assertJsonPath('type', '/problems/number-taken');
        $this->postJson(
            '/api/machines',
            ['fleet_number' => 'E-80', 'serial' => $this->other->serial] + $machine,
        )->assertStatus(422)->assertJsonPath('type', '/problems/serial-taken');
        $this->postJson(
            '/api/machines',
            ['fleet_number' => 'E-80', 'model_id' => 'no_such'] + $machine,
        )->assertStatus(422)->assertJsonPath('type', '/problems/unknown-model');
        $this->putJson(
            "/api/machines/{$this->other->id}",
            ['fleet_number' => 'E-81', 'serial' => $this->other->serial],
        )->assertOk()->assertJsonPath('machine.fleet_number', 'E-81');
    }

    public function test_a_machine_that_somebody_waits_for_does_not_leave_the_fleet(): void
    {
        $this->as(Role::Lead);
        $this->putJson(
            "/api/machines/{$this->machine->id}/departure",
            ['as' => 'scrapped', 'why' => 'Burnt out'],
        )->assertStatus(409)
            ->assertJsonPath('type', '/problems/machine-is-booked');
    }

    public function test_what_a_day_left_over_stays_on_top_until_somebody_settles_it(): void
    {
        $never = $this->book(
            ['goes_out' => '2026-12-01T10:00', 'comes_back' => '2026-12-02T16:00'],
        )->assertCreated()->json('id');
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->walkThrough($walk, '1842.3');
        $this->handOver($walk);
        self::assertSame([], $this->getJson('/api/day')->json('before_today'));

        $this->travelTo(CarbonImmutable::parse('2026-12-06T08:00:00Z'));
        $this->as(Role::Counter);
        $day = $this->getJson('/api/day')->assertOk();
        $this->assertFits($day, 'Day');
        self::assertSame(
            [['out', $never, 'booked'], ['in', $this->hire->id, 'out']],
            array_map(
                static fn (array $one): array => [$one['side'], $one['row']['hire_id'], $one['row']['standing']],
                $day->json('before_today'),
            ),
        );
        self::assertSame(
            [],
            $this->getJson('/api/day?date=2026-12-07')->json('before_today'),
            'of another day nothing is left over',
        );
        $this->putJson("/api/hires/{$never}/cancellation", ['why' => 'Never fetched'])->assertOk();
        $this->putJson(
            "/api/hires/{$this->hire->id}",
            ['goes_out' => '2026-12-02T08:00', 'comes_back' => '2026-12-09T12:00'],
        )->assertOk();
        self::assertSame([], $this->getJson('/api/day')->json('before_today'));
    }

    public function test_a_paper_that_ends_on_hire_is_said_and_the_last_one_of_a_kind_counts(): void
    {
        $record = fn (array $paper): TestResponse => $this->postJson("/api/machines/{$this->other->id}/papers", $paper);
        $shown = $record([
            'kind' => 'examination',
            'number' => 'TE 4411',
            'issued_on' => '2026-06-02',
            'valid_until' => '2026-12-02',
        ])->assertCreated();
        $this->assertFits($shown, 'MachineDetail');
        self::assertSame(['examination', 'TE 4411', 1, 'attend'], [
            $shown->json('papers.0.kind'), $shown->json('papers.0.number'), $shown->json('papers.0.days_left'), $shown
                ->json('papers.0.mark'),
        ]);
        // From the second to the third of December: it ends with the second.
        $refused = $this->book()->assertStatus(409);
        self::assertSame(['paper_ends'], array_column($refused->json('conflicts'), 'kind'));
        self::assertStringContainsString('Examination certificate ends on 2 Dec 2026', $refused->json('detail'));
        $this->book(['comes_back' => '2026-12-02T16:00'])->assertCreated();

        $record(
            ['kind' => 'examination', 'number' => 'TE 5120', 'valid_until' => '2027-06-02'],
        )->assertCreated()->assertJsonPath('papers.0.mark', 'stands');
        $this->travelTo(CarbonImmutable::parse('2027-06-03T08:00:00Z'));
        $this->as(Role::Technician);
        self::assertSame('stop', $this->getJson("/api/machines/{$this->other->id}")->json('papers.0.mark'));
        $record(['kind' => 'manual'])->assertForbidden();
        $this->as(Role::Mechanic);
        $record(['kind' => 'manual'])->assertCreated()->assertJsonCount(2, 'papers');
        $record(['kind' => 'insurance', 'issued_on' => '2027-06-02', 'valid_until' => '2027-06-01'])->assertStatus(422);
        $record(['kind' => 'insurance'])->assertStatus(422)->assertJsonPath('type', '/problems/paper-needs-date');
        $record(
            ['kind' => 'insurance', 'valid_until' => '2027-02-30'],
        )->assertStatus(422)->assertJsonPath('type', '/problems/no-such-day');
    }

    public function test_a_paper_and_the_plate_are_kept_as_pictures(): void
    {
        Storage::fake('photos');
        $record = fn (array $paper): TestResponse => $this->postJson("/api/machines/{$this->other->id}/papers", $paper);
        $page = fn (int $width): string => $this->post('/api/photos', [
            'photo' => UploadedFile::fake()->image('page.jpg', $width, 60),
        ])->assertCreated()->json('sha256');
        $pages = [$page(50), $page(80)];

        $shown = $record(['kind' => 'inspection', 'valid_until' => '2027-03-01', 'photos' => $pages])->assertCreated();
        $this->assertFits($shown, 'MachineDetail');
        self::assertSame($pages, $shown->json('papers.0.photos'));
        $this->get("/api/photos/{$pages[1]}/thumbnail")->assertOk();

        $record(['kind' => 'plate'])->assertStatus(422)->assertJsonPath('type', '/problems/plate-needs-picture');
        $record(['kind' => 'plate', 'photos' => [str_repeat('0', 64)]])
            ->assertStatus(422)->assertJsonPath('type', '/problems/photo-not-here');
        $record(['kind' => 'plate', 'photos' => [$pages[0]]])->assertCreated()
            ->assertJsonPath('papers.1.kind', 'plate')->assertJsonPath('papers.1.days_left', null);
    }

    public function test_who_may_enter_what(): void
    {
        foreach ([Role::Technician, Role::Mechanic, Role::Auditor] as $role) {
            $this->as($role);
            $this->book()->assertForbidden();
            $this->postJson('/api/hirers', ['name' => 'Heron Fencing'])->assertForbidden();
        }
        $this->as(Role::Counter);
        $this->postJson(
            '/api/machines',
            ['model_id' => 'dromvik_14c', 'fleet_number' => 'E-80', 'serial' => 'NEW-1'],
        )->assertForbidden();
    }

    public function test_names_are_plain_and_of_a_sane_length(): void
    {
        foreach (["Evil\u{202E}dliuB", "Two\nlines", str_repeat('x', 4_000), 'x', "Nul\u{0000}l"] as $name) {
            $this->assertFits($this->postJson('/api/hirers', ['name' => $name])->assertStatus(422), 'Problem');
        }
        $this->postJson('/api/hirers', ['name' => 'Þóra O’Ségur-Łęk & Söhne'])->assertCreated();
        foreach ([
            'hirers?search[]=x',
            'machines?search[a]=x',
            'search?words[]=x',
            'machine-labels?family[]=x',
        ] as $path) {
            $this->get("/api/{$path}")->assertOk();
        }
    }

    /** @param  array<string, mixed>  $with */
    private function book(array $with = []): TestResponse
    {
        return $this->postJson('/api/hires', $with + [
            'machine_id' => $this->other->id, 'hirer_id' => $this->hirer->id,
            'goes_out' => '2026-12-02T09:00', 'comes_back' => '2026-12-03T16:00',
        ]);
    }
}
