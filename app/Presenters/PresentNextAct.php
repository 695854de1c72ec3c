<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\Tag;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use JadeLedger\Core\Check\Movement;

/** The one act that a machine waits for: of all its hires, of the one that has come furthest. */
final readonly class PresentNextAct
{
    /** A hire that is nearer to its end is done with first; of those that are only booked, the next to leave. */
    private const ORDER = [
        HireStatus::Gone,
        HireStatus::WalkingIn,
        HireStatus::Out,
        HireStatus::Ready,
        HireStatus::Held,
        HireStatus::WalkingOut,
        HireStatus::Returned,
        HireStatus::Booked,
    ];

    public function __construct(private DayRow $row)
    {
    }

    /**
     * @param Collection<int, Hire> $hires of one machine, with customer, state, walks and machine
     * @return array<string, mixed>|null
     */
    public function of(Collection $hires, ?Tag $tag, CarbonImmutable $now): ?array
    {
        if ($tag !== null) {
            return [
                'act' => NextAct::ToTag->value,
                'hire_id' => null,
                'walk_id' => $tag->walk_id,
                'customer' => null,
                'at' => null,
            ];
        }
        $hire = $this->next($hires);
        $act = $hire === null ? null : self::act($hire->standing());
        if ($hire === null || $act === null) {
            return null;
        }
        $isOut = in_array($act, [NextAct::OpenOut, NextAct::GoOnOut, NextAct::HandOver], true);

        return [
            'act' => $act->value,
            'hire_id' => $hire->id,
            'walk_id' => $isOut || $act === NextAct::Settle ? $hire->state?->out_walk_id : $hire->state?->in_walk_id,
            'customer' => $hire->customer->name,
            'at' => match ($act) {
                NextAct::OpenOut => $this->startBy($hire, $hires, $now),
                NextAct::GoOnOut, NextAct::HandOver => Moment::text($hire->goes_out_at),
                NextAct::OpenIn => Moment::text($hire->comes_back_at),
                default => null,
            },
        ];
    }

    /** @param  Collection<int, Hire>  $hires */
    private function next(Collection $hires): ?Hire
    {
        $open = $hires->filter(static fn (Hire $hire): bool => in_array($hire->standing(), self::ORDER, true));

        return $open->sortBy([
            static fn (Hire $a, Hire $b): int => array_search($a->standing(), self::ORDER, true)
                <=> array_search($b->standing(), self::ORDER, true),
            static fn (Hire $a, Hire $b): int => $a->goes_out_at <=> $b->goes_out_at,
        ])->first();
    }

    private static function act(HireStatus $standing): ?NextAct
    {
        return match ($standing) {
            HireStatus::Gone => NextAct::Settle,
            HireStatus::WalkingIn => NextAct::GoOnIn,
            HireStatus::Out => NextAct::OpenIn,
            HireStatus::Ready => NextAct::HandOver,
            HireStatus::Held, HireStatus::WalkingOut => NextAct::GoOnOut,
            HireStatus::Returned => NextAct::Balance,
            HireStatus::Booked => NextAct::OpenOut,
            default => null,
        };
    }

    /** @param  Collection<int, Hire>  $hires */
    private function startBy(Hire $hire, Collection $hires, CarbonImmutable $now): string
    {
        return $this->row->of($hire, Movement::Checkout, $hires, [], $now)['start_by'];
    }
}
