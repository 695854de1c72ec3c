<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\MakeHirerLink;
use App\Catalogue\CatalogueRepository;
use App\Models\Customer;
use App\Models\Hire;
use App\Models\Machine;
use App\Models\QualificationRecord;
use App\Models\Role;
use App\Models\User;
use App\Models\Walk;
use App\Models\Yard;
use App\Presenters\PresentSession;
use App\Yards\CurrentYard;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Database\Seeders\Demo\DemoClock;
use Database\Seeders\Demo\DemoHirer;
use Database\Seeders\Demo\DemoLimits;
use Database\Seeders\Demo\DemoReadings;
use Database\Seeders\Demo\DemoService;
use Database\Seeders\Demo\DemoTelematics;
use Database\Seeders\Demo\DemoWalker;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Storage;
use JadeLedger\Core\Check\Movement;

/**
 * Tern Quay Hire, a yard on an estuary that exists nowhere: its people, machines and hirers, a week of hires behind it
 * and a busy day in front of it. Everything that happened is posted through the one write path.
 */
final class DemoYardSeeder extends Seeder
{
    public const PASSWORD = 'tern-quay';

    private const PEOPLE = [
        ['ines', 'Ines Okafor', 'IO', Role::Technician],
        ['rafe', 'Rafe Tolland', 'RT', Role::Technician],
        ['moss', 'Moss Ackerley', 'MA', Role::Mechanic],
        ['dilys', 'Dilys Marchetti', 'DM', Role::Lead],
        ['juno', 'Juno Pellow', 'JP', Role::Counter],
        ['edda', 'Edda Lyle', 'EL', Role::Auditor],
    ];

    /** Fleet number, model, bay, hours at the beginning of the demo week. */
    private const MACHINES = [
        ['E-01', 'dromvik_8c', 'bay 1', 2210.4],
        ['E-02', 'dromvik_8c', 'bay 1', 1876.0],
        ['E-03', 'dromvik_8c', 'bay 2', 964.8],
        ['E-05', 'dromvik_14c', 'bay 3', 3120.7],
        ['E-07', 'dromvik_14c', 'bay 3', 1502.2],
        ['E-09', 'dromvik_14c', 'bay 4', 2688.5],
        ['E-11', 'dromvik_14c', 'bay 4', 1204.3],
        ['E-14', 'dromvik_14c', 'bay 5', 1831.6],
        ['E-16', 'halsafell_220', 'quay', 4402.9],
        ['E-18', 'halsafell_220', 'quay', 812.0],
        ['X-02', 'skarrow_17', 'bay 1', 612.3],
        ['X-04', 'skarrow_35', 'bay 1', 1190.2],
        ['W-16', 'dromvik_16w', 'quay', 2866.0],
        ['L-04', 'wexmoor_l18', 'quay', 5120.4],
        ['L-07', 'wexmoor_l7', 'quay', 1431.9],
        ['Z-02', 'halsafell_d6', 'quay', 6202.2],
        ['H-28', 'brennock_a30', 'quay', 7340.0],
        ['D-18', 'eskrigg_6s', 'bay 6', 1340.6],
        ['D-12', 'eskrigg_3s', 'bay 6', 702.4],
        ['R-03', 'tolvane_26', 'bay 6', 893.1],
        ['R-05', 'tolvane_16', 'bay 6', 411.5],
        ['A-20', 'ardlow_20b', 'rack', 2011.7],
        ['A-38', 'ardlow_38x', 'rack', 1500.3],
        ['S-31', 'ardlow_12s', 'shed C', 355.0],
        ['S-12', 'pennick_8e', 'shed C', 612.2],
        ['P-05', 'pennick_m5', 'shed C', 208.8],
        ['P-03', 'pennick_m3', 'shed C', 99.1],
        ['T-09', 'tarnhay_t9', 'bay 7', 3120.9],
        ['T-06', 'tarnhay_t6', 'bay 7', 2210.0],
        ['F-25', 'orrick_25g', 'shed D', 4120.7],
        ['F-50', 'orrick_50d', 'shed D', 3388.4],
        ['F-20', 'orrick_20e', 'shed D', 2504.6],
        ['F-30', 'orrick_rt30', 'bay 7', 1710.2],
        ['J-20', 'fenwold_p20', 'shed D', 640.3],
        ['J-12', 'fenwold_s12', 'shed D', 512.9],
        ['G-07', 'brennock_g60', 'shed E', 6120.0],
        ['G-02', 'brennock_g20', 'shed E', 2480.5],
        ['N-09', 'skarrow_lt9', 'shed E', 1202.1],
        ['C-05', 'tolvane_c5', 'shed E', 980.4],
        ['K-26', 'mossgill_t26', 'shed A', 744.0],
        ['K-45', 'mossgill_t45', 'shed A', 1333.3],
        ['M-20', 'mossgill_97', 'shed A', 318.2],
        ['M-22', 'mossgill_122', 'bay 2', 611.0],
        ['M-25', 'mossgill_122', 'shed A', 287.5],
        ['M-27', 'tarnhay_r3', 'shed B', 1120.6],
        ['M-29', 'tarnhay_r3', 'shed B', 1544.8],
        ['M-31', 'mossgill_122', 'shed B', 505.5],
        ['M-33', 'tarnhay_r3', 'shed B', 233.0],
    ];

