<?php

declare(strict_types=1);

namespace App\Catalogue;

use JadeLedger\Core\Catalogue as Core;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\CarryRule;
use JadeLedger\Core\Check\CarrySchool;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Condition;
use JadeLedger\Core\Check\Occasion;
use JadeLedger\Core\Check\Paper;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Check\TestStep;
use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Meter\Meter;
use JadeLedger\Core\People\AskedFor;
use JadeLedger\Core\People\OperatorCategory;
use JadeLedger\Core\People\Qualification;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Service\After;
use JadeLedger\Core\Service\CountsFrom;
use JadeLedger\Core\Service\DoneBy;
use JadeLedger\Core\Service\GreaseSpot;
use JadeLedger\Core\Service\Interval;
use JadeLedger\Core\Service\KitItem;
use JadeLedger\Core\Service\ServicePoint;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;
use JadeLedger\Core\State\Area;
use JadeLedger\Core\State\Articulation;
use JadeLedger\Core\State\Aspect;
use JadeLedger\Core\State\Axles;
use JadeLedger\Core\State\Controls;
use JadeLedger\Core\State\Engine;
use JadeLedger\Core\State\Helper;
use JadeLedger\Core\State\Isolator;
use JadeLedger\Core\State\Key;
use JadeLedger\Core\State\MachineState;
use JadeLedger\Core\State\ParkBrake;
use JadeLedger\Core\State\Posture;
use JadeLedger\Core\State\Pressure;
use JadeLedger\Core\State\StateNeed;
use JadeLedger\Core\State\Temperature;

