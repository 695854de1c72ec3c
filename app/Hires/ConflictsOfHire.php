<?php

declare(strict_types=1);

namespace App\Hires;

use App\Catalogue\CatalogueRepository;
use App\Catalogue\PlanCache;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\Machine;
use App\Models\MachinePaper;
use App\Models\MachineStanding;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Hire\Availability;
use JadeLedger\Core\Hire\BookedHire;
use JadeLedger\Core\Hire\DatedPaper;
use JadeLedger\Core\Hire\FindHireConflicts;
use JadeLedger\Core\Hire\HireConflict;
use JadeLedger\Core\Hire\HirePeriod;

/** What stands in the way of a hire of a machine, from what the yard knows of both. */
final readonly class ConflictsOfHire
{
    /** Hires that are over, or will not be. */
    private const OVER = [HireStatus::Returned, HireStatus::Closed, HireStatus::Cancelled, HireStatus::Stopped];

    /** A hire that should have been back so long ago is a matter of its own. */
    private const LOOKS_BACK_DAYS = 400;

    public function __construct(private CatalogueRepository $shelf, private PlanCache $plans, private CurrentYard $yard)
    {
    }

    /**
     * @param Hire|null $itself the hire that is changed
     * @return list<HireConflict>
     */
    public function of(Machine $machine, HirePeriod $wanted, ?Hire $itself = null): array
    {
        $now = CarbonImmutable::now();

        return $this->rules($machine)->of(
            $wanted,
            $this->others($machine, $itself, $now),
            self::availability($machine),
            $now->toDateTimeImmutable(),
            $this->papers($machine),
        );
    }

    /** When the walk out has to begin at the latest. */
    public function latestStart(Machine $machine, HirePeriod $wanted): CarbonImmutable
    {
        return CarbonImmutable::instance($wanted->from)->subSeconds($this->outSeconds($machine));
    }

    private function rules(Machine $machine): FindHireConflicts
    {
        return new FindHireConflicts(
            $this->plans->seconds($machine->model_id, Movement::Return),
            $this->outSeconds($machine),
        );
    }

    private function outSeconds(Machine $machine): int
    {
        return $this->plans->seconds($machine->model_id, Movement::Checkout)
            + $this->shelf->current()->houseRules->handoverMarginMinutes * 60;
    }

    /** @return list<BookedHire> */
    private function others(Machine $machine, ?Hire $itself, CarbonImmutable $now): array
    {
        $query = Hire::query()->with('state')->where('machine_id', $machine->id)->whereNull('cancelled_at')
            ->where('comes_back_at', '>', $now->subDays(self::LOOKS_BACK_DAYS));
        if ($itself !== null) {
            $query->whereKeyNot($itself->id);
        }
        // Locked, so that it is what was committed last, and not what this transaction saw when it began.
        $query->getQuery()->sharedLock();
        $others = $query->get()->reject(static fn (Hire $hire): bool => in_array($hire->standing(), self::OVER, true));

        return array_values($others->map(static function (Hire $hire) use ($now): BookedHire {
            $isOverdue = $hire->comes_back_at->lessThan($now);

            return new BookedHire(
                $hire->folio,
                self::period($hire->goes_out_at, $isOverdue ? $now : $hire->comes_back_at),
                $isOverdue,
            );
        })->all());
    }

    /** @return list<DatedPaper> */
    private function papers(Machine $machine): array
    {
        $dated = [];
        foreach (MachinePaper::ofMachine($machine->id) as $paper) {
            if ($paper->valid_until !== null) {
                $end = CarbonImmutable::parse(
                    $paper->valid_until->format('Y-m-d'),
                    $this->yard->timezone(),
                )->endOfDay();
                $dated[] = new DatedPaper($paper->kind->value, $end->toDateTimeImmutable());
            }
        }

        return $dated;
    }

    private static function period(CarbonInterface $from, CarbonInterface $until): HirePeriod
    {
        $from = $from->toDateTimeImmutable();
        $until = $until->toDateTimeImmutable();

        return HirePeriod::between($from, $until > $from ? $until : $from->modify('+1 second'));
    }

    private static function availability(Machine $machine): Availability
    {
        return match (true) {
            $machine->left_at !== null => Availability::Left,
            $machine->tags()->exists() => Availability::Tagged,
            $machine->state?->standing === MachineStanding::Held => Availability::Held,
            default => Availability::Free,
        };
    }
}