    private const HIRERS = [
        'Saltmarsh Drainage',
        'Ibbet Roofing',
        'Gannet Row Homes',
        'Wennet Rovers ground',
        'Orrery Yard Build',
        'Cinder Lane Paving',
        'Lantern Field Events',
        'Hollis and Rowe Ponds',
        'Plover Bank Estates',
        'Samphire Schools',
        'Dunlin Golf',
        'Mere and Daughters',
    ];

    private const SIGNERS = [
        'Tobias Wray',
        'Anneke Dro',
        'Fenn Callow',
        'Priya Sandgate',
        'Olaf Merrow',
        'Bex Tarrant',
    ];

    private DemoClock $clock;

    private int $folio = 2180;

    private int $signer = 0;

    /** @var array<string, User> */
    private array $people = [];

    /** @var array<string, float> */
    private array $hours = [];

    public function run(DemoWalker $walker, CurrentYard $yard, CatalogueRepository $shelf): void
    {
        $ours = Yard::ofTheSettings();
        // A number that is kept free for inventions.
        $ours->update(['phone' => '01632 960100', 'currency' => 'GBP']);
        $yard->stepInto($ours);
        $now = CarbonImmutable::now()->startOfSecond();
        $this->clock = new DemoClock($now, $yard->timezone());
        try {
            $this->peopleMachinesAndHirers();
            $this->beforeThat($walker, $shelf);
            $this->theWeekBehind($walker);
            $this->stillOut($walker);
            $this->thisMorning($walker);
            $this->stillToCome();
            Storage::disk('local')->put(DemoTelematics::FILE, (string) json_encode(DemoTelematics::fleet($now)));
        } finally {
            Carbon::setTestNow();
            CarbonImmutable::setTestNow();
        }
    }

    private function peopleMachinesAndHirers(): void
    {
        foreach (self::PEOPLE as [$login, $name, $initials, $role]) {
            $this->people[$login] = User::query()->create([
                'login' => $login,
                'name' => $name,
                'initials' => $initials,
                'role' => $role,
                'password' => self::PASSWORD,
            ]);
        }
        $this->qualifications();
        foreach (self::MACHINES as $at => [$number, $model, $bay, $hours]) {
            Machine::query()->create([
                'fleet_number' => $number,
                'model_id' => $model,
                'bay' => $bay,
                'serial' => 'TQ'.strtoupper(substr($model, 0, 3)).sprintf('%05d', 40_117 + $at * 613),
            ]);
            $this->hours[$number] = $hours;
        }
        foreach (self::HIRERS as $at => $name) {
            // Numbers that are kept free for inventions.
            Customer::query()->create([
                'name' => $name,
                'phone' => sprintf('01632 960%03d', 114 + $at * 37),
                'mail' => strtolower(explode(' ', $name)[0]).'@hirers.example',
            ]);
        }
        Storage::disk('local')->put(
            PresentSession::DEMO_FILE,
            (string) json_encode(
                array_map(
                    static fn (array $person): array => [
                        'login' => $person[0],
                        'name' => $person[1],
                        'role' => $person[3]->value,
                        'password' => self::PASSWORD,
                    ],
                    self::PEOPLE,
                ),
            ),
        );
    }

