<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Contract\JsonObject;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\CloseUpVariant;
use JadeLedger\Core\Catalogue\LimitNotKnown;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\RuleOption;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Reading\Tyres\RoadTread;
use JadeLedger\Core\Reading\Tyres\TreadDepth;
use JadeLedger\Core\Service\PeriodicChecks;
use JadeLedger\Core\Service\Programme;
use JadeLedger\Core\Service\ProgrammeNestsInACircle;
use JadeLedger\Core\Service\ServicePoint;
use JadeLedger\Core\Walk\NoSafeOrder;
use JadeLedger\Core\Walk\PlanWalk;

/** What no single schema can see: names that nothing defines, limits that a model lacks, numbers without a source. */
final readonly class CrossCheckCatalogue
{
    /**
     * @param array<string, array<string, mixed>> $trees
     * @param Catalogue|null $standing one whose machines can all be walked, and that differs in its house rules alone
     */
    public function __construct(
        private Catalogue $catalogue,
        private array $trees,
        private ?Catalogue $standing = null,
    ) {
    }

    /** @return list<CatalogueFault> */
    public function faults(): array
    {
        return [
            ...$this->unknownNames(),
            ...$this->servicesInACircle(),
            ...$this->sheetsThatAskTheWrongThing(),
            ...$this->rulesThatContradict(),
            ...$this->numbersWithoutSource(),
            ...$this->treadBelowTheLaw(),
            ...$this->modelsThatCannotBeWalked(),
        ];
    }

    /** @return list<CatalogueFault> */
    private function unknownNames(): array
    {
        $features = JsonObject::of($this->trees['features.yaml'])->object('features');
        $known = [...$features->names(), ...$this->featuresOfRules()];
        $faults = [];
        foreach ($this->whatAsks() as [$file, $what, $id, $asked]) {
            foreach (array_diff($asked, $known) as $feature) {
                $fault = "asks for the feature '{$feature}', which features.yaml does not know";
                $faults[] = CatalogueFault::in($file, $what, $id, $fault);
            }
        }
        foreach ($this->catalogue->checks as $check) {
            foreach (array_diff(array_keys($check->occasionsWith), $known) as $feature) {
                $what = "is due more often with the feature '{$feature}', which features.yaml does not know";
                $faults[] = CatalogueFault::in('checks', 'check', $check->id, $what);
            }
            foreach ($this->strangersIn($check) as $what) {
                $faults[] = CatalogueFault::in('checks', 'check', $check->id, $what);
            }
        }
        foreach ($this->catalogue->closeUps as $closeUp) {
            foreach (array_diff(array_keys($closeUp->anchors), array_keys($this->catalogue->checks)) as $check) {
                $faults[] = CatalogueFault::in(
                    'closeups.yaml',
                    'close-up',
                    $closeUp->id,
                    "has a place for '{$check}', which is no check",
                );
            }
        }
        foreach ($this->catalogue->servicePoints as $point) {
            foreach ($this->catalogue->servicePoints as $inner) {
                if (in_array($inner->id, $point->contains, true) && $inner->meter !== $point->meter) {
                    $faults[] = self::ofPoint($point, "contains '{$inner->id}', which goes by another meter");
                }
            }
            foreach (array_diff($point->contains, array_column($this->catalogue->servicePoints, 'id')) as $other) {
                $faults[] = self::ofPoint($point, "contains '{$other}', which is no service point");
            }
        }
        $faults = [...$faults, ...$this->servicePlaces()];
        $steps = array_column($this->catalogue->briefingSteps, 'id');
        $asked = array_column($this->catalogue->siteQuestions, 'id');
        $drawings = $this->drawings();
        foreach ($this->catalogue->briefingSteps as $step) {
            foreach (array_diff($step->after, $steps) as $other) {
                $what = "comes after '{$other}', which is no step";
                $faults[] = CatalogueFault::in('briefings', 'step', $step->id, $what);
            }
            foreach (array_diff(array_keys($step->controls), $drawings) as $drawing) {
                $what = "rings a control on '{$drawing}', which no close-up draws";
                $faults[] = CatalogueFault::in('briefings', 'step', $step->id, $what);
            }
            if ($step->site !== null && ! in_array($step->site, $asked, true)) {
                $what = "asks '{$step->site}' of the site, which is no question";
                $faults[] = CatalogueFault::in('briefings', 'step', $step->id, $what);
            }
        }
        foreach ($this->catalogue->questions as $question) {
            foreach (array_diff([$question->step], $steps) as $step) {
                $what = "asks for '{$step}', which is no step";
                $faults[] = CatalogueFault::in('questions', 'question', $question->id, $what);
            }
        }
        foreach ($this->catalogue->models as $model) {
            foreach (array_diff($this->catalogue->featuresOf($model)->names, $known) as $feature) {
                $faults[] = CatalogueFault::in(
                    'models',
                    'model',
                    $model->id,
                    "has the feature '{$feature}', which features.yaml does not know",
                );
            }
        }

        return $faults;
    }

    /** @return list<CatalogueFault> points that a model puts where it has no station, and points that are none */
    private function servicePlaces(): array
    {
        $points = array_column($this->catalogue->servicePoints, 'id');
        $faults = [];
        foreach ($this->catalogue->models as $model) {
            foreach ($model->moved() as $what => $place) {
                $family = $this->catalogue->family($model->familyId);
                if ($family->stationFor($place) === null) {
                    $words = "puts '{$what}' at '{$place}', where its family has no station";
                    $faults[] = CatalogueFault::in('models', 'model', $model->id, $words);
                }
                if (! isset($this->catalogue->checks[$what]) && $family->stationFor($what) === null) {
                    $words = "says where '{$what}' is, which is neither a place of its family nor a check";
                    $faults[] = CatalogueFault::in('models', 'model', $model->id, $words);
                }
            }
            foreach ($model->servicePlaces as $point => $places) {
                if (! in_array($point, $points, true)) {
                    $what = "says where '{$point}' is, which is no service point";
                    $faults[] = CatalogueFault::in('models', 'model', $model->id, $what);
                }
                foreach ($places as $place) {
                    if ($this->catalogue->family($model->familyId)->stationFor($place) === null) {
                        $what = "puts '{$point}' at '{$place}', where its family has no station";
                        $faults[] = CatalogueFault::in('models', 'model', $model->id, $what);
                    }
                }
            }
        }

        return $faults;
    }

    /** @return list<string> what the close-ups draw */
    private function drawings(): array
    {
        return array_column(array_merge(...array_column($this->catalogue->closeUps, 'draws')), 'drawing');
    }

    /** @return iterable<array{string, string, string, list<string>}> file, kind, id, and the features it asks for */
    private function whatAsks(): iterable
    {
        foreach ($this->catalogue->checks as $one) {
            yield ['checks', 'check', $one->id, $this->named($one->applies)];
        }
        foreach ($this->catalogue->qualifications as $one) {
            yield ['qualifications.yaml', 'qualification', $one->id, $this->named($one->applies)];
        }
        foreach ($this->catalogue->closeUps as $one) {
            yield [
                'closeups.yaml',
                'close-up',
                $one->id,
                array_merge(
                    ...array_map(fn (CloseUpVariant $variant): array => $this->named($variant->applies), $one->draws),
                ),
            ];
        }
        foreach ($this->catalogue->servicePoints as $one) {
            yield ['service', 'service point', $one->id, $this->named($one->applies)];
        }
        foreach ($this->catalogue->briefingSteps as $one) {
            yield ['briefings', 'step', $one->id, $this->named($one->applies)];
        }
        foreach ($this->catalogue->questions as $one) {
            yield ['questions', 'question', $one->id, $this->named($one->applies)];
        }
        foreach ($this->catalogue->operatorCategories as $one) {
            yield ['operators.yaml', 'category', $one->id, $this->named($one->applies)];
        }
        foreach ($this->catalogue->countedThings as $one) {
            yield ['things.yaml', 'thing', $one->id, $this->named($one->applies)];
        }
        foreach ($this->catalogue->limitSheets as $one) {
            yield ['limits', 'sheet', $one->id, $this->named($one->applies)];
        }
        foreach ($this->catalogue->siteQuestions as $one) {
            yield [
                'site.yaml',
                'question',
                $one->id,
                array_merge(
                    $this->named($one->applies),
                    $one->unsuitable === null ? [] : $this->named($one->unsuitable->applies),
                ),
            ];
        }
    }

    /**
     * Fields that name no question of the site, or a figure that no plate has or that is measured otherwise; families
     * that are not there to be hired instead.
     *
     * @return list<CatalogueFault>
     */
    private function sheetsThatAskTheWrongThing(): array
    {
        $faults = [];
        $questions = array_column($this->catalogue->siteQuestions, 'id');
        $figures = ['mass' => Unit::Kilogram];
        foreach ($this->catalogue->models as $model) {
            $figures += array_map(static fn (Quantity $figure): Unit => $figure->unit, $model->plate->figures ?? []);
        }
        foreach ($this->catalogue->limitSheets as $sheet) {
            foreach ($sheet->fields as $field) {
                $figure = $field->ofModel === null ? $field->unit : $figures[$field->ofModel] ?? null;
                if ($field->ofSite !== null && ! in_array($field->ofSite, $questions, true)) {
                    $faults[] = CatalogueFault::in(
                        'limits',
                        'sheet',
                        $sheet->id,
                        "asks '{$field->ofSite}' of the site, which is no question",
                    );
                }
                if ($field->ofModel !== null && $figure?->dimension() !== $field->unit?->dimension()) {
                    $faults[] = CatalogueFault::in(
                        'limits',
                        'sheet',
                        $sheet->id,
                        "asks '{$field->ofModel}' of a plate, which has none of it",
                    );
                }
            }
            foreach (array_diff(array_keys($sheet->example), array_column($sheet->fields, 'name')) as $stranger) {
                $faults[] = CatalogueFault::in(
                    'limits',
                    'sheet',
                    $sheet->id,
                    "has '{$stranger}' in its example, which is no field",
                );
            }
        }
        foreach ($this->catalogue->siteQuestions as $question) {
            foreach (
                array_diff($question->unsuitable->instead ?? [], array_keys($this->catalogue->families)) as $stranger
            ) {
                $faults[] = CatalogueFault::in(
                    'site.yaml',
                    'question',
                    $question->id,
                    "names the family '{$stranger}', which is not there",
                );
            }
        }

        return $faults;
    }

    private static function ofPoint(ServicePoint $point, string $what): CatalogueFault
    {
        return CatalogueFault::in('service', 'service point', $point->id, $what);
    }

    /** @return list<CatalogueFault> */
    private function servicesInACircle(): array
    {
        try {
            Programme::of($this->catalogue->servicePoints);

            return [];
        } catch (ProgrammeNestsInACircle $mistake) {
            return [
                CatalogueFault::in(
                    'service',
                    'service point',
                    $mistake->circle[0],
                    'contains itself: '.implode(' > ', $mistake->circle),
                ),
            ];
        }
    }

    /** @return list<string> what the schools of the house rules give to machines */
    private function featuresOfRules(): array
    {
        $given = [];
        foreach ($this->catalogue->houseRules->all as $rule) {
            foreach ($rule->schools as $school) {
                array_push($given, ...$school->gifts());
            }
        }

        return $given;
    }

    /** @return list<string> */
    private function named(Applicability $applies): array
    {
        return [...$applies->all, ...$applies->any, ...$applies->none];
    }

    /** @return list<string> */
    private function strangersIn(Check $check): array
    {
        $stages = array_map(static fn ($stage): string => $stage->id, $this->catalogue->stages);
        $strangers = [];
        foreach (array_filter([$check->standsBefore]) as $stage) {
            if (! in_array($stage, $stages, true)) {
                $strangers[] = "names the stage '{$stage}', which stages.yaml does not know";
            }
        }
        foreach (array_diff($check->conditions, array_keys($this->catalogue->conditions)) as $condition) {
            $strangers[] = "names the condition '{$condition}', which conditions.yaml does not know";
        }
        foreach (array_diff($check->after, array_keys($this->catalogue->checks)) as $other) {
            $strangers[] = "comes after '{$other}', which is no check";
        }

        return $strangers;
    }

    /** @return list<CatalogueFault> */
    private function rulesThatContradict(): array
    {
        $faults = [];
        $rules = array_column($this->catalogue->houseRules->all, null, 'id');
        foreach ($rules as $rule) {
            $contradictions = array_map(
                static fn (RuleOption $school): array => $school->contradicts,
                $rule->schools,
            );
            foreach (array_merge(...$contradictions) as $contradiction) {
                if (($rules[$contradiction->rule] ?? null)?->school($contradiction->school) === null) {
                    $faults[] = CatalogueFault::in(
                        'rules/house.yaml',
                        'rule',
                        $rule->id,
                        "contradicts '{$contradiction->school}' of '{$contradiction->rule}', "
                            .'which is no school of a house rule',
                    );
                }
            }
            $contradiction = $this->catalogue->houseRules->contradictionOf($rule, $rule->value);
            if ($contradiction !== null) {
                $faults[] = CatalogueFault::in(
                    'rules/house.yaml',
                    'rule',
                    $rule->id,
                    "contradicts what is followed under '{$contradiction->rule}': {$contradiction->because}",
                );
            }
        }

        return $faults;
    }

    /** @return list<CatalogueFault> */
    private function numbersWithoutSource(): array
    {
        $faults = [];
        foreach (JsonObject::of($this->trees['states/stages.yaml'])->objects('stages') as $stage) {
            foreach ($stage->objects('lines') as $line) {
                $says = $line->string('text').$line->string('why');
                if (preg_match('/\d/', $says) === 1 && ! $line->has('source')) {
                    $faults[] = CatalogueFault::in(
                        'states/stages.yaml',
                        "a line of {$stage->string('id')}:",
                        $line->string('id'),
                        'has a number and no source',
                    );
                }
            }
        }

        return $faults;
    }

    /**
     * What is towed to the hirer goes on the road: no tread that the yard lets out may be below the law there.
     *
     * @return list<CatalogueFault>
     */
    private function treadBelowTheLaw(): array
    {
        $faults = [];
        foreach ($this->catalogue->models as $model) {
            $law = RoadTread::ofTrailer($model->massKilograms);
            foreach ($this->catalogue->featuresOf($model)->has('towed') ? $model->limits : [] as $name => $limits) {
                if ($limits instanceof TreadDepth && ! $limits->isLawfulBy($law)) {
                    $faults[] = CatalogueFault::in(
                        'models',
                        "{$name} of model",
                        $model->id,
                        "lets out less tread than the {$law->least()->text()} mm that a trailer of its mass needs",
                    );
                }
            }
        }

        return $faults;
    }

    /** @return list<CatalogueFault> */
    private function modelsThatCannotBeWalked(): array
    {
        $faults = [];
        foreach ($this->catalogue->models as $model) {
            foreach ($this->isWalkedAsBefore($model) ? [] : Movement::cases() as $movement) {
                try {
                    $this->mustBeWalkable($model, $movement);
                } catch (NoSafeOrder|LimitNotKnown $fault) {
                    $faults[] = CatalogueFault::in(
                        'models',
                        "{$movement->value} of model",
                        $model->id,
                        $fault->getMessage(),
                    );
                }
            }
        }

        return $faults;
    }

    /** House rules reach a walk through the features that they grant and the order of the first visits. */
    private function isWalkedAsBefore(MachineModel $model): bool
    {
        return $this->standing !== null
            && $this->standing->houseRules->firstVisit === $this->catalogue->houseRules->firstVisit
            && $this->standing->featuresOf($model)->names === $this->catalogue->featuresOf($model)->names;
    }

    private function mustBeWalkable(MachineModel $model, Movement $movement): void
    {
        // With everything that comes back with the calendar: a machine that is new to the yard is asked all of it.
        $features = $this->catalogue->featuresOf($model);
        $periodic = PeriodicChecks::of($this->catalogue->checks, $features)->due([], CalendarDate::parse('2000-01-01'));
        foreach ((new PlanWalk($this->catalogue))->for($model, $movement, $periodic)->lines() as $line) {
            if ($line->check->limits !== null) {
                $model->limit($line->check->limits);
            }
        }
    }
}
