<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\Payloads\ReadingPostedPayload;
use App\Models\Reading;
use App\Presenters\PresentRefusal;
use App\Words;
use Carbon\CarbonInterface;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Condition;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\Quantity\Dimension;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Quantity\UnknownUnit;
use JadeLedger\Core\Reading\ComparedAcross;
use JadeLedger\Core\Reading\Instrument;
use JadeLedger\Core\Reading\LookDecides;
use JadeLedger\Core\Reading\Observation;
use JadeLedger\Core\Reading\Observed;
use JadeLedger\Core\Reading\ReadAtPoints;
use JadeLedger\Core\Reading\ScaleReading;
use JadeLedger\Core\Walk\Judgement;
use JadeLedger\Core\Walk\JudgeReading;

/** Asks the core for the verdict on a reading of a walk; used to judge an entry and to show the verdict beforehand. */
final readonly class JudgeReadingOfWalk
{
    public function __construct(private HourMeterOfMachine $meter)
    {
    }

    public function __invoke(ReadingPostedPayload $payload, WalkContext $context, CarbonInterface $at): Judgement
    {
        $check = $context->line($payload->line)->check;
        if ($check->limits === null) {
            throw ApiProblem::because(ProblemName::NotAnInstrument, 422, ['title' => $check->title]);
        }
        $limits = $context->model->instrument($check->limits);
        $points = $this->points($payload, $limits);
        $value = $this->figure($payload, $limits, $points);
        $conditions = array_map($context->catalogue()->condition(...), $check->conditions);

        return (new JudgeReading($check, $limits, $conditions))->judge(
            new Observation(
                $value,
                $this->observed($payload, $conditions),
                $payload->face,
                $this->look($payload, $check, $limits),
                $points,
                $limits instanceof ComparedAcross ? $this->otherSide($payload->line, $context) : null,
            ),
            $context->presentStage(),
            Meter::readBy($check->answer) === Meter::Main
                ? $this->meter->besideReports($context->walk->machine_id, $at)
                : $this->meter->history($context->walk->machine_id, $at, Meter::Work),
        );
    }

    /** The figure that a reading is judged by: the one that was read, or the worst of several. */
    public function judgedFigure(ReadingPostedPayload $payload, WalkContext $context): Quantity
    {
        $limits = $context->model->instrument((string) $context->line($payload->line)->check->limits);

        return $this->figure($payload, $limits, $this->points($payload, $limits));
    }

    /** @param  list<Quantity>  $points */
    private function figure(ReadingPostedPayload $payload, Instrument $limits, array $points): Quantity
    {
        return $limits instanceof ReadAtPoints && $points !== []
            ? $limits->worst($points)
            : $this->value(
                $payload->value ??
                    throw ApiProblem::because(
                        ProblemName::NoFigure,
                        422,
                        [],
                        ['value' => [Words::say('problems.no_figure.title')]],
                    ),
                $payload,
                $limits,
            );
    }

    /** @return list<Quantity> every figure of a reading that is taken at several points */
    private function points(ReadingPostedPayload $payload, Instrument $limits): array
    {
        if (! $limits instanceof ReadAtPoints || $limits->points() === 1) {
            return [];
        }
        $points = array_map(
            fn (string $figure): Quantity => $this->value($figure, $payload, $limits),
            $payload->points,
        );
        if (count($points) !== $limits->points()) {
            throw ApiProblem::because(
                ProblemName::PointsMissing,
                422,
                ['count' => $limits->points(), 'given' => count($points)],
                ['points' => [Words::say('problems.points_missing.title')]],
            );
        }

        return $points;
    }

    private function value(string $figure, ReadingPostedPayload $payload, Instrument $limits): Quantity
    {
        $needed = $limits->unit();
        try {
            $unit = Unit::named($payload->unit);
        } catch (UnknownUnit $unknown) {
            throw ApiProblem::because(
                ProblemName::WrongUnit,
                422,
                ['unit' => $needed->value],
                ['unit' => [PresentRefusal::words($unknown)]],
            );
        }
        if ($unit->dimension() !== $needed->dimension()) {
            throw ApiProblem::because(
                ProblemName::WrongUnit,
                422,
                ['unit' => $needed->value],
                ['unit' => [Words::say('problems.wrong_unit.title')]],
            );
        }
        $value = Quantity::of($figure, $unit)->in($needed);
        $range = $limits->range();
        if (! $range->holds($value) && ! self::isSo($value, $payload, $limits)) {
            throw ApiProblem::because(
                ProblemName::OffTheScale,
                422,
                ['low' => $range->low->text(), 'high' => $range->high?->text() ?? '∞', 'unit' => $needed->value],
                ['value' => [Words::say('problems.off_the_scale.title')]],
            );
        }

        return $value;
    }

    /**
     * A bad reading is the one that matters: beyond what is drawn it is asked for once more, and then taken. What
     * cannot be, below nought or beyond a glass, is never taken.
     */
    private static function isSo(Quantity $value, ReadingPostedPayload $payload, Instrument $limits): bool
    {
        return $payload->isBeyondScale && $limits instanceof ScaleReading
            && (! $value->isNegative() || $value->unit->dimension() === Dimension::Temperature);
    }

    /**
     * @param list<Condition> $conditions
     * @return list<Observed>
     */
    private function observed(ReadingPostedPayload $payload, array $conditions): array
    {
        $units = array_column($conditions, 'unit', 'id');
        $observed = [];
        foreach ($payload->observed as $seen) {
            $unit = $units[$seen->condition] ?? null;
            if ($seen->value !== null && $unit !== null) {
                $observed[] = Observed::measured($seen->condition, Quantity::of($seen->value, $unit));
            } elseif ($seen->isSeen) {
                $observed[] = Observed::seen($seen->condition);
            }
        }

        return $observed;
    }

    private function look(ReadingPostedPayload $payload, Check $check, Instrument $limits): ?string
    {
        $look = $payload->look;
        if ($look === null && $limits instanceof LookDecides) {
            throw ApiProblem::because(
                ProblemName::SayHowItWent,
                422,
                ['looks' => implode(', ', $check->looks)],
                ['look' => [Words::say('problems.say_how_it_went.title')]],
            );
        }
        if ($look !== null && ! in_array($look, $check->looks, true)) {
            throw ApiProblem::because(
                ProblemName::UnknownLook,
                422,
                ['looks' => implode(', ', $check->looks)],
                ['look' => [Words::say('problems.unknown_look.title')]],
            );
        }

        return $look;
    }

    /** What was read in this walk at the other side of the machine, by the same check. */
    private function otherSide(string $line, WalkContext $context): ?Quantity
    {
        $check = explode('@', $line)[0];
        $other = Reading::query()->where('walk_id', $context->walk->id)
            ->where('line', 'like', "{$check}@%")
            ->where('line', '!=', $line)
            ->where('is_valid', true)
            ->where('is_struck', false)
            ->orderByDesc('recorded_at')
            ->first();

        return $other?->quantity();
    }
}