    /** Who may work what, as the demo begins: Moss's telehandlers have run out, Rafe's platforms run out soon. */
    private function qualifications(): void
    {
        $years = [
            'ines' => ['earthmoving', 'lift_trucks', 'telehandlers', 'platforms', 'generators', 'turf'],
            'rafe' => ['earthmoving', 'lift_trucks', 'telehandlers', 'platforms', 'generators', 'turf'],
            'moss' => ['earthmoving', 'lift_trucks', 'telehandlers', 'generators', 'turf', 'repairs'],
            'dilys' => ['earthmoving', 'lift_trucks', 'telehandlers', 'platforms', 'generators', 'turf', 'repairs'],
        ];
        $days = ['moss telehandlers' => -9, 'rafe platforms' => 19];
        foreach ($years as $login => $all) {
            foreach ($all as $at => $qualification) {
                QualificationRecord::query()->create([
                    'user_id' => $this->people[$login]->id,
                    'qualification' => $qualification,
                    'proof' => 'card '.(20_417 + $at * 613).', seen',
                    'valid_until' => $this->clock->now
                        ->addDays($days["{$login} {$qualification}"] ?? 300 + $at * 97)
                        ->format('Y-m-d'),
                    'recorded_by_id' => $this->people['dilys']->id === $this->people[$login]->id
                            ? null
                            : $this->people['dilys']->id,
                    'recorded_at' => $this->clock->now->subDays(40),
                ]);
            }
        }
    }

    /** What the mechanic wrote down of some machines when the yard began to keep this record. */
    private function beforeThat(DemoWalker $walker, CatalogueRepository $shelf): void
    {
        $walker->at($this->clock->day(-8, '07:00'));
        $catalogue = $shelf->current();
        foreach (array_column(DemoService::MACHINES, 0) as $number) {
            $machine = Machine::query()->where('fleet_number', $number)->firstOrFail();
            $walker->tell($machine, $this->people['moss'], DemoService::of(
                $number,
                $this->hours[$number],
                $catalogue->programmeOf($catalogue->model($machine->model_id)),
                $this->clock->day(-8, '07:00'),
            ));
        }
    }

    /** Hires that went out and came back before today, all closed. */
    private function theWeekBehind(DemoWalker $walker): void
    {
        $week = [
            [-7, '07:40', -5, '15:10', 'E-14', 0, 18.4],
            [-7, '08:20', -6, '16:00', 'M-22', 3, 5.2],
            [-7, '09:10', -4, '11:30', 'E-05', 4, 24.0],
            [-6, '07:30', -3, '16:20', 'E-09', 5, 22.6],
            [-6, '10:00', -5, '12:15', 'S-31', 10, 6.1],
            [-5, '08:00', -2, '15:40', 'E-16', 8, 21.3],
            [-5, '09:30', -4, '14:00', 'G-07', 9, 21.0],
            [-4, '07:45', -1, '16:30', 'A-20', 7, 9.7],
            [-4, '08:30', -3, '13:30', 'F-25', 6, 3.8],
            [-3, '07:50', -1, '12:40', 'R-03', 10, 9.5],
            [-3, '09:00', -2, '17:00', 'E-07', 2, 12.2],
            [-2, '08:10', -1, '15:20', 'T-09', 3, 6.6],
        ];
        foreach ($week as $at => [$outDay, $outTime, $inDay, $inTime, $number, $hirer, $used]) {
            $technician = $this->people[$at % 2 === 0 ? 'ines' : 'rafe'];
            $hire = $this->hire(
                $number,
                $hirer,
                $this->clock->day($outDay, $outTime),
                $this->clock->day($inDay, $inTime),
                $technician,
                $technician,
            );
            $this->goOut($walker, $hire, $technician, $this->clock->day($outDay, $outTime)->subMinutes(55));
            $this->comeBackAndClose(
                $walker,
                $hire,
                $technician,
                $this->clock->day($inDay, $inTime)->addMinutes(6),
                $used,
            );
        }
    }

