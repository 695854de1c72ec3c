<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\RebuildProjections;
use App\Models\Finding;
use App\Models\Machine;
use App\Models\MachineStanding;
use App\Models\MachineStatus;
use App\Models\Role;
use App\Models\TelematicsAside;
use App\Models\TelematicsReport;
use App\Models\Yard;
use App\Telematics\PollResult;
use App\Telematics\PollTelematics;
use App\Telematics\ProviderFailed;
use App\Telematics\TelematicsProvider;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Telematics\FleetSnapshot;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\Support\YardTestCase;

/** Machines that report their hours and faults: what is believed, what is put aside, and what follows from it. */
final class TelematicsTest extends YardTestCase
{
    private const NOW = '2026-12-01T08:00:00Z';

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(CarbonImmutable::parse(self::NOW));
        $this->as(Role::Technician);
    }

    public function test_a_report_is_written_once_however_often_it_is_sent(): void
    {
        $first = $this->poll($this->equipment('1000.0', '2026-12-01T07:00:00Z'));
        $again = $this->poll(
            $this->equipment('1000.0', '2026-12-01T07:00:00Z'),
            $this->equipment('1000.0', '2026-12-01T07:00:00Z'),
        );

        self::assertSame([1, 1, 0], [$first->machines, $first->taken, $first->aside]);
        self::assertSame([2, 0, 0], [$again->machines, $again->taken, $again->aside]);
        self::assertSame(1, TelematicsReport::query()->count());
        $trail = $this->getJson("/api/machines/{$this->machine->id}/entries")->assertOk()->json('entries.0');
        self::assertSame(
            ['Hours reported by the machine', 'Telematics', null],
            [$trail['title'], $trail['actor']['name'], $trail['actor']['id']],
        );
        $before = TelematicsReport::query()->get()->toArray();
        $this->app->make(RebuildProjections::class)();
        self::assertSame($before, TelematicsReport::query()->get()->toArray());
    }

    #[TestWith(['999.0', '2026-12-01T07:30:00Z', 'ran_backwards'])]
    #[TestWith(['1010.0', '2026-12-01T07:30:00Z', 'gained_too_much'])]
    #[TestWith(['1000.0', '2026-12-02T07:30:00Z', 'from_the_future'])]
    public function test_hours_that_cannot_be_are_put_aside_with_the_reason(
        string $hours,
        string $at,
        string $why,
    ): void {
        $this->poll($this->equipment('1000.0', '2026-12-01T07:00:00Z'));
        $result = $this->poll($this->equipment($hours, $at));
        $this->poll($this->equipment($hours, $at));

        self::assertSame([0, 1], [$result->taken, $result->aside]);
        $aside = $this->getJson('/api/telematics')->assertOk()->json('aside');
        self::assertSame(
            [$why, $this->machine->fleet_number, 2],
            [$aside[0]['why'], $aside[0]['names'], $aside[0]['times']],
        );
        self::assertCount(1, $aside);
        self::assertSame(1, TelematicsReport::query()->count());
    }

    public function test_a_machine_that_nobody_knows_or_two_that_answer_are_put_aside(): void
    {
        $other = Machine::query()->create([
            'fleet_number' => 'E-9001', 'model_id' => 'dromvik_14c', 'serial' => 'OTHER-SERIAL', 'bay' => 'bay 2',
        ]);
        $this->poll(
            $this->equipment('10.0', self::NOW, ['id' => 'ZZ-1', 'serial' => 'NOBODY']),
            $this->equipment('10.0', self::NOW, ['serial' => $other->serial]),
            $this->equipment('10.0', self::NOW, ['serial' => 'A-NEW-ONE']),
        );

        self::assertSame(
            ['two_machines', 'two_machines', 'unknown_machine'],
            TelematicsAside::query()->orderBy('why')->pluck('why')->map(static fn ($why): string => $why->value)->all(),
        );
        self::assertSame(0, TelematicsReport::query()->count());
    }

    public function test_what_a_machine_of_another_yard_says_is_not_seen_here(): void
    {
        $elsewhere = Yard::query()->create(['name' => 'Elsewhere', 'place' => 'Far', 'timezone' => 'Europe/London']);
        $theirs = Machine::query()->create([
            'yard_id' => $elsewhere->id,
            'fleet_number' => 'E-9002',
            'model_id' => 'dromvik_14c',
            'serial' => 'THEIRS',
            'bay' => '1',
        ]);
        $this->poll(
            $this->equipment('10.0', self::NOW, ['id' => 'E-9002', 'serial' => 'THEIRS']),
            $this->equipment('10.0', self::NOW),
        );
        $this->poll($this->equipment('5.0', '2026-12-01T08:05:00Z', ['id' => 'E-9002', 'serial' => 'THEIRS']));

        $seen = $this->getJson('/api/telematics')->assertOk();
        self::assertSame([$this->machine->fleet_number], array_column($seen->json('machines'), 'fleet_number'));
        self::assertSame([], $seen->json('aside'));
        self::assertSame(1, TelematicsReport::query()->where('machine_id', $theirs->id)->count());
    }

    public function test_a_fault_is_a_finding_of_its_level_once_until_it_is_mended(): void
    {
        $faults = ['SPN 100 FMI 1' => 'Engine oil pressure', '1569-16' => null, 'P0420' => null];
        $this->poll($this->equipment('1000.0', '2026-12-01T07:00:00Z', ['faults' => $faults]));
        $this->poll($this->equipment('1000.5', '2026-12-01T07:45:00Z', ['faults' => $faults]));

        $findings = $this->getJson("/api/machines/{$this->machine->id}")->assertOk()->json('findings');
        self::assertSame(
            ['1569-16.' => 'hold', 'P0420.' => 'note', 'SPN 100 FMI 1. Engine oil pressure' => 'stop'],
            collect($findings)->pluck('severity', 'words')->sortKeys()->all(),
        );
        self::assertSame('Telematics', $findings[0]['actor']['name']);
        self::assertSame(MachineStanding::Held, MachineStatus::query()->findOrFail($this->machine->id)->standing);

        Finding::query()->where('fault', 'SPN 100 FMI 1')->update(['mended_at' => '2026-12-01 07:50:00']);
        $this->poll($this->equipment('999.0', '2026-12-01T07:59:00Z', ['faults' => $faults]));
        self::assertSame(
            2,
            Finding::query()->where('fault', 'SPN 100 FMI 1')->count(),
            'hours that cannot be hide no fault',
        );
    }

    public function test_a_machine_that_ran_in_the_yard_is_not_as_it_was_looked_at(): void
    {
        $this->goesOut();
        $this->travel(1)->days();
        $this->as(Role::Technician);
        $walk = $this->openWalk('return');
        $this->walkThrough($walk, '1010.0');
        $this->post_($walk, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $this->post_($walk, 'hire.closed', []);
        $this->travel(1)->hours();
        $this->poll($this->equipment('1010.0', CarbonImmutable::now()->toIso8601ZuluString()));
        $this->travel(3)->hours();
        $this->as(Role::Technician);
        $next = $this->hireOf($this->machine);
        self::assertNotSame([], $this->carriedOf($next->id));

        $this->poll($this->equipment('1010.05', CarbonImmutable::now()->toIso8601ZuluString()));
        self::assertNotSame([], $this->carriedOf($next->id), 'a counter is sent rounded');
        $this->travel(1)->hours();
        $this->poll($this->equipment('1010.8', CarbonImmutable::now()->toIso8601ZuluString()));

        self::assertSame([], $this->carriedOf($next->id));
        $checkout = $this->openWalk('checkout', $next);
        $why = collect($this->getJson("/api/walks/{$checkout->id}")->json('state.not_carried'))->pluck('why')->unique();
        self::assertContains('It ran in the yard since, as it reported itself.', $why->all());
        $trail = $this->getJson("/api/machines/{$this->machine->id}/entries")->json('entries');
        self::assertStringContainsString(
            'no walk, move or hire says why',
            collect($trail)->firstWhere('kind', 'telematics.reported')['words'],
        );
    }

    public function test_hours_that_a_machine_reports_on_hire_count_for_its_service_and_its_forecast(): void
    {
        $this->tell('meter.read', ['hours' => '1000.0']);
        $this->tell('service.done', ['point' => 'svc-oil']);
        $this->travel(4)->days();
        $this->poll($this->equipment('1030.0', CarbonImmutable::now()->toIso8601ZuluString()));
        $this->as(Role::Technician);

        $service = $this->getJson("/api/machines/{$this->machine->id}/service")->assertOk();
        self::assertSame('220.0', collect($service->json('points'))->firstWhere('id', 'svc-oil')['hours_left']);
        self::assertSame(
            [['yard', 'telematics'], '1030.0', null],
            [
                array_column($service->json('readings'), 'how'),
                $service->json('telematics.hours'),
                $service->json('telematics.apart'),
            ],
        );
    }

    public function test_a_counter_that_is_far_from_the_meter_counts_for_nothing_and_asks_at_the_reading(): void
    {
        $this->tell('meter.read', ['hours' => '1000.0']);
        $this->travel(1)->hours();
        $this->poll($this->equipment('1450.0', CarbonImmutable::now()->toIso8601ZuluString()));
        $this->as(Role::Technician);

        $service = $this->getJson("/api/machines/{$this->machine->id}/service")->assertOk();
        self::assertSame(['449.0', ['yard']], [
            $service->json('telematics.apart'), array_column($service->json('readings'), 'how'),
        ]);
        $walk = $this->openWalk();
        $line = collect($walk->plan->body['visits'])->flatMap(static fn (array $visit): array => $visit['lines'])
            ->pluck('key')->first(static fn (string $key): bool => str_starts_with($key, 'doc-hour-meter'));
        $this->walkUpTo($walk, $line);
        $this->send($walk, $this->entry('reading.posted', $this->reading($line, '1000.5', 'h')))->assertOk();
        $verdict = collect($this->getJson("/api/walks/{$walk->id}")->json('state.lines'))->firstWhere('key', $line);
        self::assertSame('attend', $verdict['outcome']);
        self::assertStringContainsString('1450.0 h', $verdict['judgement']['verdict']['reason']);
    }

    /** Nothing of the yard waits for a provider, and what it sends the day after is taken in. */
    public function test_a_provider_that_fails_is_said_and_its_backlog_taken_in_later(): void
    {
        $this->poll($this->equipment('1000.0', '2026-12-01T07:00:00Z'));
        $failed = $this->pollFrom(new class implements TelematicsProvider
        {
            public function snapshots(): iterable
            {
                throw new ProviderFailed('It answered with status 503.');
                yield;
            }
        });
        self::assertSame('It answered with status 503.', $failed->failure);
        self::assertSame(
            ['It answered with status 503.', false],
            [
                $this->getJson('/api/telematics')->json('last_poll.failure'),
                $this->getJson('/api/telematics')->json('last_good_at') === null,
            ],
        );
        $this->travel(1)->days();
        self::assertSame(1, $this->poll($this->equipment('1009.0', '2026-12-02T07:00:00Z'))->taken);
    }

    public function test_nobody_can_post_a_report_by_hand(): void
    {
        $this->as(Role::Lead);
        $response = $this->tell('telematics.reported', ['hours' => '1.0', 'at' => self::NOW]);

        self::assertSame('/problems/not-yours-to-do', $response->json('results.0.problem.type'));
    }

    /** The provider that ships with the product, asked over HTTP: what it is told to do wrong, and what comes of it. */
    public function test_the_stand_in_answers_in_pages_and_fails_as_it_is_told(): void
    {
        $this->travelBack();
        $folder = sys_get_temp_dir().'/telematics-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $fleet = array_map(fn (int $at): array => [
            'id' => $at === 0 ? $this->machine->fleet_number : "T-{$at}",
            'serial' => $at === 0 ? $this->machine->serial : "S{$at}",
            'model' => 'X', 'hours' => 900.0, 'at' => '2026-01-01T00:00:00Z', 'hours_per_day' => 2.0, 'fuel' => 62,
            'faults' => [],
        ], range(0, 60));
        file_put_contents("{$folder}/fleet.json", json_encode($fleet));
        $address = '127.0.0.1:'.random_int(20_000, 30_000);
        $provider = new Process(
            ['php', '-S', $address, base_path('app/Simulators/telematics.php')],
            env: ['TELEMATICS_FLEET' => "{$folder}/fleet.json", 'TELEMATICS_KEY' => 'yard'],
        );
        $provider->start();
        $provider->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'started'));
        config(['jade.telematics' => ['url' => "http://{$address}/Fleet", 'token' => 'yard']]);
        try {
            $poll = fn (string $mode): PollResult => $this->pollAs("http://{$address}/mode", $mode);
            $first = $poll('ok');
            self::assertSame([61, 1, 60, null], [$first->machines, $first->taken, $first->aside, $first->failure]);
            self::assertSame('It answered with status 503.', $poll('down')->failure);
            self::assertSame('It answered with status 500.', $poll('error')->failure);
            self::assertStringContainsString('not well-formed', (string) $poll('garbage')->failure);
            self::assertSame([61, 0, 60], [$poll('stale')->machines, $poll('stale')->taken, $poll('stale')->aside]);
            self::assertSame([122, 0], [$poll('doubled')->machines, $poll('doubled')->taken]);
            self::assertSame(
                [61, 0, 61],
                [$poll('unknown')->machines, $poll('unknown')->taken, $poll('unknown')->aside],
            );
            self::assertSame([0, 61], [$poll('backwards')->taken, $poll('backwards')->aside]);
            self::assertSame(1, TelematicsReport::query()->count());
        } finally {
            $provider->stop();
        }
    }

    private function pollAs(string $url, string $mode): PollResult
    {
        self::assertSame(
            204,
            \Illuminate\Support\Facades\Http::withToken('yard')->withBody($mode, 'text/plain')->put($url)->status(),
        );

        return $this->pollWith($this->app->make(PollTelematics::class));
    }

    /** @param  array<string, mixed>  $own */
    private function equipment(string $hours, string $at, array $own = []): string
    {
        $id = $own['id'] ?? $this->machine->fleet_number;
        $serial = $own['serial'] ?? $this->machine->serial;
        $faults = '';
        foreach ($own['faults'] ?? [] as $code => $words) {
            $faults .= "<FaultCode><CodeIdentifier>{$code}</CodeIdentifier>"
                .($words === null ? '' : "<CodeDescription>{$words}</CodeDescription>").'</FaultCode>';
        }

        $header = "<EquipmentID>{$id}</EquipmentID><SerialNumber>{$serial}</SerialNumber>";
        $counter = "<CumulativeOperatingHours datetime=\"{$at}\"><Hour>{$hours}</Hour></CumulativeOperatingHours>";

        return "<Equipment><EquipmentHeader>{$header}</EquipmentHeader>{$counter}{$faults}</Equipment>";
    }

    private function poll(string ...$equipment): PollResult
    {
        $body = '<Fleet version="1">'.implode('', $equipment).'</Fleet>';

        return $this->pollFrom(new class($body) implements TelematicsProvider
        {
            public function __construct(private readonly string $body)
            {
            }

            public function snapshots(): iterable
            {
                yield FleetSnapshot::read($this->body);
            }
        });
    }

    private function pollFrom(TelematicsProvider $provider): PollResult
    {
        return $this->pollWith($this->app->make(PollTelematics::class, ['provider' => $provider]));
    }

    /** A poll steps into each yard by itself, as the schedule does. */
    private function pollWith(PollTelematics $poll): PollResult
    {
        $yard = $this->app->make(CurrentYard::class);
        $here = Yard::query()->findOrFail($this->machine->yard_id);
        $yard->leave();
        $result = $poll();
        $yard->stepInto($here);

        return $result;
    }

    private function goesOut(): void
    {
        $walk = $this->openWalk();
        $this->walkThrough($walk);
        $this->handOver($walk);
    }

    /** @return list<array<string, mixed>> */
    private function carriedOf(string $hire): array
    {
        return $this->getJson("/api/hires/{$hire}/walks/checkout")->assertOk()->json('state.carried');
    }

    /** @param  array<string, mixed>  $payload */
    private function tell(string $kind, array $payload): \Illuminate\Testing\TestResponse
    {
        return $this->postJson(
            "/api/machines/{$this->machine->id}/entries",
            ['entries' => [$this->entry($kind, $payload)]],
        );
    }
}
