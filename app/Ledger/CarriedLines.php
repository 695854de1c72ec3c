<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\Contexts\WalkContext;
use App\Models\Reading;
use App\Models\Walk;
use App\Models\WalkLine;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use JadeLedger\Core\Carry\CarryLines;
use JadeLedger\Core\Carry\Change;
use JadeLedger\Core\Carry\ChangeKind;
use JadeLedger\Core\Carry\EarlierAnswer;
use JadeLedger\Core\Carry\LineCarried;
use JadeLedger\Core\Check\CarrySchool;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Verdict\Outcome;

/** What a checkout carries from the return walk before it: gathers what the core asks for. */
final readonly class CarriedLines
{
    public function __construct(
        private ContextOfWalk $contexts,
        private ChangesOfMachine $changes,
        private CurrentYard $yard,
    ) {
    }

    /** @return list<LineCarried> one for each line of the plan; none at a return, or before the machine ever came in */
    public function __invoke(WalkContext $context, WalkSnapshot $snapshot): array
    {
        $walk = $context->walk;
        if ($walk->movement !== Movement::Checkout || $snapshot->lastReturn === null) {
            return [];
        }
        $rule = $context->catalogue()->houseRules->carried;
        if ($rule->school === CarrySchool::Nothing) {
            return [];
        }
        $in = Walk::query()->whereKey($snapshot->lastReturn)->firstOrFail();
        $before = ($this->contexts)($in, $context->actor);
        $earlier = $this->earlier($before, $context);
        $sequences = array_map(static fn (EarlierAnswer $one): int => $one->sequence, $earlier);
        $changes = $sequences === [] ? [] : $this->changes->since(min($sequences), $in, $walk, $context->plan);
        $meter = $this->meterMoved($before, $context);

        return (new CarryLines($rule, $this->day(CarbonImmutable::now())))->of(
            $context->plan,
            $earlier,
            $meter === null ? $changes : [...$changes, $meter],
        );
    }

    /** @return array<string, EarlierAnswer> by line key */
    private function earlier(WalkContext $before, WalkContext $now): array
    {
        $answers = [];
        // Put right on the spot, or not fitted: it stands, and nobody saw it stand by itself.
        $rows = WalkLine::query()->where('walk_id', $before->walk->id)
            ->where('outcome', Outcome::Stands)
            ->where(static fn ($either) => $either
                ->where('judgement->verdict->reason->key', 'look.accept')
                ->orWhere(static fn ($read) => $read->whereNotNull('value')
                    ->where('judgement->verdict->is_disputed', false)))
            ->whereNotNull('entry_id')
            ->get(['key', 'entry_id', 'changed_by', 'answered_at', 'value', 'unit']);
        foreach ($rows as $row) {
            $line = $before->plan->line($row->key);
            if ($line !== null && $row->answered_at !== null) {
                $limits = $line->check->limits;
                $answers[$row->key] = new EarlierAnswer(
                    (string) $row->entry_id,
                    $row->changed_by,
                    $this->day($row->answered_at->toImmutable()),
                    $line->check,
                    $row->value === null ? null : Quantity::of($row->value, Unit::named((string) $row->unit)),
                    $limits === null || $before->model->limit($limits) == $now->model->limit($limits),
                );
            }
        }

        return $answers;
    }

    private function day(CarbonImmutable $moment): CalendarDate
    {
        return CalendarDate::parse($moment->setTimezone($this->yard->timezone())->format('Y-m-d'));
    }

    /** Whether the hour meter, read on both walks, says that the machine ran between them. */
    private function meterMoved(WalkContext $before, WalkContext $now): ?Change
    {
        $read = $this->hours([$before->walk->id, $now->walk->id]);
        [$then, $since] = [$read->get($before->walk->id), $read->get($now->walk->id)];

        return $then !== null && $since !== null && CarryLines::meterMoved($then->value, $since->value)
            ? Change::ofMachine(ChangeKind::MeterMoved, PHP_INT_MAX)
            : null;
    }

    /**
     * @param list<string> $walks
     * @return Collection<string, Reading> the last hours of each, by walk
     */
    private function hours(array $walks): Collection
    {
        return Reading::ofHourMeter()->whereIn('walk_id', $walks)
            ->orderBy('recorded_at')
            ->get(['walk_id', 'value'])
            ->keyBy('walk_id');
    }
}
