<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Hire;
use App\Models\Machine;
use App\Models\MeterChange;
use App\Models\MeterReadingRecord;
use App\Models\Reading;
use App\Models\TelematicsReport;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Support\Collection;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Hire\HirePeriod;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Meter\MeterPoint;
use JadeLedger\Core\Meter\UsageRate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Service\MeterForecast;
use JadeLedger\Core\Telematics\MeterAgreement;
use JadeLedger\Core\Telematics\TimedHours;

/** How a machine is used, by its hour meter: hours a day on hire, and the hours that it ran on each hire. */
final readonly class UseOfMachine
{
    /** More than the half-year that a forecast looks at, and than thirty days on hire mostly take. */
    private const LOOKS_BACK_DAYS = 400;

    /**
     * @param list<ReadOnHire> $reads on walks, the oldest first
     * @param list<MeterPoint> $beside read beside a walk
     * @param list<MeterPoint> $reported by the machine since its meter was read last
     */
    private function __construct(
        private array $reads,
        private array $beside,
        public array $reported,
        public MeterOffsets $offsets,
        private Meter $meter,
    ) {
    }

    public static function of(Machine $machine, Meter $meter = Meter::Main): self
    {
        return self::ofAll([$machine->id], $meter)[$machine->id];
    }

    /**
     * @param list<string> $machines ids
     * @return array<string, self> by machine
     */
    public static function ofAll(array $machines, Meter $meter = Meter::Main): array
    {
        $since = CarbonImmutable::now()->subDays(self::LOOKS_BACK_DAYS)->format('Y-m-d H:i:s.u');
        $changes = MeterChange::query()->where('meter', $meter)->whereIn('machine_id', $machines)->get()
            ->groupBy('machine_id');
        $readings = Reading::countedHours($meter)
            ->whereIn('machine_id', $machines)
            ->where('recorded_at', '>=', $since)
            ->orderBy('recorded_at')
            ->get(['machine_id', 'hire_id', 'movement', 'value', 'unit', 'recorded_at'])
            ->groupBy('machine_id');
        $beside = MeterReadingRecord::of($meter)->whereIn('machine_id', $machines)->where('at', '>=', $since)
            ->orderBy('at')->get()->groupBy('machine_id');
        // A machine reports of itself what its main meter counts.
        $reports = $meter !== Meter::Main ? new Collection : TelematicsReport::query()
            ->whereIn('machine_id', $machines)->where('at', '>=', $since)
            ->orderBy('at')->get()->groupBy('machine_id');
        $uses = [];
        foreach ($machines as $id) {
            $uses[$id] = self::from(
                $readings->get($id) ?? new Collection,
                $beside->get($id) ?? new Collection,
                $reports->get($id) ?? new Collection,
                new MeterOffsets($changes->get($id) ?? new Collection),
                $meter,
            );
        }

        return $uses;
    }

    /**
     * @param Collection<int, Reading> $readings
     * @param Collection<int, MeterReadingRecord> $beside
     * @param Collection<int, TelematicsReport> $reports
     */
    private static function from(
        Collection $readings,
        Collection $beside,
        Collection $reports,
        MeterOffsets $offsets,
        Meter $meter,
    ): self {
        $point = static fn (CarbonInterface $at, Quantity $shows): MeterPoint => new MeterPoint(
            $at->toDateTimeImmutable(),
            $shows->plus($offsets->at($at)),
        );

        $use = new self(
            array_values($readings->map(static fn (Reading $reading): ReadOnHire => new ReadOnHire(
                $reading->hire_id,
                $reading->movement,
                $point($reading->recorded_at, $reading->quantity()),
            ))->all()),
            array_values($beside->map(static fn (MeterReadingRecord $read): MeterPoint => $point(
                $read->at,
                Quantity::of($read->hours, Unit::Hour),
            ))->all()),
            [],
            $offsets,
            $meter,
        );

        return $use->withReports($reports);
    }

    /**
     * The reports since the meter was read last, one a day; none where the two counters tell of different hours.
     *
     * @param Collection<int, TelematicsReport> $reports
     */
    private function withReports(Collection $reports): self
    {
        $last = $this->lastRead();
        if ($last === null) {
            return $this;
        }
        $read = new TimedHours($last->hours, $last->at);
        $since = $reports->filter(static fn (TelematicsReport $report): bool => $report->at > $last->at
            && ! $report->timed()->hours->isLessThan($last->hours)
            && MeterAgreement::between($read, $report->timed())->holds());
        $daily = $since->keyBy(static fn (TelematicsReport $report): string => $report->at->format('Y-m-d'));

        return new self($this->reads, $this->beside, array_values($daily->map(
            static fn (TelematicsReport $report): MeterPoint => new MeterPoint(
                $report->at->toDateTimeImmutable(),
                $report->timed()->hours,
            ),
        )->all()), $this->offsets, $this->meter);
    }

    /** Its meter as somebody read it last. */
    public function lastRead(): ?MeterPoint
    {
        $read = [...array_column($this->reads, 'point'), ...$this->beside];
        usort($read, static fn (MeterPoint $a, MeterPoint $b): int => $a->at <=> $b->at);

        return $read === [] ? null : $read[count($read) - 1];
    }

    /** What it has run in all as far as is known: by its meter, or by what it reported since that was read. */
    public function inAll(Machine $machine): ?Quantity
    {
        if ($this->meter !== Meter::Main) {
            return $this->lastRead()?->hours;
        }
        $reported = $this->reported === [] ? null : $this->reported[count($this->reported) - 1]->hours;

        return $reported ?? $this->offsets->inAll($machine);
    }

    /** @return list<MeterPoint> the oldest first */
    public function points(): array
    {
        $points = [...array_column($this->reads, 'point'), ...$this->beside, ...$this->reported];
        usort($points, static fn (MeterPoint $a, MeterPoint $b): int => $a->at <=> $b->at);

        return $points;
    }

    public function forecast(\DateTimeImmutable $now): ?MeterForecast
    {
        return MeterForecast::from($this->points(), $now);
    }

    /**
     * @param Collection<int, Hire> $hires with their states
     * @param \DateTimeImmutable $now until then a machine that is out has been out
     */
    public function rate(Collection $hires, \DateTimeImmutable $now): ?UsageRate
    {
        $out = $hires->flatMap(static function (Hire $hire) use ($now): array {
            $from = $hire->state?->out_at?->toDateTimeImmutable();
            $until = $hire->state?->in_at?->toDateTimeImmutable() ?? $now;

            return $from === null || $until <= $from ? [] : [HirePeriod::between($from, $until)];
        });

        return UsageRate::onHire($this->points(), array_values($out->all()));
    }

    /** What the machine ran on a hire; none while it was not read both when it left and when it came back. */
    public function hoursOn(Hire $hire): ?Quantity
    {
        [$out, $in] = [$this->last($hire, Movement::Checkout), $this->last($hire, Movement::Return)];

        return $out === null || $in === null ? null : $in->point->hours->minus($out->point->hours);
    }

    private function last(Hire $hire, Movement $movement): ?ReadOnHire
    {
        $of = array_filter(
            $this->reads,
            static fn (ReadOnHire $read): bool => $read->hireId === $hire->id && $read->movement === $movement,
        );

        return $of === [] ? null : $of[array_key_last($of)];
    }
}