    /** Hires that went out earlier in the week and come back today. */
    private function stillOut(DemoWalker $walker): void
    {
        $out = [
            ['D-18', 10, -2, '08:30', $this->clock->ago(3.6), 'moss'],
            ['E-05', 1, -2, '07:40', $this->clock->ago(2.4), 'rafe'],
            ['E-11', 4, -3, '08:05', $this->clock->ago(1.6), 'ines'],
            ['R-03', 6, -1, '15:20', $this->clock->ago(0.4), null],
            ['L-07', 7, -2, '09:40', $this->clock->ahead(1.2), null],
            ['M-27', 6, -1, '08:50', $this->clock->ahead(2.6), 'moss'],
            ['T-06', 8, -1, '07:35', $this->clock->day(2, '16:00'), 'ines'],
        ];
        foreach ($out as [$number, $hirer, $day, $time, $back, $in]) {
            $leaves = $this->clock->day($day, $time);
            $hire = $this->hire(
                $number,
                $hirer,
                $leaves,
                $back,
                $this->people['ines'],
                $in === null ? null : $this->people[$in],
            );
            $walk = $this->walkOut($walker, $hire, $this->people['ines'], $leaves->subMinutes(58));
            if ($number === 'E-11') {
                $walker->tell($hire, $this->people['ines'], [
                    ['things.handed', self::things(['padlock' => 2, 'grease_gun' => 1])],
                ]);
                $walker->act($walk, $this->people['ines'], 'finding.placed', [
                    'at' => ['x' => 100, 'y' => 86],
                    'kind' => 'scrape',
                    'size_mm' => 180,
                    'words' => 'Cooler door, through the paint.',
                    'photos' => [$walker->photo($this->people['ines'], 7)->sha256],
                ]);
                $walker->act($walk, $this->people['ines'], 'finding.placed', [
                    'at' => ['x' => -330, 'y' => -8],
                    'kind' => 'scrape',
                    'size_mm' => 95,
                    'words' => 'Paint rub on the boom, no metal lost.',
                    'photos' => [],
                ]);
            }
            if ($number === 'T-06') {
                $walker->tell($hire, $this->people['ines'], [
                    ...DemoLimits::ofTheTelehandler(),
                    ['things.handed', self::things(['padlock' => 1, 'tie_down' => 4], ['tie_down' => 'C-21 to C-24'])],
                ]);
            }
            $this->release($walker, $walk, $this->people['ines'], $leaves);
        }
        $theirs = $this->hireOut('T-06');
        $walker->at($this->clock->ago(1.1));
        $link = app(MakeHirerLink::class)($theirs, $this->people['ines']);
        $walker->tell($theirs, $link, DemoHirer::saysOfTheTelehandler());
    }

    /** What has been done today by now. */
    private function thisMorning(DemoWalker $walker): void
    {
        $clock = $this->clock;
        $gone = $this->hire('S-31', 2, $clock->ago(2.6), $clock->day(3, '16:00'), $this->people['ines'], null);
        $this->goOut($walker, $gone, $this->people['ines'], $clock->ago(3.5));
        $late = $this->hire('G-07', 9, $clock->ago(1.4), $clock->day(1, '15:00'), $this->people['rafe'], null);
        $this->goOut($walker, $late, $this->people['rafe'], $clock->ago(2.1));

        $this->comeBackAndClose($walker, $this->hireOut('D-18'), $this->people['moss'], $clock->ago(3.4), 7.9);
        $this->tagAtReturn($walker, $this->hireOut('E-05'), $clock->ago(2.2));
        $this->damagedReturn($walker, $this->hireOut('E-11'), $clock->ago(1.3));

        $walking = $this->hire('E-14', 0, $clock->ahead(0.7), $clock->day(4, '15:30'), $this->people['ines'], null);
        $hours = $this->hours['E-14'];
        $walker->walk(
            $walking,
            Movement::Checkout,
            $clock->ago(0.28),
            $this->people['ines'],
            new DemoReadings(number_format($hours, 1, '.', '')),
            'hyd-level-glass',
        );
    }

