<?php

declare(strict_types=1);

namespace App\Telematics;

use App\Actions\PostEntries;
use App\Ledger\Actor;
use App\Ledger\Kinds\FaultReported;
use App\Ledger\Kinds\TelematicsReported;
use App\Ledger\RawEntry;
use App\Ledger\SystemPart;
use App\Models\Finding;
use App\Models\Machine;
use App\Models\TelematicsAside;
use App\Models\TelematicsContact;
use App\Models\TelematicsReport;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Telematics\JudgeReport;
use JadeLedger\Core\Telematics\MachineReport;
use JadeLedger\Core\Telematics\ReportedFault;
use JadeLedger\Core\Telematics\ReportVerdict;
use JadeLedger\Core\Telematics\TimedHours;
use JadeLedger\Core\Telematics\WhyNotPlaced;
use Ramsey\Uuid\Uuid;

/** What one machine says of itself: written into its chain where it is news, put aside where it cannot be. */
final readonly class TakeReport
{
    private const LONGEST_NAMES = 200;

    /** A machine that stands says so once a day, and not every quarter of an hour. */
    private const QUIET_HOURS = 24;

    public function __construct(
        private MatchMachine $match,
        private PostEntries $post,
        private CurrentYard $yard,
    ) {
    }

    public function __invoke(MachineReport $report, CarbonImmutable $now): Taken
    {
        $machine = ($this->match)($report);
        if ($machine instanceof WhyNotPlaced) {
            return $this->aside($report, $machine, null, $now);
        }
        $this->heard($report, $machine, $now);
        $last = TelematicsReport::lastOf($machine->id)?->timed();
        $verdict = $report->hours === null
            ? ReportVerdict::aside(WhyNotPlaced::NoHours)
            : (new JudgeReport($last, $now->toDateTimeImmutable()))->judge($report->hours);
        $entries = array_map(
            fn (ReportedFault $fault): \stdClass => $this->fault($fault, $now),
            $this->newFaults($report, $machine),
        );
        if ($report->hours !== null && self::isNews($verdict, $last, $report->hours)) {
            $entries[] = $this->hours($report->hours, $machine, $now);
        }
        $this->write($entries, $machine);

        // Hours that cannot be hide no fault: what else it says is taken in.
        return match (true) {
            $verdict->aside !== null => $this->aside($report, $verdict->aside, $machine, $now),
            $entries === [] => Taken::Known,
            default => Taken::New,
        };
    }

    /** @param  list<\stdClass>  $entries */
    private function write(array $entries, Machine $machine): void
    {
        if ($entries === []) {
            return;
        }
        $this->yard->stepInto(Yard::query()->findOrFail($machine->yard_id));
        try {
            foreach (($this->post)($machine, $entries, Actor::system(SystemPart::Telematics)) as $result) {
                if ($result->problem !== null) {
                    throw new \LogicException("A report that was judged is refused: {$result->problem->type}.");
                }
            }
        } finally {
            $this->yard->leave();
        }
    }

    private static function isNews(ReportVerdict $verdict, ?TimedHours $last, TimedHours $said): bool
    {
        return $verdict->ran !== null && ($last === null || ! $verdict->ran->isZero()
            || $said->at->getTimestamp() - $last->at->getTimestamp() >= self::QUIET_HOURS * 3_600);
    }

    /** The same report makes the same entry, whoever sends it how often. */
    private function hours(TimedHours $said, Machine $machine, CarbonImmutable $now): \stdClass
    {
        $at = CarbonImmutable::instance($said->at)->toIso8601ZuluString();
        $hours = (string) $said->hours->in(Unit::Hour)->decimal(4, RoundingMode::HALF_UP);

        return RawEntry::of(
            TelematicsReported::name(),
            ['hours' => $hours, 'at' => $at],
            $now,
            Uuid::uuid5($machine->id, "telematics {$at} {$hours}")->toString(),
        );
    }

    /** @return list<ReportedFault> those that are not on the machine's list already, as long as nobody mended them */
    private function newFaults(MachineReport $report, Machine $machine): array
    {
        if ($report->faults === []) {
            return [];
        }
        $open = Finding::query()->where('machine_id', $machine->id)->where('is_struck', false)->whereNull('mended_at')
            ->whereNotNull('fault')->pluck('fault')->all();

        return array_values(array_filter(
            $report->faults,
            static fn (ReportedFault $fault): bool => ! in_array(self::short($fault->identifier), $open, true),
        ));
    }

    private function fault(ReportedFault $fault, CarbonImmutable $now): \stdClass
    {
        $words = mb_substr(trim($fault->words ?? ''), 0, 300);

        return RawEntry::of(FaultReported::name(), [
            'identifier' => self::short($fault->identifier),
            ...($words === '' ? [] : ['words' => $words]),
        ], $now);
    }

    private function heard(MachineReport $report, Machine $machine, CarbonImmutable $now): void
    {
        TelematicsContact::query()->updateOrCreate(['machine_id' => $machine->id], [
            'heard_at' => $now,
            'said_at' => $report->saidAt,
            'fuel_percent' => $report->fuelPercent,
            'exhaust_fluid_percent' => $report->exhaustFluidPercent,
            'latitude' => $report->position?->latitude,
            'longitude' => $report->position?->longitude,
            'is_running' => $report->isRunning,
            'faults' => array_map(static fn (ReportedFault $fault): array => [
                'identifier' => self::short($fault->identifier),
                'words' => $fault->words,
                'level' => $fault->level()->value,
            ], $report->faults),
        ]);
    }

    private function aside(MachineReport $report, WhyNotPlaced $why, ?Machine $machine, CarbonImmutable $now): Taken
    {
        $names = mb_substr($report->names(), 0, self::LONGEST_NAMES);
        $said = $report->hours === null
            ? ''
            : $report->hours->hours->in(Unit::Hour)->decimal(1, RoundingMode::HALF_UP).' h, '
                .$report->hours->at->format('Y-m-d H:i \U\T\C');
        $row = TelematicsAside::query()->firstOrNew(
            ['same' => hash('sha256', "{$names}\n{$why->value}")],
            [
                'id' => (string) Str::uuid7(),
                'machine_id' => $machine?->id,
                'names' => $names,
                'why' => $why,
                'first_at' => $now,
                'times' => 0,
            ],
        );
        $row->fill(['said' => $said, 'last_at' => $now, 'times' => $row->times + 1])->save();

        return Taken::Aside;
    }

    private static function short(string $identifier): string
    {
        return mb_substr($identifier, 0, 60);
    }
}
