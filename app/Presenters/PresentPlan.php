<?php

declare(strict_types=1);

namespace App\Presenters;

use Brick\Math\RoundingMode;
use JadeLedger\Core\Catalogue\Box;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Catalogue\FindingKind;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\Part;
use JadeLedger\Core\Catalogue\Point;
use JadeLedger\Core\Catalogue\StageLine;
use JadeLedger\Core\Catalogue\StationKind;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Condition;
use JadeLedger\Core\Check\TestStep;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Reading\Drawing;
use JadeLedger\Core\Reading\Fluids\LevelMarks;
use JadeLedger\Core\Reading\JudgeLook;
use JadeLedger\Core\Reading\LookAnswer;
use JadeLedger\Core\Reading\LookDecides;
use JadeLedger\Core\Reading\ReadAtPoints;
use JadeLedger\Core\Reading\ScaleReading;
use JadeLedger\Core\Release\DecideRelease;
use JadeLedger\Core\Release\JudgedLine;
use JadeLedger\Core\Release\Remedy;
use JadeLedger\Core\State\Helper;
use JadeLedger\Core\Walk\Crossing;
use JadeLedger\Core\Walk\PlannedLine;
use JadeLedger\Core\Walk\StateTransitionGuard;
use JadeLedger\Core\Walk\Visit;
use JadeLedger\Core\Walk\WalkPlan;

/** A plan as it is stored with the walk and sent to the tablet whole. */
final class PresentPlan
{
    /** @return array<string, mixed> */
    public function plan(WalkPlan $plan, Catalogue $catalogue, MachineModel $model): array
    {
        $family = $catalogue->family($model->familyId);
        $conditions = array_unique(
            array_merge(...array_map(static fn (PlannedLine $line): array => $line->check->conditions, $plan->lines())),
        );

        return [
            'movement' => $plan->movement->value,
            'family' => $family->name,
            'drawing' => $family->drawing,
            'seconds' => $plan->seconds(),
            'outline' => self::box($family->outline),
            'parts' => self::parts($family),
            'start_corner' => $catalogue->houseRules->startCorner->value,
            'route' => array_map(self::point(...), $plan->route->corners),
            'stages' => array_map(
                static fn (Crossing $crossing, int $at): array => self::stage($crossing, $at, $plan),
                $plan->crossings,
                array_keys($plan->crossings),
            ),
            'visits' => array_map(fn (Visit $visit): array => $this->visit($visit, $plan, $model), $plan->visits),
            'conditions' => array_map(
                fn (string $id): array => self::condition($catalogue->condition($id)),
                array_values($conditions),
            ),
            'finding_kinds' => self::findingKinds($catalogue),
        ];
    }

    /** @return list<array<string, mixed>> what may be wrong with a machine, and the degrees that are asked for */
    public static function findingKinds(Catalogue $catalogue): array
    {
        return array_map(
            static fn (FindingKind $kind): array => [
                'id' => $kind->id, 'name' => $kind->name, 'degrees' => $kind->degrees,
            ],
            $catalogue->findingKinds,
        );
    }

    /** @return list<array<string, mixed>> */
    public static function parts(Family $family): array
    {
        return array_map(
            static fn (Part $part): array => [
                'id' => $part->id,
                'name' => $part->name,
                'system' => $part->system,
                'box' => self::box($part->box),
            ],
            $family->parts,
        );
    }

    /** @return array<string, float> */
    public static function box(Box $box): array
    {
        return ['left' => $box->left, 'top' => $box->top, 'right' => $box->right, 'bottom' => $box->bottom];
    }

    /** @return array<string, float> */
    private static function point(Point $point): array
    {
        return ['x' => $point->x, 'y' => $point->y];
    }