/**
 * Builds the core's typed objects from the validated trees of the catalogue.
 *
 * The trees have passed their schemas, so shapes are not asked about again here.
 *
 * @phpstan-import-type AppliesTree from BuildLimitSheets
 * @phpstan-import-type SourceTree from BuildLimitSheets
 * @phpstan-import-type PlateTree from BuildLimitSheets
 * @phpstan-import-type SheetTree from BuildLimitSheets
 * @phpstan-import-type SiteQuestionTree from BuildLimitSheets
 * @phpstan-import-type LimitsTree from BuildLimits
 *
 * @phpstan-type AspectsTree array<string, list<string>>
 * @phpstan-type NeedTree array{id: string, title: string, requires: AspectsTree, forbids?: AspectsTree}
 * @phpstan-type ReadingTree array{kind: string, conditions?: list<string>, looks?: list<string>, limits?: string}
 * @phpstan-type StepTree array{do: string, expect: string, fail_means: string, seconds?: int, severity?: string}
 * @phpstan-type PaperTree array{kind: string, months: int, hours?: int, register?: string}
 * @phpstan-type CheckTree array{id: string, title: string, how: string, accept: string, if_not: string, group: string,
 *     places: list<string>, needs: string, applies?: AppliesTree, occasions: list<string>, severity: string,
 *     seconds: int, source: SourceTree, reading?: ReadingTree, after?: list<string>, stands_before?: string,
 *     occasions_with?: array<string, list<string>>, test?: list<StepTree>, paper?: PaperTree, put_right?: bool,
 *     asks_number?: bool, stands_for?: int, asks?: string}
 * @phpstan-type KitTree array{name: string, quantity?: string, unit: string}
 * @phpstan-type SpotTree array{name: string, part?: string, nipples: int, strokes: int, applies?: AppliesTree}
 * @phpstan-type EveryTree array{hours?: string, months?: int, days?: int, hires?: int}
 * @phpstan-type ServiceTree array{id: string, name: string, brief: string, do: string, applies?: AppliesTree,
 *     every: EveryTree, counts_from: string, severity: string, tolerance_h: string, done_by: string,
 *     contains?: list<string>, places: list<string>, kit?: list<KitTree>, source: SourceTree, spots?: list<SpotTree>,
 *     after?: list<string>, meter?: string, until_hours?: string}
 * @phpstan-type DrawingTree array{drawing: string, applies?: AppliesTree}
 * @phpstan-type CloseUpTree array{id: string, side?: string, draws: list<DrawingTree>, anchors: array<string, string>}
 * @phpstan-type StateTree array{isolator: string, key: string, engine: string, temperature: string,
 *     park_brake: string, posture: string, articulation: string, pressure: string, area: string, helper: string,
 *     controls: string, axles: string}
 * @phpstan-type StageLineTree array{id: string, text: string, why: string, applies?: AppliesTree, wait_seconds?: int,
 *     wait_limit?: string, leaves?: AspectsTree, cools_minutes?: int, alone?: bool}
 * @phpstan-type StageTree array{id: string, title: string, summary: string, state: StateTree, seconds: int,
 *     lines: list<StageLineTree>, begins_return?: AppliesTree}
 * @phpstan-type ConditionTree array{id: string, asks: string, source: SourceTree, unit?: string, at_least?: string,
 *     at_most?: string, figure?: bool, may_wait?: bool}
 * @phpstan-type PointTree array{int|float, int|float}
 * @phpstan-type BoxTree array{left: float, top: float, right: float, bottom: float}
 * @phpstan-type StationTree array{id: string, name: string, direction: string, standing?: string, shows: PointTree,
 *     stands?: PointTree, places: list<string>, part?: string, level?: string}
 * @phpstan-type PartTree array{id: string, name: string, system: string, box: array{float, float, float, float}}
 * @phpstan-type FamilyTree array{id: string, name: string, drawing: string, features: list<string>, outline: BoxTree,
 *     stations: list<StationTree>, parts: list<PartTree>}
 * @phpstan-type ModelTree array{id: string, family: string, maker: string, name: string, describes: string,
 *     mass_kg: int, features: list<string>, limits: array<string, LimitsTree>, plate?: PlateTree,
 *     service_places?: array<string, non-empty-list<string>>, places?: array<string, string>}
 * @phpstan-type TimerTree array{seconds: int, label: string, limit?: string}
 * @phpstan-type BriefingStepTree array{id: string, order: int, name: string, instruction: string, why: string,
 *     caution: string, applies?: AppliesTree, part?: string, timer?: TimerTree, source: SourceTree, level?: string,
 *     after?: list<string>, by_hand?: bool, of_this_model?: bool, wear?: list<string>, site?: string,
 *     control?: array<string, string>, season?: string}
 * @phpstan-type FormTree array{ask: string, right: string, wrong: list<array{say: string, because: string}>}
 * @phpstan-type QuestionTree array{id: string, step: string, applies?: AppliesTree, forms: list<FormTree>}
 * @phpstan-type TriageTree array{id: string, kinds?: list<string>, systems?: list<string>, degrees?: list<string>,
 *     at_least_mm?: int, severity: string, reason: string, source: SourceTree}
 * @phpstan-type ContradictionTree array{rule: string, school: string, because: string}
 * @phpstan-type SchoolTree array{name: string, why: string, gives?: list<string>,
 *     gives_where?: array<string, list<string>>, contradicts?: list<ContradictionTree>}
 * @phpstan-type RuleTree array{title: string, value: string|int, choices: array<string, SchoolTree>, why: string,
 *     source: SourceTree}
 * @phpstan-type StatedTree array{id: string, title: string, followed: string, followed_why: string, other: string,
 *     other_why: string, source: SourceTree}
 * @phpstan-type PersonTree array{id: string, name: string, applies?: AppliesTree, source: SourceTree,
 *     asked_for: string, evaluation_months?: int}
 * @phpstan-type ThingTree array{id: string, name: string, applies?: AppliesTree, marked?: bool}
 * @phpstan-type FindingKindTree array{id: string, name: string, degrees?: list<string>}
 * @phpstan-type FilesTree array{
 *     'states/needs.yaml': array{needs: list<NeedTree>},
 *     'states/stages.yaml': array{stages: list<StageTree>},
 *     'conditions.yaml': array{conditions: list<ConditionTree>},
 *     'findings.yaml': array{kinds: list<FindingKindTree>, triage: list<TriageTree>},
 *     paces?: array<string, array{seconds: array<string, int>, walks: int}>,
 *     'qualifications.yaml'?: array{qualifications: list<PersonTree>},
 *     'closeups.yaml'?: array{closeups: list<CloseUpTree>},
 *     'rules/house.yaml': array{rules: array<string, RuleTree>},
 *     'rules/stated.yaml'?: array{defaults: list<StatedTree>},
 *     'site.yaml'?: array{questions: list<SiteQuestionTree>},
 *     'operators.yaml'?: array{categories: list<PersonTree>},
 *     'things.yaml'?: array{things: list<ThingTree>}}
 */