    private function stillToCome(): void
    {
        $clock = $this->clock;
        $this->hire('M-22', 3, $clock->ahead(2.2), $clock->day(4, '12:00'), $this->people['rafe'], null);
        $this->hire('E-09', 4, $clock->ahead(3.0), $clock->day(6, '16:00'), null, null);
        $this->hire('M-27', 5, $clock->ahead(5.2), $clock->day(2, '14:00'), $this->people['moss'], null);
        $this->hire('A-20', 1, $clock->ahead(6.4), $clock->day(3, '16:00'), null, null);
        foreach (
            [
                ['P-05', 6, 4.9],
                ['G-02', 6, 5.2],
                ['F-20', 9, 5.5],
                ['J-20', 9, 5.6],
                ['R-05', 5, 5.9],
                ['K-26', 11, 6.1],
            ] as [$number, $hirer, $hours]
        ) {
            $this->hire($number, $hirer, $clock->ahead($hours), $clock->day(2, '15:00'), null, null);
        }
        $this->hire('E-18', 11, $clock->day(1, '07:30'), $clock->day(9, '16:00'), null, null);
        $this->hire('E-01', 8, $clock->day(1, '08:00'), $clock->day(5, '15:00'), null, null);
        $this->hire('M-33', 10, $clock->day(1, '09:30'), $clock->day(3, '15:00'), null, null);
        foreach (
            [
                ['X-04', 5],
                ['L-04', 0],
                ['T-09', 4],
                ['F-25', 6],
                ['A-38', 1],
                ['S-12', 2],
                ['N-09', 6],
                ['M-25', 10],
            ] as $at => [$number, $hirer]
        ) {
            $this->hire(
                $number,
                $hirer,
                $clock->day(1, sprintf('%02d:15', 7 + $at)),
                $clock->day(3, '15:00'),
                null,
                null,
            );
        }
        $this->hire('E-05', 7, $clock->day(1, '11:00'), $clock->day(4, '15:00'), null, null);
        $this->hire('M-31', 3, $clock->day(1, '13:30'), $clock->day(4, '12:00'), null, null);
    }

    private function tagAtReturn(DemoWalker $walker, Hire $hire, CarbonImmutable $from): void
    {
        $by = $this->people['rafe'];
        $walk = $walker->walk($hire, Movement::Return, $from, $by, $this->readings($hire, 14.6));
        $finding = $walker->act($walk, $by, 'finding.placed', [
            'at' => ['x' => -180, 'y' => -44],
            'kind' => 'cut',
            'size_mm' => 40,
            'words' => 'Boom ram hose cut to the wire, right side.',
            'photos' => [$walker->photo($by, 3)->sha256],
        ]);
        $walker->act($walk, $by, 'tag.hung', [
            'reason' => 'Boom ram hose cut to the wire. Replace the hose, run every function, read the oil again.',
            'reference' => $finding,
        ]);
    }

