<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\PointAhead;
use App\Ledger\ServiceHistory;
use App\Ledger\ServiceOfMachine;
use App\Models\Machine;
use App\Models\Walk;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Service\DoneBy;
use JadeLedger\Core\Service\DueState;

/** What the hirer's own people do to the machine while they have it: daily grease, levels, drains. */
final readonly class PresentDuties
{
    public function __construct(private ServiceOfMachine $service, private PresentServiceRound $round)
    {
    }

    /** @return list<array{id: string, name: string, do: string, first_day: mixed, ...}> the first of the hire first */
    public function of(Walk $walk): array
    {
        return $this->on($walk->hire_id, $walk->machine);
    }

    /** @return list<array{id: string, name: string, do: string, first_day: mixed, ...}> the first of the hire first */
    public function on(string $hireId, Machine $machine): array
    {
        $history = ServiceHistory::of($machine);
        $duties = [];
        foreach ($this->service->outlookOn($hireId, $history, CarbonImmutable::now())->points as $ahead) {
            $point = $ahead->point->point;
            $first = self::firstDay($ahead);
            if ($point->doneBy === DoneBy::Hirer && $first !== null) {
                $duties[] = [
                    'id' => $point->id,
                    'name' => $point->name,
                    'do' => $point->do,
                    'every' => PresentServicePoint::every($point),
                    'first_day' => $first,
                    'spots' => $this->round->of([$point], $machine->model_id)[$point->id]['spots'],
                ];
            }
        }
        usort($duties, static fn (array $a, array $b): int => $a['first_day'] <=> $b['first_day']);

        return $duties;
    }

    /** What was never recorded begins with the first day of the hire. */
    private static function firstDay(PointAhead $ahead): ?int
    {
        return $ahead->point->state === DueState::NotKnown ? 1 : $ahead->onHire?->day;
    }
}
