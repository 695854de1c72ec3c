<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Catalogue\CatalogueWords;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\Payloads\GatePassed;
use App\Models\Handover;
use App\Models\Role;
use App\Presenters\GroundName;
use App\Words;
use App\Yards\CurrentYard;
use Carbon\CarbonInterface;
use JadeLedger\Core\Briefing\BriefingLength;
use JadeLedger\Core\Briefing\HandoverGates;
use JadeLedger\Core\Briefing\Signature;
use JadeLedger\Core\Briefing\TeachBack;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Movement;
use JadeLedger\Core\Paper\CalendarDate;
use JadeLedger\Core\Paper\NotADate;
use JadeLedger\Core\People\WithoutProof;
use JadeLedger\Core\Release\Decision;

/** What has to be so before a machine is handed over. */
final readonly class HandoverOfWalk
{
    public function __construct(
        private DecideReleaseOfWalk $decide,
        private CurrentYard $yard,
        private KnownHirer $known,
        private StepsOfHire $steps,
        private OperatorsOfHirer $operators,
    ) {
    }

    /**
     * For what is told and asked before the signature. An entry that takes the release away has voided it by then; what
     * ends with the day is found at the signature.
     *
     * @throws ApiProblem where nothing was released, or the release is void
     */
    public static function releaseMustStand(WalkContext $context): void
    {
        $walk = $context->walk;
        $released = [Decision::Released, Decision::ReleasedWithConditions];
        if ($walk->movement !== Movement::Checkout || ! in_array($walk->decision, $released, true)) {
            throw ApiProblem::because(
                $walk->voided === null ? ProblemName::ReleaseFirst : ProblemName::ReleaseIsVoid,
                409,
            );
        }
    }

    /**
     * A release that was written down is a record and no permission: the decision is computed again, in the transaction
     * in which it takes effect and for the day on which the machine leaves.
     *
     * @throws ApiProblem with what keeps the machine here
     */
    public function mustBeReleased(WalkContext $context, CarbonInterface $at): void
    {
        self::releaseMustStand($context);
        $this->mustLetGo($context, $at);
    }

    /** @throws ApiProblem with what keeps the machine here, whatever was decided before */
    public function mustLetGo(WalkContext $context, CarbonInterface $at): void
    {
        $walk = $context->walk;
        $now = ($this->decide)($walk, $context->catalogue(), $this->yard->dayOf($at));
        if (! $now->letsGo($walk->coveredGrounds())) {
            $ground = $now->gravestBeyond($walk->coveredGrounds());
            throw ApiProblem::because(ProblemName::ReleaseDoesNotHold, 409, [
                'ground' => $ground === null
                    ? Words::say('words.decision.tagged_out')
                    : GroundName::of($ground->reference, $ground->title, $context),
            ]);
        }
    }

    /**
     * @param list<list<int>> $strokes
     *
     * @throws ApiProblem of a field that is empty, or has but a dot
     */
    public static function mustBeSigned(array $strokes): void
    {
        if (! (new Signature($strokes))->isDrawn()) {
            throw ApiProblem::because(ProblemName::NotASignature, 422);
        }
    }

    public function stepMustBeKnown(string $step, WalkContext $context): void
    {
        if (! in_array($step, $this->steps($context, BriefingLength::Full), true)) {
            throw ApiProblem::because(ProblemName::NoSuchStep, 422, ['step' => mb_substr($step, 0, 60)]);
        }
    }

    /**
     * @param BriefingLength $length as it was chosen; a shorter one than the hirer is known for is refused
     *
     * @throws ApiProblem
     */
    public function everyStepMustBeShown(WalkContext $context, BriefingLength $length, CarbonInterface $at): void
    {
        $known = $this->known->of($context->walk->hire, $context->model);
        if (! $length->isAtLeast($known->shortest($this->yard->dayOf($at)))) {
            throw ApiProblem::because(ProblemName::BriefingTooShort, 409);
        }
        $shown = Handover::query()->find($context->walk->id)->steps_shown ?? [];
        $left = count(array_diff($this->steps($context, $length), $shown));
        if ($left > 0) {
            throw ApiProblem::because(ProblemName::StepsNotShown, 409, ['left' => $left]);
        }
    }

    /** @throws ApiProblem with the question that was not answered rightly */
    public static function everyQuestionMustBeAnswered(WalkContext $context): void
    {
        $answers = Handover::query()->find($context->walk->id)->answers ?? [];
        $open = (new TeachBack($context->catalogue()))->open($context->model, $answers);
        if ($open !== []) {
            throw ApiProblem::because(ProblemName::AskedBack, 409, [
                'left' => count($open),
                'question' => CatalogueWords::say($open[0]->forms[0]->ask),
            ]);
        }
    }

    /**
     * @param list<GatePassed> $passed
     *
     * @throws ApiProblem with the gate that is shut
     */
    public function everyGateMustBePassed(WalkContext $context, array $passed, CarbonInterface $at): void
    {
        $numbers = $until = $excused = [];
        foreach ($passed as $gate) {
            $numbers[$gate->gate] = $gate->instead ?? $gate->number ?? '';
            if ($gate->instead !== null) {
                self::mustBeLetGoWithoutProof($context);
                $excused[] = $gate->gate;
            } elseif ($gate->validUntil !== null) {
                $until[$gate->gate] = self::day($gate->validUntil);
            }
        }
        $gates = new HandoverGates($context->catalogue());
        $shut = $gates->shut($context->model, $numbers);
        if ($shut !== []) {
            throw self::gate($shut[0]->asksNumber ? ProblemName::GateWantsNumber : ProblemName::GateIsShut, $shut);
        }
        $ended = $gates->ended($context->model, $until, $this->yard->dayOf($at));
        if ($ended !== []) {
            throw self::gate(ProblemName::ProofHasEnded, $ended);
        }
        if ($excused === []) {
            $this->operators->mustBeEvaluated($context, array_values(array_filter($numbers)), $at);
        }
    }

    /** @throws ApiProblem where the house rule lets nobody go without, or only the lead */
    private static function mustBeLetGoWithoutProof(WalkContext $context): void
    {
        $rule = WithoutProof::of($context->catalogue()->featuresOf($context->model));
        if ($rule === WithoutProof::Refused) {
            throw ApiProblem::because(ProblemName::NoneWithoutProof, 422);
        }
        if ($rule === WithoutProof::ByLead && $context->actor->role !== Role::Lead) {
            throw ApiProblem::because(ProblemName::OnlyTheLeadWithoutProof, 403);
        }
    }

    /** @param  non-empty-list<Check>  $gates */
    private static function gate(ProblemName $name, array $gates): ApiProblem
    {
        return ApiProblem::because(
            $name,
            422,
            ['title' => CatalogueWords::say($gates[0]->title)],
            ['gates' => array_map(static fn (Check $gate): string => CatalogueWords::say($gate->title), $gates)],
        );
    }

    private static function day(string $text): CalendarDate
    {
        try {
            return CalendarDate::parse($text);
        } catch (NotADate) {
            throw ApiProblem::because(
                ProblemName::NoSuchDay,
                422,
                ['date' => $text],
                ['gates' => [Words::say('problems.no_such_day.title')]],
            );
        }
    }

    /** @return list<string> */
    private function steps(WalkContext $context, BriefingLength $length): array
    {
        return array_map(
            static fn (BriefingStep $step): string => $step->id,
            $this->steps->of($context->walk->hire, $context->catalogue(), $context->model, $length),
        );
    }
}
