<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\PlanCache;
use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\KnownHirer;
use App\Ledger\StepsOfHire;
use App\Limits\LimitsTold;
use App\Models\StepNote;
use App\Models\User;
use App\Models\Walk;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Briefing\BriefingLength;
use JadeLedger\Core\Briefing\BriefingTime;
use JadeLedger\Core\Briefing\HandoverGates;
use JadeLedger\Core\Briefing\TeachBack;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\QuestionForm;
use JadeLedger\Core\Catalogue\TeachBackQuestion;
use JadeLedger\Core\Catalogue\Wear;
use JadeLedger\Core\Catalogue\WrongAnswer;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\People\WithoutProof;

/** What the person who takes the machine is told, and how far they have been told it. */
final readonly class PresentBriefing
{
    public function __construct(
        private ContextOfWalk $context,
        private PresentDuties $duties,
        private KnownHirer $known,
        private StepsOfHire $steps,
        private LimitsTold $limits,
        private PresentOperators $operators,
        private PresentThings $things,
        private CurrentYard $yard,
        private PlanCache $plans,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Walk $walk, User $reader): array
    {
        return $this->in(($this->context)($walk, $reader));
    }

    /** @return array<string, mixed> */
    public function in(WalkContext $context): array
    {
        $walk = $context->walk;
        $family = $context->catalogue()->family($context->model->familyId);
        $features = $context->catalogue()->featuresOf($context->model);
        $handover = $walk->handover;
        $known = $this->known->of($walk->hire, $context->model);
        // The catalogue that a walk was opened under may know of no categories yet.
        $asked = PresentOperators::asked($this->plans->concerning($context->model->id), $context->model->id);

        return [
            'walk_id' => $walk->id,
            'hire_id' => $walk->hire_id,
            'folio' => $walk->hire->folio,
            'fleet_number' => $walk->machine->fleet_number,
            'maker' => $context->model->maker,
            'model' => $context->model->name,
            'family' => $family->name,
            'drawing' => $family->drawing,
            'parts' => PresentPlan::parts($family),
            'outline' => PresentPlan::box($family->outline),
            'comes_back_at' => Moment::text($walk->hire->comes_back_at),
            'steps' => array_map(
                static fn (BriefingStep $step): array => self::step($step) + [
                    'source' => PresentSource::of($step->source),
                    'control' => self::control($step, $context->catalogue(), $features),
                ],
                $this->steps->of($walk->hire, $context->catalogue(), $context->model),
            ),
            'lengths' => $this->lengths(
                $context,
                $known->shortest($this->yard->dayOf(CarbonImmutable::now())),
            ),
            'known' => ['family' => $known->family?->text(), 'model' => $known->model?->text()],
            'questions' => array_map(self::question(...), (new TeachBack($context->catalogue()))->for($context->model)),
            'answers' => (object) ($handover->answers ?? []),
            'gates' => array_map(
                static fn (Check $gate): array => [
                    'id' => $gate->id,
                    'title' => $gate->title,
                    'how' => $gate->how,
                    'accept' => $gate->accept,
                    'if_not' => $gate->ifNot,
                    'asks_number' => $gate->asksNumber,
                ],
                (new HandoverGates($context->catalogue()))->for($context->model),
            ),
            'duties' => $this->duties->of($walk),
            'operators' => $this->operators->of($walk->hire->customer, $asked),
            'operator_categories' => PresentOperators::categories($asked),
            'limits' => $this->limits->limits($walk->hire_id, $walk->machine),
            'site_cautions' => $this->limits->cautions($walk->hire_id, $walk->machine),
            'things' => $this->things->of($walk->hire),
            'steps_shown' => $handover->steps_shown ?? [],
            'signed_name' => $handover?->signed_name,
            'signed_at' => Moment::orNull($handover?->signed_at),
            'signature' => $handover?->signature === null ? null : json_decode($handover->signature, true),
            'others' => array_map(static fn (array $one): array => [
                'name' => $one['name'],
                'signed_at' => Moment::text(CarbonImmutable::parse($one['signed_at'])),
                'signature' => $one['signature'],
            ], $handover->others ?? []),
            'notes' => (object) StepNote::for($walk->hire->customer),
            'hirer_id' => $walk->hire->customer_id,
            'without_proof' => WithoutProof::of($context->catalogue()->featuresOf($context->model))->value,
            'hire_standing' => $walk->hire->standing()->value,
        ];
    }

    /** @return array<string, mixed> a step as whoever takes the machine reads it */
    public static function step(BriefingStep $step): array
    {
        return [
            'id' => $step->id,
            'kind' => $step->kind->value,
            'level' => $step->level->value,
            'by_hand' => $step->byHand,
            'wear' => array_map(static fn (Wear $wear): string => $wear->value, $step->wear),
            'name' => $step->name,
            'instruction' => $step->instruction,
            'why' => $step->why,
            'caution' => $step->caution,
            'part' => $step->part,
            'timer' => $step->timerSeconds === null
                ? null
                : ['seconds' => $step->timerSeconds, 'label' => (string) $step->timerLabel],
        ];
    }

    /** @return array<string, string>|null */
    private static function control(BriefingStep $step, Catalogue $catalogue, Features $features): ?array
    {
        $place = $step->controlOn($catalogue->closeUps, $features);

        return $place === null ? null : ['drawing' => $place->drawing, 'anchor' => $place->anchor];
    }

    /** @return list<array<string, mixed>> those that may be given, the longest first */
    private function lengths(WalkContext $context, BriefingLength $shortest): array
    {
        $given = array_filter(
            BriefingLength::cases(),
            static fn (BriefingLength $length): bool => $length->isAtLeast($shortest),
        );

        return array_values(
            array_map(function (BriefingLength $length) use ($context): array {
                $steps = $this->steps->of($context->walk->hire, $context->catalogue(), $context->model, $length);

                return [
                    'length' => $length->value,
                    'steps' => array_map(static fn (BriefingStep $step): string => $step->id, $steps),
                    'minutes' => BriefingTime::minutes($steps),
                ];
            }, $given),
        );
    }

    /** @return array<string, mixed> */
    private static function question(TeachBackQuestion $question): array
    {
        return [
            'id' => $question->id,
            'step' => $question->step,
            'forms' => array_map(
                static fn (QuestionForm $form): array => ['ask' => $form->ask, 'answers' => self::answers($form)],
                $question->forms,
            ),
        ];
    }

    /** @return list<array<string, mixed>> in an order in which the right one is not always the first */
    private static function answers(QuestionForm $form): array
    {
        $answers = [
            ['answer' => QuestionForm::RIGHT, 'say' => $form->right, 'because' => null],
            ...array_map(
                static fn (WrongAnswer $wrong, int $at): array => [
                    'answer' => $at + 1,
                    'say' => $wrong->say,
                    'because' => $wrong->because,
                ],
                $form->wrong,
                array_keys($form->wrong),
            ),
        ];
        usort($answers, static fn (array $a, array $b): int => crc32($a['say']) <=> crc32($b['say']));

        return $answers;
    }
}
