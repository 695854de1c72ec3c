<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\HiresAhead;
use App\Ledger\ServiceOfMachine;
use App\Ledger\UseOfMachine;
use App\Models\Walk;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Service\DoneBy;
use JadeLedger\Core\Service\DueOnHire;
use JadeLedger\Core\Service\DuePoint;
use JadeLedger\Core\Service\DueState;

/** What the hirer's own people do to the machine while they have it: daily grease, levels, drains. */
final readonly class PresentDuties
{
    public function __construct(private ServiceOfMachine $service, private CurrentYard $yard)
    {
    }

    /** @return list<array<string, mixed>> the first of the hire first; what was never recorded begins with its first day */
    public function of(Walk $walk): array
    {
        $now = CarbonImmutable::now();
        $today = $this->service->day($now);
        $machine = $walk->machine->loadMissing('state');
        $use = UseOfMachine::of($machine);
        $moment = $now->toDateTimeImmutable();
        $hires = $machine->hires()->with('state')->limit(30)->get();
        $span = HiresAhead::of($hires->where('id', $walk->hire_id)->values(), $today, $this->yard->timezone());
        $rate = $use->rate($hires, $moment)->hoursPerDay ?? $use->forecast($moment)?->hoursPerDay;
        $duties = [];
        foreach ($this->service->schedule($machine, $now)->points as $point) {
            $first = self::firstDay($point, DueOnHire::first($point, $span, $today, $rate));
            if ($point->point->doneBy === DoneBy::Hirer && $first !== null) {
                $duties[] = [
                    'id' => $point->point->id,
                    'name' => $point->point->name,
                    'do' => $point->point->do,
                    'every' => [
                        'hours' => $point->point->every->hours?->text(),
                        'months' => $point->point->every->months,
                        'days' => $point->point->every->days,
                    ],
                    'first_day' => $first,
                ];
            }
        }
        usort($duties, static fn (array $a, array $b): int => $a['first_day'] <=> $b['first_day']);

        return $duties;
    }

    private static function firstDay(DuePoint $point, ?DueOnHire $onHire): ?int
    {
        return $point->state === DueState::NotKnown ? 1 : $onHire?->day;
    }
}
