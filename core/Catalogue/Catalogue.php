<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Condition;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Limits\Sheet\LimitSheet;
use JadeLedger\Core\People\OperatorCategory;
use JadeLedger\Core\People\Qualification;
use JadeLedger\Core\Service\Programme;
use JadeLedger\Core\Service\ServicePoint;

/** Everything the yard knows about its machines, as typed objects. */
final readonly class Catalogue
{
    /**
     * @param string $version SHA-256 over the files it was read from
     * @param array<string, Check> $checks
     * @param list<Stage> $stages in their order
     * @param array<string, Condition> $conditions
     * @param array<string, Family> $families
     * @param array<string, MachineModel> $models
     * @param list<BriefingStep> $briefingSteps
     * @param list<FindingKind> $findingKinds
     * @param list<TriageRule> $triageRules
     * @param array<string, Pace> $paces how fast the yard walks, by family
     * @param list<Qualification> $qualifications
     * @param list<CloseUp> $closeUps
     * @param list<ServicePoint> $servicePoints
     * @param list<TeachBackQuestion> $questions
     * @param list<LimitSheet> $limitSheets
     * @param list<SiteQuestion> $siteQuestions
     * @param list<OperatorCategory> $operatorCategories
     * @param list<CountedThing> $countedThings
     */
    public function __construct(
        public string $version,
        public array $checks,
        public array $stages,
        public array $conditions,
        public array $families,
        public array $models,
        public array $briefingSteps,
        public array $findingKinds,
        public array $triageRules,
        public HouseRules $houseRules,
        public array $paces = [],
        public array $qualifications = [],
        public array $closeUps = [],
        public array $servicePoints = [],
        public array $questions = [],
        public array $limitSheets = [],
        public array $siteQuestions = [],
        public array $operatorCategories = [],
        public array $countedThings = [],
    ) {
    }

    public function check(string $id): Check
    {
        return $this->checks[$id] ?? throw NotInTheCatalogue::named('check', $id);
    }

    public function family(string $id): Family
    {
        return $this->families[$id] ?? throw NotInTheCatalogue::named('family', $id);
    }

    public function model(string $id): MachineModel
    {
        return $this->models[$id] ?? throw NotInTheCatalogue::named('model', $id);
    }

    public function condition(string $id): Condition
    {
        return $this->conditions[$id] ?? throw NotInTheCatalogue::named('condition', $id);
    }

    public function stage(string $id): Stage
    {
        foreach ($this->stages as $stage) {
            if ($stage->id === $id) {
                return $stage;
            }
        }
        throw NotInTheCatalogue::named('stage', $id);
    }

    public function findingKind(string $id): FindingKind
    {
        foreach ($this->findingKinds as $kind) {
            if ($kind->id === $id) {
                return $kind;
            }
        }
        throw NotInTheCatalogue::named('kind of finding', $id);
    }

    public function paceOf(string $familyId): Pace
    {
        return $this->paces[$familyId] ?? new Pace();
    }

    /** The part of it that concerns one machine: enough to plan its walks and to judge whatever is found on them. */
    public function concerning(MachineModel $model): self
    {
        $features = $this->featuresOf($model);

        return new self(
            $this->version,
            array_filter($this->checks, static fn (Check $check): bool => $check->applies->holdsFor($features)),
            $this->stages,
            $this->conditions,
            [$model->familyId => $this->family($model->familyId)],
            [$model->id => $model],
            array_values(
                array_filter(
                    $this->briefingSteps,
                    static fn (BriefingStep $step): bool => $step->applies->holdsFor($features),
                ),
            ),
            $this->findingKinds,
            $this->triageRules,
            $this->houseRules,
            array_intersect_key($this->paces, [$model->familyId => true]),
            $this->qualifications,
            array_values(
                array_filter($this->closeUps, static fn (CloseUp $one): bool => $one->drawingFor($features) !== null),
            ),
            array_values(
                array_filter(
                    $this->servicePoints,
                    static fn (ServicePoint $point): bool => $point->applies->holdsFor($features),
                ),
            ),
            array_values(
                array_filter(
                    $this->questions,
                    static fn (TeachBackQuestion $one): bool => $one->applies->holdsFor($features),
                ),
            ),
            operatorCategories: array_values(
                array_filter(
                    $this->operatorCategories,
                    static fn (OperatorCategory $one): bool => $one->applies->holdsFor($features),
                ),
            ),
            countedThings: array_values(
                array_filter(
                    $this->countedThings,
                    static fn (CountedThing $one): bool => $one->applies->holdsFor($features),
                ),
            ),
        );
    }

    /** The service points of a model, and which are done with which. */
    public function programmeOf(MachineModel $model): Programme
    {
        return Programme::for($this->servicePoints, $this->featuresOf($model));
    }

    /** The features of a model are its own, those of its family, and what the house rules give to such a machine. */
    public function featuresOf(MachineModel $model): Features
    {
        $own = $this->family($model->familyId)->features->with($model->features);

        return $own->with($this->houseRules->featuresFor($own));
    }
}