    /** @return array<string, mixed> */
    private static function stage(Crossing $crossing, int $at, WalkPlan $plan): array
    {
        return [
            'id' => $crossing->stage->id,
            'letter' => chr(ord('A') + $at),
            'title' => $crossing->stage->title,
            'summary' => $crossing->stage->summary,
            'seconds' => $crossing->seconds(),
            'gated_by' => array_map(
                static fn (PlannedLine $line): string => $line->key,
                (new StateTransitionGuard($plan))->inTheWay($crossing->stage->id, []),
            ),
            'asks_second_person' => $crossing->stage->state->helper === Helper::Present,
            'lines' => array_map(
                static fn (StageLine $line): array => [
                    'id' => $line->id,
                    'text' => $line->text,
                    'why' => $line->why,
                    'wait_seconds' => $line->waitSeconds,
                    'asked_from' => self::askedFrom($line, $plan),
                ],
                $crossing->lines,
            ),
        ];
    }

    /** @return list<string>|null the states of this walk from which a line is asked; null where it always is */
    private static function askedFrom(StageLine $line, WalkPlan $plan): ?array
    {
        if ($line->leaves === []) {
            return null;
        }
        $from = array_filter(
            $plan->crossings,
            static fn (Crossing $crossing): bool => $line->isAskedFrom($crossing->stage->state),
        );

        return array_values(array_map(static fn (Crossing $crossing): string => $crossing->stage->id, $from));
    }

    /** @return array<string, mixed> */
    private function visit(Visit $visit, WalkPlan $plan, MachineModel $model): array
    {
        $station = $visit->station;

        return [
            'number' => $visit->number,
            'stage' => $visit->stageId,
            'station' => $station->id,
            'name' => $station->name,
            'direction' => $station->direction,
            'stands' => self::point(
                $station->standing === StationKind::StartCorner
                    ? $plan->route->start
                    : $station->stands ?? $station->shows,
            ),
            'shows' => self::point($station->shows),
            'walked' => round($plan->route->distanceTo($station), 1),
            'part' => $station->part,
            'seat' => $station->standing === StationKind::Seat,
            'lines' => array_map(fn (PlannedLine $line): array => $this->line($line, $model), $visit->lines),
        ];
    }

    /** @return array<string, mixed> */
    private function line(PlannedLine $line, MachineModel $model): array
    {
        $check = $line->check;

        return [
            'key' => $line->key,
            'check' => $check->id,
            'title' => $check->title,
            'how' => $check->how,
            'accept' => $check->accept,
            'if_not' => $check->ifNot,
            'group' => $check->group,
            'severity' => $check->severity->value,
            'seconds' => $check->seconds,
            'stands_before' => $check->standsBefore,
            'may_stand_together' => $check->mayStandTogether(),
            'if_amiss' => self::ifAmiss($check),
            'other_answers' => self::otherAnswers($check),
            'source' => PresentSource::of($check->source),
            'answer' => self::answer($check->answer),
            'test' => array_map(
                static fn (TestStep $step): array => [
                    'do' => $step->do,
                    'expect' => $step->expect,
                    'fail_means' => $step->failMeans,
                    'seconds' => $step->seconds,
                    'severity' => ($step->severity ?? $check->severity)->value,
                ] + self::figures($step->figures(), $model),
                $check->test,
            ),
            'paper' => $check->paper === null
                    ? null
                    : ['kind' => $check->paper->kind->value, 'asks_hours' => $check->paper->hours !== null],
            'instrument' => $check->limits === null ? null : $this->instrument($check->limits, $model),
            'conditions' => $check->conditions,
            'looks' => $check->looks,
        ] + ($line->due === null ? [] : ['due' => [
            'occasion' => $line->due->occasion->value, 'last' => $line->due->last?->text(),
        ]]);
    }

    /**
     * @param list<string> $names
     * @return array{figures?: array<string, array{value: string, unit: string}>} of the model, that a step names
     */
    private static function figures(array $names, MachineModel $model): array
    {
        return $names === [] ? [] : ['figures' => array_map(
            static fn (Quantity $figure): array => ['value' => $figure->text(), 'unit' => $figure->unit->value],
            $model->stated($names),
        )];
    }