    private function damagedReturn(DemoWalker $walker, Hire $hire, CarbonImmutable $from): void
    {
        $by = $this->people['ines'];
        $walk = $walker->walk(
            $hire,
            Movement::Return,
            $from,
            $by,
            $this->readings($hire, 29.6, [
                'fuel-level' => '168',
                'def-level' => '21',
                'hyd-level-glass' => '30',
                'doc-key-label' => '2',
            ]),
        );
        foreach ($hire->machine->findings as $finding) {
            $walker->act($walk, $by, 'finding.seen_again', [
                'finding' => $finding->id,
                'size_mm' => $finding->size_mm === 180 ? 310 : (int) $finding->size_mm,
                'words' => $finding->size_mm === 180 ? 'Grown towards the hinge.' : '',
                'photos' => $finding->size_mm === 180 ? [$walker->photo($by, 11)->sha256] : [],
            ]);
        }
        $walker->act($walk, $by, 'finding.placed', [
            'at' => ['x' => 200, 'y' => -60],
            'kind' => 'dent',
            'size_mm' => 120,
            'words' => 'Counterweight, right rear corner, paint off.',
            'photos' => [$walker->photo($by, 5)->sha256],
        ]);
        $walker->tell($hire, $by, [['things.returned', self::things(['padlock' => 1, 'grease_gun' => 1])]]);
        $walker->act($walk, $by, 'release.decided', ['decision' => 'held', 'conditions' => []]);
    }

    /**
     * @param array<string, int> $counts by thing
     * @param array<string, string> $marks by thing
     * @return array{things: list<array<string, int|string>>}
     */
    private static function things(array $counts, array $marks = []): array
    {
        return ['things' => array_map(
            static fn (string $thing, int $count): array => ['thing' => $thing, 'count' => $count] + array_filter([
                'marks' => $marks[$thing] ?? null,
            ]),
            array_keys($counts),
            array_values($counts),
        )];
    }

    private function hire(
        string $number,
        int $hirer,
        CarbonImmutable $out,
        CarbonImmutable $back,
        ?User $outBy,
        ?User $inBy,
    ): Hire {
        return Hire::query()->create([
            'folio' => ++$this->folio,
            'machine_id' => Machine::query()->where('fleet_number', $number)->firstOrFail()->id,
            'customer_id' => Customer::query()->where('name', self::HIRERS[$hirer])->firstOrFail()->id,
            'goes_out_at' => $out,
            'comes_back_at' => $back,
            'out_assignee_id' => $outBy?->id,
            'in_assignee_id' => $inBy?->id,
        ]);
    }

    private function hireOut(string $number): Hire
    {
        return Hire::query()
            ->whereHas('machine', static fn ($machine) => $machine->where('fleet_number', $number))
            ->whereHas('state', static fn ($state) => $state->where('standing', 'out'))
            ->firstOrFail();
    }

    private function goOut(DemoWalker $walker, Hire $hire, User $by, CarbonImmutable $from): void
    {
        $this->release(
            $walker,
            $this->walkOut($walker, $hire, $by, $from),
            $by,
            $hire->goes_out_at->toImmutable()->max($from->addMinutes(50)),
        );
    }

    private function walkOut(DemoWalker $walker, Hire $hire, User $by, CarbonImmutable $from): Walk
    {
        return $walker->walk($hire, Movement::Checkout, $from, $by, $this->readings($hire, 0.0));
    }

    private function release(DemoWalker $walker, Walk $walk, User $by, CarbonImmutable $leaves): void
    {
        $walker->act($walk, $by, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $walker->handOver(
            $walk,
            $by,
            self::SIGNERS[$this->signer++ % count(self::SIGNERS)],
            $leaves->min($this->clock->now),
        );
    }

    private function comeBackAndClose(
        DemoWalker $walker,
        Hire $hire,
        User $by,
        CarbonImmutable $from,
        float $used,
    ): void {
        $walk = $walker->walk($hire, Movement::Return, $from, $by, $this->readings($hire, $used));
        $walker->act($walk, $by, 'release.decided', ['decision' => 'released', 'conditions' => []]);
        $walker->act($walk, $by, 'hire.closed', []);
    }

    /** @param  array<string, string>  $own */
    private function readings(Hire $hire, float $used, array $own = []): DemoReadings
    {
        $number = $hire->machine->fleet_number;
        $this->hours[$number] = round($this->hours[$number] + $used, 1);

        return new DemoReadings(number_format($this->hours[$number], 1, '.', ''), $own);
    }
}
