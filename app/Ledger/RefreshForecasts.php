<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Catalogue\CatalogueRepository;
use App\Models\Machine;
use App\Texts;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Service\DoneBy;
use JadeLedger\Core\Service\DueState;

/** Works out anew what the service of machines looks like, where readings, work, hires or the day have changed it. */
final readonly class RefreshForecasts
{
    private const AT_ONCE = 100;

    public function __construct(
        private CatalogueRepository $shelf,
        private ServiceOfMachine $service,
        private CurrentYard $yard,
    ) {
    }

    /**
     * @param int $most how many machines are done; those of which nothing is known yet come first
     * @return int how many are left
     */
    public function __invoke(int $most): int
    {
        $now = CarbonImmutable::now();
        $today = $this->yard->dayOf($now);
        for ($done = 0; $done < $most; $done += self::AT_ONCE) {
            $ids = Texts::of($this->stale($today)->orderByRaw('f.machine_id is not null')
                ->limit(min(self::AT_ONCE, $most - $done))->pluck('m.id'));
            if ($ids === []) {
                return 0;
            }
            $this->work($ids, $now, $today);
        }

        return $this->stale($today)->count();
    }

    /** Machines with a record whose forecast is not of today, not of this catalogue, or moved. */
    private function stale(CalendarDate $today): Builder
    {
        return DB::table('machines as m')
            ->leftJoin('service_forecasts as f', 'f.machine_id', '=', 'm.id')
            ->where('m.yard_id', $this->yard->id())
            ->whereNull('m.left_at')
            ->whereExists(static fn (Builder $one) => $one->select(DB::raw('1'))->from('service_records as r')
                ->whereColumn('r.machine_id', 'm.id'))
            ->where(fn (Builder $either) => $either->whereNull('f.machine_id')->orWhere('f.is_stale', true)
                ->orWhere('f.made_on', '<', $today->text())
                ->orWhere('f.catalogue_version', '<>', $this->shelf->current()->version));
    }

    /** @param  list<string>  $ids */
    private function work(array $ids, CarbonImmutable $now, CalendarDate $today): void
    {
        $forecasts = $ahead = [];
        $yard = (string) $this->yard->id();
        foreach (ServiceHistories::of($ids, $now) as $history) {
            $days = [];
            $outlook = $this->service->outlook($history, $now);
            foreach ($outlook->points as $point) {
                $day = self::day($point, $today);
                if ($day !== null) {
                    $days[] = $day;
                    $ahead[] = [
                        'machine_id' => $history->machine->id, 'yard_id' => $yard,
                        'point' => $point->point->point->id, 'day' => $day,
                    ];
                }
            }
            $notKnown = array_filter(
                $outlook->points,
                static fn (PointAhead $one): bool => $one->point->state === DueState::NotKnown,
            );
            $forecasts[] = [
                'machine_id' => $history->machine->id, 'yard_id' => $yard,
                'next_day' => $days === [] ? null : min($days),
                'clashes' => array_filter($outlook->points, self::isClash(...)) !== [],
                'not_known' => count($notKnown), 'is_stale' => false, 'made_on' => $today->text(),
                'catalogue_version' => $this->shelf->current()->version,
            ];
        }
        DB::transaction(static function () use ($ids, $forecasts, $ahead): void {
            // One after the other where two ask at once: both write the same.
            Machine::query()->whereIn('id', $ids)->orderBy('id')->lockForUpdate()->pluck('id');
            DB::table('service_ahead')->whereIn('machine_id', $ids)->delete();
            DB::table('service_forecasts')->whereIn('machine_id', $ids)->delete();
            DB::table('service_forecasts')->insert($forecasts);
            foreach (array_chunk($ahead, 500) as $rows) {
                DB::table('service_ahead')->insert($rows);
            }
        });
    }

    /** The day on which it is likely due; what is due by its hours is due today. */
    private static function day(PointAhead $ahead, CalendarDate $today): ?string
    {
        $days = $ahead->point->days();
        $isDue = $ahead->point->state->isDue();

        return $days === null && ! $isDue ? null : $today->plusDays(min($days ?? 0, $isDue ? 0 : PHP_INT_MAX))->text();
    }

    /** Work of the yard's that falls due while the machine is out. A duty of the hirer's is done on site. */
    public static function isClash(PointAhead $ahead): bool
    {
        return $ahead->onHire !== null && $ahead->point->point->doneBy === DoneBy::Yard;
    }
}