    /** @return array<string, mixed> what a tablet out of reach of the yard may say of a line that is not as it should be */
    private static function ifAmiss(Check $check): array
    {
        $outcome = (new JudgeLook)->judge($check, LookAnswer::Amiss)->outcome;

        return [
            'outcome' => $outcome->value,
            'lifted_by' => (
                DecideRelease::liftedBy(JudgedLine::check($check->id, $check->title, $check->severity, $outcome)) ??
                Remedy::Nothing
            )->value,
        ];
    }

    /** @return list<string> what may be said of a line beside how it is answered and that it cannot be told */
    private static function otherAnswers(Check $check): array
    {
        $other = array_filter(
            (new JudgeLook)->answersTo($check),
            static fn (LookAnswer $one): bool => in_array($one, [LookAnswer::PutRight, LookAnswer::NotFitted], true),
        );

        return array_values(array_map(static fn (LookAnswer $one): string => $one->value, $other));
    }

    private static function answer(AnswerKind $kind): string
    {
        return match (true) {
            $kind->isReading() => 'reading',
            $kind === AnswerKind::FunctionTest => 'test',
            $kind === AnswerKind::Paper => 'paper',
            $kind === AnswerKind::Dashboard => 'dashboard',
            default => 'look',
        };
    }

    /** @return array<string, mixed> */
    private function instrument(string $name, MachineModel $model): array
    {
        $instrument = $model->instrument($name);

        return self::drawing($instrument->drawing())
            + ['unit' => $instrument->unit()->value, 'source' => PresentSource::of($instrument->source())];
    }

    /** @return array<string, mixed> */
    private static function drawing(Drawing $drawing): array
    {
        return ['kind' => $drawing->kind->value, 'step' => (float) $drawing->step] + array_filter([
            'marks' => $drawing->marks === null ? null : self::marks($drawing->marks),
            'hot_marks' => $drawing->hotMarks === null ? null : self::marks($drawing->hotMarks),
            'fluid' => $drawing->fluid?->name,
            'diameter' => $drawing->diameter === null ? null : self::number($drawing->diameter),
            'whole_digits' => $drawing->wholeDigits,
            'decimals' => $drawing->decimals,
            'pieces' => $drawing->pieces,
            'expected' => $drawing->expected,
        ], static fn (mixed $one): bool => $one !== null)
            + ($drawing->scaled === null ? [] : self::scale($drawing->scaled));
    }

    /** @return array<string, mixed> */
    private static function scale(ScaleReading $reading): array
    {
        $scale = $reading->scale();
        $from = $scale->low;
        $bands = [];
        foreach ($reading->bands()->all as $band) {
            $to = $band->upTo ?? $scale->high;
            $bands[] = ['from' => self::number($from), 'to' => self::number($to), 'outcome' => $band->outcome->value];
            $from = $to;
        }

        return [
            'drawn' => $scale->drawn->value,
            'low' => self::number($scale->low),
            'high' => self::number($scale->high),
            'bands' => $bands,
        ]
            + ($reading instanceof ReadAtPoints && $reading->points() > 1 ? ['points' => $reading->points()] : [])
            + ($reading instanceof LookDecides ? ['look_decides' => true] : []);
    }

    /** @return array<string, float> */
    private static function marks(LevelMarks $marks): array
    {
        return [
            'lowest' => self::number($marks->lowest),
            'add' => self::number($marks->add),
            'full' => self::number($marks->full),
            'highest' => self::number($marks->highest),
        ];
    }

    private static function number(Quantity $quantity): float
    {
        return $quantity->decimal(3, RoundingMode::HALF_UP)->toFloat();
    }

    /** @return array<string, mixed> */
    private static function condition(Condition $condition): array
    {
        return [
            'id' => $condition->id,
            'asks' => $condition->asks,
            'unit' => $condition->unit?->value,
            'at_least' => $condition->atLeast === null ? null : self::number($condition->atLeast),
            'at_most' => $condition->atMost === null ? null : self::number($condition->atMost),
            'source' => PresentSource::of($condition->source),
        ];
    }
}