final class BuildCatalogue
{
    /** The names of the aspects of a machine's state in the catalogue's files. */
    private const ASPECTS = [
        'isolator' => Isolator::class,
        'key' => Key::class,
        'engine' => Engine::class,
        'temperature' => Temperature::class,
        'park_brake' => ParkBrake::class,
        'posture' => Posture::class,
        'articulation' => Articulation::class,
        'pressure' => Pressure::class,
        'area' => Area::class,
        'helper' => Helper::class,
        'controls' => Controls::class,
        'axles' => Axles::class,
    ];

    /** @var array<string, StateNeed> */
    private array $needs = [];

    public function from(CompiledCatalogue $compiled): Core\Catalogue
    {
        /** @var FilesTree $trees */
        $trees = $compiled->trees;
        /** @var array<string, array{kind: string, steps: list<BriefingStepTree>}> $briefings */
        $briefings = $this->below($compiled, 'briefings/');
        /** @var array<string, array{checks: list<CheckTree>}> $checks */
        $checks = $this->below($compiled, 'checks/');
        /** @var array<string, FamilyTree> $families */
        $families = $this->below($compiled, 'families/');
        /** @var array<string, ModelTree> $models */
        $models = $this->below($compiled, 'models/');
        /** @var array<string, array{points: list<ServiceTree>}> $service */
        $service = $this->below($compiled, 'service/');
        /** @var array<string, array{questions: list<QuestionTree>}> $questions */
        $questions = $this->below($compiled, 'questions/');
        /** @var array<string, array{sheets: list<SheetTree>}> $sheets */
        $sheets = $this->below($compiled, 'limits/');
        $steps = [];
        foreach ($briefings as $tree) {
            $kind = Core\BriefingKind::from($tree['kind']);
            $steps = [
                ...$steps,
                ...array_map(fn (array $step): Core\BriefingStep => $this->briefingStep($kind, $step), $tree['steps']),
            ];
        }
        $this->needs = $this->byId(array_map($this->need(...), $trees['states/needs.yaml']['needs']));
        $stages = $trees['states/stages.yaml']['stages'];

        return new Core\Catalogue(
            version: $compiled->version,
            checks: $this->byId(array_map($this->check(...), array_merge(...array_column($checks, 'checks')))),
            stages: array_map(
                fn (array $stage, int $at): Core\Stage => $this->stage($stage, $at),
                $stages,
                array_keys($stages),
            ),
            conditions: $this->byId(array_map($this->condition(...), $trees['conditions.yaml']['conditions'])),
            families: $this->byId(array_map($this->family(...), array_values($families))),
            models: $this->byId(array_map($this->model(...), array_values($models))),
            briefingSteps: $steps,
            findingKinds: array_map(
                static fn (array $kind): Core\FindingKind => new Core\FindingKind(
                    $kind['id'],
                    $kind['name'],
                    $kind['degrees'] ?? [],
                ),
                $trees['findings.yaml']['kinds'],
            ),
            triageRules: array_map($this->triageRule(...), $trees['findings.yaml']['triage']),
            paces: array_map(
                static fn (array $pace): Core\Pace => new Core\Pace($pace['seconds'], $pace['walks']),
                $trees['paces'] ?? [],
            ),
            qualifications: array_map(
                fn (array $one): Qualification => new Qualification(
                    $one['id'],
                    $one['name'],
                    AskedFor::from($one['asked_for']),
                    $this->applies($one),
                    $this->source($one['source']),
                ),
                $trees['qualifications.yaml']['qualifications'] ?? [],
            ),
            // A catalogue that an older release kept has none.
            closeUps: array_map($this->closeUp(...), $trees['closeups.yaml']['closeups'] ?? []),
            houseRules: $this->houseRules(
                $trees['rules/house.yaml']['rules'],
                $trees['rules/stated.yaml']['defaults'] ?? [],
            ),
            servicePoints: array_map(
                $this->servicePoint(...),
                array_merge(...array_column($service, 'points')),
            ),
            questions: array_map(
                $this->question(...),
                array_merge(...array_column($questions, 'questions')),
            ),
            limitSheets: array_map(
                (new BuildLimitSheets())->sheet(...),
                array_merge(...array_column($sheets, 'sheets')),
            ),
            siteQuestions: array_map((new BuildLimitSheets())->question(...), $trees['site.yaml']['questions'] ?? []),
            operatorCategories: array_map(
                fn (array $one): OperatorCategory => new OperatorCategory(
                    $one['id'],
                    $one['name'],
                    $this->applies($one),
                    $one['evaluation_months'] ?? null,
                    $this->source($one['source']),
                ),
                $trees['operators.yaml']['categories'] ?? [],
            ),
            countedThings: array_map(
                fn (array $one): Core\CountedThing => new Core\CountedThing(
                    $one['id'],
                    $one['name'],
                    $this->applies($one),
                    $one['marked'] ?? false,
                ),
                $trees['things.yaml']['things'] ?? [],
            ),
        );
    }

