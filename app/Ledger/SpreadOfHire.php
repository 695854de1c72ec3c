<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Contract\JsonObject;
use App\Models\Finding;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\Reading;
use App\Models\SpreadExplanation;
use App\Models\TopUpRecord;
use App\Models\WalkLine;
use App\Texts;
use Illuminate\Support\Arr;
use Illuminate\Support\Collection;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Spread\Entry;
use JadeLedger\Core\Spread\FindingLine;
use JadeLedger\Core\Spread\InColumn;
use JadeLedger\Core\Spread\ReadingLine;
use JadeLedger\Core\Spread\Spread;
use JadeLedger\Core\Spread\TopUpInYard;
use JadeLedger\Core\Verdict\Outcome;
use JadeLedger\Core\Verdict\TopUp;

/** Gathers both columns of a hire for the core. */
final readonly class SpreadOfHire
{
    public function __construct(private HourMeterOfMachine $meter, private ThingsOfHire $things)
    {
    }

    public function __invoke(Hire $hire): Spread
    {
        $readings = $this->inOrder($hire);
        $column = in_array($hire->standing(), [HireStatus::Returned, HireStatus::Closed], true)
            ? InColumn::Finished
            : InColumn::Open;

        return new Spread(
            [...$this->readings($readings, $column, $this->dueIn($hire)), ...$this->things->lines($hire->id, $column)],
            $this->findings($hire, $column),
            array_values(
                SpreadExplanation::query()
                    ->where('hire_id', $hire->id)
                    ->get()
                    ->map(static fn (SpreadExplanation $explanation): string => $explanation->line)
                    ->all(),
            ),
        );
    }

    /**
     * As they were read, and behind them what the line of the walk says: a tablet that was out of reach may send the
     * earlier reading last, and the spread says what was seen at the signature.
     *
     * @return Collection<int, Reading>
     */
    private function inOrder(Hire $hire): Collection
    {
        $readings = ReadingsOfHire::all($hire->id)->where('is_valid', true)->where('is_struck', false);
        $said = WalkLine::query()->whereIn('walk_id', $readings->pluck('walk_id')->unique()->all())
            ->whereIn('entry_id', $readings->pluck('id')->all())->pluck('entry_id')->flip();

        return $readings->sortBy(static fn (Reading $one): bool => $said->has($one->id))->values();
    }

    /**
     * The lines that the return walk asks for; all of them as long as there is none.
     *
     * @return list<string>|null
     */
    private function dueIn(Hire $hire): ?array
    {
        $inWalk = $hire->state?->in_walk_id;

        return $inWalk === null
            ? null
            : Texts::of(WalkLine::query()->where('walk_id', $inWalk)->pluck('key'));
    }

    /**
     * @param Collection<int, Reading> $readings
     * @param list<string>|null $dueIn
     * @return list<ReadingLine>
     */
    private function readings(Collection $readings, InColumn $column, ?array $dueIn): array
    {
        $lines = [];
        foreach ($readings->groupBy('line') as $key => $ofLine) {
            $back = $this->entries($ofLine, Movement::Return);
            $toppedUp = TopUpInYard::among($back, $this->measured($ofLine));
            $lines[] = new ReadingLine(
                (string) $key,
                // As it was read: the house rules of today may not know the line any more.
                AnswerKind::from(self::kindOf($ofLine->last())),
                Arr::last($this->entries($ofLine, Movement::Checkout)),
                $toppedUp->asReturned ?? Arr::last($back),
                $dueIn !== null && ! in_array((string) $key, $dueIn, true) ? InColumn::NotAsked : $column,
                $toppedUp,
                $this->meterChange($ofLine),
            );
        }

        return $lines;
    }

    /**
     * What somebody measured and filled in between the first and the last reading of the return.
     *
     * @param Collection<int, Reading> $ofLine
     */
    private function measured(Collection $ofLine): ?Quantity
    {
        $back = $ofLine->where('movement', Movement::Return);
        $first = $back->first();
        $last = $back->last();
        if ($first === null || $last === null || $first->id === $last->id) {
            return null;
        }
        $litres = TopUpRecord::query()->toBase()
            ->where('machine_id', $first->machine_id)
            ->where('line', $first->line)
            ->whereBetween('at', [
                $first->recorded_at->format('Y-m-d H:i:s.u'),
                $last->recorded_at->format('Y-m-d H:i:s.u'),
            ])
            ->sum('litres');
        $volume = Quantity::of((string) $litres, Unit::Litre);

        return $volume->isZero() ? null : $volume;
    }

    /** @param  Collection<int, Reading>  $ofLine */
    private function meterChange(Collection $ofLine): ?Quantity
    {
        $out = $ofLine->where('movement', Movement::Checkout)->last();
        $in = $ofLine->where('movement', Movement::Return)->last();
        $kind = AnswerKind::tryFrom(self::kindOf($in));
        if ($out === null || $in === null || ! in_array($kind, [AnswerKind::HourMeter, AnswerKind::WorkMeter], true)) {
            return null;
        }
        $change = $this->meter->changedBetween(
            $in->machine_id,
            $out->recorded_at,
            $in->recorded_at,
            Meter::readBy($kind),
        );

        return $change->isZero() ? null : $change;
    }

    /**
     * @param Collection<int, Reading> $ofLine
     * @return list<Entry> in order; the last one of a column is the one that counts
     */
    private function entries(Collection $ofLine, Movement $column): array
    {
        return array_values($ofLine->where('movement', $column)->map($this->entry(...))->all());
    }

    private static function kindOf(?Reading $reading): string
    {
        return JsonObject::of($reading->judgement ?? [])->optionalString('kind') ?? '';
    }

    private function entry(Reading $reading): Entry
    {
        $verdict = JsonObject::of($reading->judgement)->object('verdict');
        $topUp = $verdict->optionalObject('top_up');

        return new Entry(
            $reading->quantity(),
            Outcome::from($verdict->string('outcome')),
            $verdict->flag('is_disputed'),
            $topUp === null
                ? null
                : new TopUp(
                    Quantity::of($topUp->string('litres'), Unit::Litre),
                    $topUp->string('fluid'),
                    $topUp->integer('reread_after_minutes'),
                ),
        );
    }

    /** @return list<FindingLine> */
    private function findings(Hire $hire, InColumn $column): array
    {
        $outWalk = $hire->state?->out_walk_id;
        $inWalk = $hire->state?->in_walk_id;
        $leftAt = $hire->state?->out_at;
        $lines = [];
        foreach (
            Finding::query()
                ->with('sightings')
                ->where('machine_id', $hire->machine_id)
                ->where('is_struck', false)
                ->orderBy('number')
                ->get() as $finding
        ) {
            if ($finding->mended_at !== null && ($leftAt === null || ! $finding->mended_at->greaterThan($leftAt))) {
                continue;
            }
            $isNew = $inWalk !== null && $finding->walk_id === $inWalk;
            if (! $isNew && ($leftAt === null || $finding->recorded_at->greaterThan($leftAt))) {
                continue;
            }
            $before = $finding->sightings
                ->filter(
                    static fn ($sighting): bool => $sighting->walk_id !== $inWalk &&
                        ($sighting->walk_id === $outWalk ||
                            $sighting->recorded_at->lessThanOrEqualTo($leftAt ?? $sighting->recorded_at)),
                )
                ->last();
            $again = $finding->sightings->where('walk_id', $inWalk)->last();
            $lines[] = new FindingLine(
                $finding->id,
                // What nobody measured at Out is taken as it was measured since: a difference cannot be said.
                $isNew
                    ? null
                    : Quantity::of($before->size_mm ?? ($finding->size_mm ?? ($again->size_mm ?? 0)), Unit::Millimetre),
                $isNew
                    ? Quantity::of($finding->size_mm ?? 0, Unit::Millimetre)
                    : ($again === null
                        ? null
                        : Quantity::of($again->size_mm ?? 0, Unit::Millimetre)),
                $column,
            );
        }

        return $lines;
    }
}
