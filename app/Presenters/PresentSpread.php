<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Catalogue\CatalogueWords;
use App\Catalogue\LineName;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\ReadingsOfHire;
use App\Ledger\SpreadOfHire;
use App\Ledger\ThingsOfHire;
use App\Models\Finding;
use App\Models\Hire;
use App\Models\Reading;
use App\Models\SpreadExplanation;
use App\Models\Walk;
use App\Models\WalkLine;
use App\Models\WalkPlanRecord;
use App\Words;
use Brick\Math\RoundingMode;
use Illuminate\Database\Eloquent\Collection;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\CountedThing;
use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Spread\Balance;
use JadeLedger\Core\Spread\Charge;
use JadeLedger\Core\Spread\FindingLine;
use JadeLedger\Core\Spread\ReadingLine;
use JadeLedger\Core\Spread\TopUpInYard;
use JadeLedger\Core\Verdict\Outcome;

/** Out, In and Difference of one hire, with what was struck left legible. */
final readonly class PresentSpread
{
    public function __construct(
        private SpreadOfHire $spread,
        private CatalogueRepository $shelf,
        private ThingsOfHire $things,
        private PresentThings $along,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Hire $hire): array
    {
        $hire->load(['machine', 'customer', 'state', 'walks.openedBy']);
        $out = $hire->walks->firstWhere('movement', Movement::Checkout);
        $in = $hire->walks->firstWhere('movement', Movement::Return);
        // A machine that was out already has no walk out; its spread begins with the walk in.
        $last = $in ?? $out ?? throw ApiProblem::because(ProblemName::NothingOutYet, 409);
        $plan = WalkPlanRecord::query()->where('walk_id', $last->id)->firstOrFail(['catalogue_version']);
        $catalogue = $this->shelf->version($plan->catalogue_version);
        $model = $catalogue->model($hire->machine->model_id);
        $family = $catalogue->family($model->familyId);
        $spread = ($this->spread)($hire);
        $said = SpreadExplanation::query()->with('actor')
            ->where('hire_id', $hire->id)
            ->orderBy('recorded_at')
            ->get()
            ->keyBy('line');
        $explanations = $said
            ->map(
                static fn (SpreadExplanation $one): array => [
                    'words' => $one->words,
                    'by' => PresentPerson::of($one->actor),
                    'at' => Moment::text($one->recorded_at),
                    'charge' => self::charge($one->charged()),
                ],
            )->all();
        $readings = ReadingsOfHire::all($hire->id);
        $findings = Finding::query()
            ->with(['actor', 'sightings'])
            ->where('machine_id', $hire->machine_id)
            ->get()
            ->keyBy('id');

        return [
            'hire_id' => $hire->id,
            'folio' => $hire->folio,
            'machine' => [
                'id' => $hire->machine_id,
                'fleet_number' => $hire->machine->fleet_number,
                'maker' => $model->maker,
                'model' => $model->name,
                'describes' => $model->describes,
            ],
            'customer' => $hire->customer->name,
            'out_at' => Moment::orNull($hire->state?->out_at),
            'in_at' => Moment::orNull($hire->state?->in_at),
            'out_by' => PresentPerson::orNull($out?->openedBy),
            'in_by' => PresentPerson::orNull($in?->openedBy),
            'out_walk_id' => $out?->id,
            'in_walk_id' => $in?->id,
            'drawing' => $family->drawing,
            'parts' => PresentPlan::parts($family),
            'outline' => PresentPlan::box($family->outline),
            'readings' => $this->inWalkingOrder(
                array_map(
                    fn (ReadingLine $line): array => [
                        'name' => $this->name($line->key, $catalogue, $family),
                    ] + $this->reading($line, $catalogue, $readings, $explanations),
                    $spread->readings,
                ),
                $last,
            ),
            'findings' => array_map(
                fn (FindingLine $line): array => $this->finding(
                    $line,
                    $findings->get($line->findingId) ??
                        throw new \LogicException('A finding of the spread is not on the machine.'),
                    $in,
                    $explanations,
                ),
                $spread->findings,
            ),
            'things' => $this->along->of($hire),
            'to_service' => $this->toService($in, $catalogue),
            'charged' => array_map(self::charge(...), Charge::sums(array_values(array_filter(
                $said->map(static fn (SpreadExplanation $one): ?Charge => $one->charged())->all(),
            )))),
            'unexplained' => $in === null ? [] : $spread->unexplained(),
            'may_be_closed' => $hire->standing()->value === 'returned' && $spread->mayBeClosed(),
            'standing' => $hire->standing()->value,
            'decision' => $in?->decision?->value,
            'tag' => PresentTag::hangingOn($hire->machine_id),
            'closed_at' => Moment::orNull($hire->state?->closed_at),
        ];
    }

    /** @return array{amount: string, currency: string}|null */
    private static function charge(?Charge $charge): ?array
    {
        return $charge === null ? null : ['amount' => (string) $charge->amount, 'currency' => $charge->currency];
    }

    /**
     * @param Collection<int, Reading> $readings
     * @param array<array-key, array<string, mixed>> $explanations
     * @return array{group: string, key: string, ...}
     */
    private function reading(ReadingLine $line, Catalogue $catalogue, Collection $readings, array $explanations): array
    {
        $mine = $readings->where('line', $line->key);
        $counted = $mine->where('is_valid', true)->where('is_struck', false)->last();
        $struck = $mine->where('is_struck', true)->map(static fn (Reading $reading): array => [
            'out' => $reading->movement === Movement::Checkout ? Figure::plain($reading->value) : null,
            'in' => $reading->movement === Movement::Return ? Figure::plain($reading->value) : null,
            'because' => (string) $reading->struck_because,
            'at' => Moment::text($reading->struck_at ?? $reading->recorded_at),
        ]);

        return [
            'key' => $line->key,
            'group' => $this->isThing($line->key)
                ? Words::say('words.handed_out')
                : $catalogue->check(explode('@', $line->key)[0])->group,
            'unit' => $counted->unit ?? ($this->isThing($line->key) ? Unit::Piece->value : ''),
            'out' => $line->out === null
                    ? null
                    : ['value' => $this->figure($line->out->value), 'outcome' => $line->out->outcome->value],
            'in' => $line->in === null
                    ? null
                    : ['value' => $this->figure($line->in->value), 'outcome' => $line->in->outcome->value],
            'difference' => $line->difference === null ? null : $this->figure($line->difference),
            'balance' => $line->balance->value,
            'words' => $this->words($line, $counted),
            'outcome' => match (true) {
                $line->balance->needsExplaining() => Outcome::Attend->value,
                $line->balance === Balance::NotYetIn => Outcome::Open->value,
                default => (
                    $line->toppedUp->filled->outcome
                    ?? $line->in->outcome
                    ?? $line->out->outcome
                    ?? Outcome::Open
                )->value,
            },
            'topped_up' => $this->toppedUp($line->toppedUp),
            'meter_change' => $line->meterChange?->text(),
            'explanation' => $explanations[$line->key] ?? null,
            'struck' => array_values($struck->all()),
        ];
    }

    /** @return array<string, string|bool>|null */
    private function toppedUp(?TopUpInYard $topUp): ?array
    {
        return $topUp === null ? null : [
            'to' => $this->figure($topUp->filled->value),
            'litres' => $this->figure($topUp->volume()),
            'fluid' => $topUp->asked->fluid,
            'is_measured' => $topUp->measured !== null,
        ];
    }

    /** The check, and where it is done when it is done in several places. */
    private function name(string $key, Catalogue $catalogue, Family $family): string
    {
        if ($this->isThing($key)) {
            return CatalogueWords::say($this->things->name(substr($key, strlen(CountedThing::LINE))));
        }

        return LineName::of($key, $catalogue, $family);
    }

    private function isThing(string $key): bool
    {
        return str_starts_with($key, CountedThing::LINE);
    }

    private function figure(Quantity $quantity): string
    {
        return $quantity->text();
    }

    private function words(ReadingLine $line, ?Reading $counted): string
    {
        if ($line->balance !== Balance::Balanced) {
            return Words::say('words.balance.'.$line->balance->value);
        }

        return $counted === null ? '' : PresentPhrase::sentence($counted->judgement['verdict']['reason']);
    }

    /**
     * @param array<array-key, array<string, mixed>> $explanations
     * @return array<string, mixed>
     */
    private function finding(FindingLine $line, Finding $finding, ?Walk $in, array $explanations): array
    {
        return [
            'finding' => ['comparison' => $line->comparison->value] + PresentFinding::on($finding, $in),
            'out_mm' => $this->millimetres($line->out),
            'in_mm' => $this->millimetres($line->in),
            'difference_mm' => $this->millimetres($line->difference),
            'balance' => $line->balance->value,
            'explanation' => $explanations[$line->findingId] ?? null,
        ];
    }

    private function millimetres(?Quantity $quantity): ?int
    {
        return $quantity?->decimal(0, RoundingMode::HALF_UP)->toInt();
    }

    /** @return list<array<string, mixed>> what the return left for the workshop */
    private function toService(?Walk $in, Catalogue $catalogue): array
    {
        if ($in === null) {
            return [];
        }

        return array_values(
            $in
                ->lines()
                ->whereIn('outcome', [Outcome::Attend, Outcome::Stop])
                ->get()
                ->map(
                    static fn (WalkLine $line): array => [
                        'outcome' => $line->outcome->value,
                        'title' => $catalogue->check($line->check_id)->title,
                        'words' => $line->judgement === null
                                ? ''
                                : PresentJudgement::of($line->judgement)['verdict']['act'] ??
                                    PresentJudgement::of($line->judgement)['verdict']['reason'],
                    ],
                )
                ->all(),
        );
    }

    /**
     * @param list<array{group: string, key: string, ...}> $rows
     * @return list<array{group: string, key: string, ...}> grouped, the groups in the order of the walk
     */
    private function inWalkingOrder(array $rows, Walk $walk): array
    {
        /** @var array<string, int> $at */
        $at = $walk->lines()->pluck('position', 'key')->all();
        $first = [];
        foreach ($rows as $row) {
            $first[$row['group']] = min(
                $first[$row['group']] ?? PHP_INT_MAX,
                $row['group'] === 'Hours' ? 0 : $at[$row['key']] ?? PHP_INT_MAX,
            );
        }
        usort(
            $rows,
            static fn (array $a, array $b): int => [$first[$a['group']], $at[$a['key']] ?? 0] <=> [
                $first[$b['group']],
                $at[$b['key']] ?? 0,
            ],
        );

        return $rows;
    }
}