    /** @return array<string, array<string, mixed>> by file */
    private function below(CompiledCatalogue $compiled, string $folder): array
    {
        return array_filter(
            $compiled->trees,
            static fn (string $file): bool => str_starts_with($file, $folder),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * @template T of object{id: string}
     *
     * @param list<T> $things
     * @return array<string, T>
     */
    private function byId(array $things): array
    {
        return array_column($things, null, 'id');
    }

    /** @param  CheckTree  $tree */
    private function check(array $tree): Check
    {
        $reading = $tree['reading'] ?? null;

        return new Check(
            id: $tree['id'],
            title: $tree['title'],
            how: $tree['how'],
            accept: $tree['accept'],
            ifNot: $tree['if_not'],
            group: $tree['group'],
            places: $tree['places'],
            needs: $this->needs[$tree['needs']] ?? throw Core\NotInTheCatalogue::named('need', $tree['needs']),
            applies: $this->applies($tree),
            occasions: array_map(Occasion::from(...), $tree['occasions']),
            severity: Severity::from($tree['severity']),
            seconds: $tree['seconds'],
            answer: $this->answer($tree),
            source: $this->source($tree['source']),
            after: $tree['after'] ?? [],
            standsBefore: $tree['stands_before'] ?? null,
            conditions: $reading['conditions'] ?? [],
            looks: $reading['looks'] ?? [],
            limits: $reading['limits'] ?? null,
            occasionsWith: array_map(
                static fn (array $more): array => array_map(Occasion::from(...), $more),
                $tree['occasions_with'] ?? [],
            ),
            test: array_map(
                static fn (array $step): TestStep => new TestStep(
                    $step['do'],
                    $step['expect'],
                    $step['fail_means'],
                    $step['seconds'] ?? null,
                    isset($step['severity']) ? Severity::from($step['severity']) : null,
                ),
                $tree['test'] ?? [],
            ),
            paper: match ($tree['paper']['kind'] ?? null) {
                'dated' => Paper::dated(
                    $tree['paper']['months'],
                    $tree['paper']['hours'] ?? null,
                    $tree['paper']['register'] ?? null,
                ),
                'serial' => Paper::serial(),
                default => null,
            },
            canBePutRight: $tree['put_right'] ?? false,
            asksNumber: $tree['asks_number'] ?? false,
            standsForDays: $tree['stands_for'] ?? 0,
        );
    }

    /** @param  ServiceTree  $tree */
    private function servicePoint(array $tree): ServicePoint
    {
        $every = $tree['every'];

        return new ServicePoint(
            id: $tree['id'],
            name: $tree['name'],
            brief: $tree['brief'],
            do: $tree['do'],
            applies: $this->applies($tree),
            every: Interval::every(
                isset($every['hours']) ? Quantity::of($every['hours'], Unit::Hour) : null,
                $every['months'] ?? 0,
                $every['days'] ?? 0,
                $every['hires'] ?? 0,
            ),
            counts: CountsFrom::from($tree['counts_from']),
            severity: Severity::from($tree['severity']),
            tolerance: Quantity::of($tree['tolerance_h'], Unit::Hour),
            doneBy: DoneBy::from($tree['done_by']),
            contains: $tree['contains'] ?? [],
            places: $tree['places'],
            kit: array_map(
                static fn (array $item): KitItem => new KitItem(
                    $item['name'],
                    $item['quantity'] ?? null,
                    $item['unit'],
                ),
                $tree['kit'] ?? [],
            ),
            source: $this->source($tree['source']),
            spots: array_map(
                fn (array $spot): GreaseSpot => new GreaseSpot(
                    $spot['name'],
                    $spot['part'] ?? null,
                    $spot['nipples'],
                    $spot['strokes'],
                    $this->applies($spot),
                ),
                $tree['spots'] ?? [],
            ),
            after: array_map(After::from(...), $tree['after'] ?? []),
            meter: Meter::from($tree['meter'] ?? Meter::Main->value),
            until: isset($tree['until_hours']) ? Quantity::of($tree['until_hours'], Unit::Hour) : null,
        );
    }

    /** @param  CloseUpTree  $tree */
    private function closeUp(array $tree): Core\CloseUp
    {
        return new Core\CloseUp(
            $tree['id'],
            isset($tree['side']) ? Core\Side::from($tree['side']) : null,
            array_map(
                fn (array $one): Core\CloseUpVariant => new Core\CloseUpVariant($one['drawing'], $this->applies($one)),
                $tree['draws'],
            ),
            $tree['anchors'],
        );
    }

    /** @param  CheckTree  $tree */
    private function answer(array $tree): AnswerKind
    {
        return match (true) {
            isset($tree['reading']) => AnswerKind::from($tree['reading']['kind']),
            isset($tree['paper']) => AnswerKind::Paper,
            ($tree['asks'] ?? null) === 'dashboard' => AnswerKind::Dashboard,
            isset($tree['test']) => AnswerKind::FunctionTest,
            default => AnswerKind::Look,
        };
    }

    /** @param  array{applies?: AppliesTree, ...}  $tree */
    private function applies(array $tree): Applicability
    {
        $applies = $tree['applies'] ?? [];

        return new Applicability($applies['all'] ?? [], $applies['any'] ?? [], $applies['none'] ?? []);
    }

    /** @param  SourceTree  $tree */
    private function source(array $tree): Source
    {
        return new Source(SourceKind::from($tree['kind']), $tree['words']);
    }

    /** @param  StageTree  $tree */
    private function stage(array $tree, int $at): Core\Stage
    {
        $state = $tree['state'];

        return new Core\Stage(
            id: $tree['id'],
            title: $tree['title'],
            summary: $tree['summary'],
            order: $at,
            state: $this->state($tree['state']),
            seconds: $tree['seconds'],
            lines: array_map(
                fn (array $line): Core\StageLine => new Core\StageLine(
                    $line['id'],
                    $line['text'],
                    $line['why'],
                    $this->applies($line),
                    $line['wait_seconds'] ?? 0,
                    $line['wait_limit'] ?? null,
                    $this->aspects($line['leaves'] ?? []),
                    $line['cools_minutes'] ?? 0,
                    $line['alone'] ?? false,
                ),
                $tree['lines'],
            ),
            beginsReturn: isset($tree['begins_return']) ? $this->applies(['applies' => $tree['begins_return']]) : null,
        );
    }

    /** @param  StateTree  $tree */
    private function state(array $tree): MachineState
    {
        return new MachineState(
            Isolator::from($tree['isolator']),
            Key::from($tree['key']),
            Engine::from($tree['engine']),
            Temperature::from($tree['temperature']),
            ParkBrake::from($tree['park_brake']),
            Posture::from($tree['posture']),
            Articulation::from($tree['articulation']),
            Pressure::from($tree['pressure']),
            Area::from($tree['area']),
            Helper::from($tree['helper']),
            Controls::from($tree['controls']),
            Axles::from($tree['axles']),
        );
    }

    /** @param  NeedTree  $tree */
    private function need(array $tree): StateNeed
    {
        return new StateNeed(
            $tree['id'],
            $tree['title'],
            $this->aspects($tree['requires']),
            $this->aspects($tree['forbids'] ?? []),
        );
    }

    /**
     * @param AspectsTree $tree
     * @return list<Aspect>
     */
    private function aspects(array $tree): array
    {
        $aspects = [];
        foreach ($tree as $name => $values) {
            $enum = self::ASPECTS[$name];
            array_push($aspects, ...array_map(static fn (string $value): Aspect => $enum::from($value), $values));
        }

        return $aspects;
    }

    /** @param  ConditionTree  $tree */
    private function condition(array $tree): Condition
    {
        if (! isset($tree['unit'])) {
            return Condition::seen($tree['id'], $tree['asks'], $this->source($tree['source']));
        }
        $unit = Unit::named($tree['unit']);

        $measured = Condition::measured(
            $tree['id'],
            $tree['asks'],
            $this->source($tree['source']),
            $unit,
            isset($tree['at_least']) ? Quantity::of($tree['at_least'], $unit) : null,
            isset($tree['at_most']) ? Quantity::of($tree['at_most'], $unit) : null,
        );

        $measured = ($tree['figure'] ?? false) === true ? $measured->thatWantsItsFigure() : $measured;

        return ($tree['may_wait'] ?? false) === true ? $measured->thatMayWait() : $measured;
    }

    /** @param  FamilyTree  $tree */
    private function family(array $tree): Core\Family
    {
        $outline = $tree['outline'];

        return new Core\Family(
            id: $tree['id'],
            name: $tree['name'],
            drawing: $tree['drawing'],
            features: new Features($tree['features']),
            outline: new Core\Box($outline['left'], $outline['top'], $outline['right'], $outline['bottom']),
            stations: array_map(
                fn (array $station): Core\Station => new Core\Station(
                    id: $station['id'],
                    name: $station['name'],
                    direction: $station['direction'],
                    standing: Core\StationKind::from($station['standing'] ?? 'beside'),
                    shows: $this->point($station['shows']),
                    stands: isset($station['stands']) ? $this->point($station['stands']) : null,
                    places: $station['places'],
                    part: $station['part'] ?? null,
                    level: Core\Level::from($station['level'] ?? 'ground'),
                ),
                $tree['stations'],
            ),
            parts: array_map(
                static fn (array $part): Core\Part => new Core\Part(
                    $part['id'],
                    $part['name'],
                    $part['system'],
                    new Core\Box(...$part['box']),
                ),
                $tree['parts'],
            ),
        );
    }

    /** @param  PointTree  $pair */
    private function point(array $pair): Core\Point
    {
        return new Core\Point((float) $pair[0], (float) $pair[1]);
    }

    /** @param  ModelTree  $tree */
    private function model(array $tree): Core\MachineModel
    {
        return new Core\MachineModel(
            id: $tree['id'],
            familyId: $tree['family'],
            maker: $tree['maker'],
            name: $tree['name'],
            describes: $tree['describes'],
            massKilograms: $tree['mass_kg'],
            features: new Features($tree['features']),
            limits: array_map((new BuildLimits())->from(...), $tree['limits']),
            plate: isset($tree['plate']) ? (new BuildLimitSheets())->plate($tree['plate']) : null,
            servicePlaces: $tree['service_places'] ?? [],
            places: $tree['places'] ?? [],
        );
    }

    /** @param  BriefingStepTree  $tree */
    private function briefingStep(Core\BriefingKind $kind, array $tree): Core\BriefingStep
    {
        return new Core\BriefingStep(
            id: $tree['id'],
            kind: $kind,
            order: $tree['order'],
            name: $tree['name'],
            instruction: $tree['instruction'],
            why: $tree['why'],
            caution: $tree['caution'],
            applies: $this->applies($tree),
            part: $tree['part'] ?? null,
            timerSeconds: $tree['timer']['seconds'] ?? null,
            timerLabel: $tree['timer']['label'] ?? null,
            source: $this->source($tree['source']),
            timerLimit: $tree['timer']['limit'] ?? null,
            // A catalogue of an earlier release does not say: its steps are told to everybody, each time.
            level: Core\SignalWord::from($tree['level'] ?? Core\SignalWord::Danger->value),
            after: $tree['after'] ?? [],
            byHand: $tree['by_hand'] ?? false,
            ofThisModel: $tree['of_this_model'] ?? false,
            wear: array_map(Core\Wear::from(...), $tree['wear'] ?? []),
            site: $tree['site'] ?? null,
            controls: $tree['control'] ?? [],
            season: isset($tree['season']) ? Core\Season::from($tree['season']) : null,
        );
    }

    /** @param  QuestionTree  $tree */
    private function question(array $tree): Core\TeachBackQuestion
    {
        return new Core\TeachBackQuestion(
            $tree['id'],
            $tree['step'],
            $this->applies($tree),
            array_map(
                static fn (array $form): Core\QuestionForm => new Core\QuestionForm(
                    $form['ask'],
                    $form['right'],
                    array_map(
                        static fn (array $one): Core\WrongAnswer => new Core\WrongAnswer($one['say'], $one['because']),
                        $form['wrong'],
                    ),
                ),
                $tree['forms'],
            ),
        );
    }

    /** @param  TriageTree  $tree */
    private function triageRule(array $tree): Core\TriageRule
    {
        return new Core\TriageRule(
            id: $tree['id'],
            kinds: $tree['kinds'] ?? [],
            systems: $tree['systems'] ?? [],
            degrees: $tree['degrees'] ?? [],
            atLeastMillimetres: $tree['at_least_mm'] ?? 0,
            severity: Severity::from($tree['severity']),
            reason: $tree['reason'],
            source: $this->source($tree['source']),
        );
    }

    /** @param  SchoolTree  $tree */
    private function school(string $id, array $tree): Core\RuleOption
    {
        $contradicts = array_map(
            static fn (array $one): Core\Contradiction => new Core\Contradiction(
                $one['rule'],
                $one['school'],
                $one['because'],
            ),
            $tree['contradicts'] ?? [],
        );

        return new Core\RuleOption(
            $id,
            $tree['name'],
            $tree['why'],
            $tree['gives'] ?? [],
            $tree['gives_where'] ?? [],
            $contradicts,
        );
    }

    /** @param  StatedTree  $tree */
    private function stated(array $tree): Core\StatedDefault
    {
        return new Core\StatedDefault(
            $tree['id'],
            $tree['title'],
            $tree['followed'],
            $tree['followed_why'],
            $tree['other'],
            $tree['other_why'],
            $this->source($tree['source']),
        );
    }

    /**
     * @param array<string, RuleTree> $rules
     * @param list<StatedTree> $stated
     */
    private function houseRules(array $rules, array $stated): Core\HouseRules
    {
        return new Core\HouseRules(
            Core\Corner::from($rules['start_corner']['value']),
            Core\Turn::from($rules['turn']['value']),
            (int) $rules['handover_margin_minutes']['value'],
            Core\FirstVisit::from($rules['first_visit']['value']),
            array_map(
                fn (string $id, array $rule): Core\HouseRule => new Core\HouseRule(
                    $id,
                    $rule['title'],
                    (string) $rule['value'],
                    array_map($this->school(...), array_keys($rule['choices']), $rule['choices']),
                    $rule['why'],
                    $this->source($rule['source']),
                ),
                array_keys($rules),
                $rules,
            ),
            array_map($this->stated(...), $stated),
            $this->carried($rules),
        );
    }

    /** @param  array<string, RuleTree>  $rules */
    private function carried(array $rules): CarryRule
    {
        // A catalogue that an older release kept says nothing of it.
        return isset($rules['carried'], $rules['carried_days'])
            ? new CarryRule(
                CarrySchool::from($rules['carried']['value']),
                (int) substr((string) $rules['carried_days']['value'], strlen('days_')),
            )
            : CarryRule::nothing();
    }
}
