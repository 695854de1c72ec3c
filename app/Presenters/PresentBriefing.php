<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\Contexts\WalkContext;
use App\Models\User;
use App\Models\Walk;
use JadeLedger\Core\Briefing\ComposeBriefing;
use JadeLedger\Core\Briefing\HandoverGates;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\Check;

/** What the person who takes the machine is told, and how far they have been told it. */
final readonly class PresentBriefing
{
    public function __construct(private ContextOfWalk $context, private PresentDuties $duties)
    {
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
        $family = $context->catalogue->family($context->model->familyId);
        $handover = $walk->handover;

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
            'steps' => array_map(static fn (BriefingStep $step): array => [
                'id' => $step->id,
                'kind' => $step->kind->value,
                'name' => $step->name,
                'instruction' => $step->instruction,
                'why' => $step->why,
                'caution' => $step->caution,
                'part' => $step->part,
                'timer' => $step->timerSeconds === null ? null : ['seconds' => $step->timerSeconds, 'label' => (string) $step->timerLabel],
                'source' => PresentSource::of($step->source),
            ], (new ComposeBriefing($context->catalogue))->for($context->model)),
            'gates' => array_map(static fn (Check $gate): array => [
                'id' => $gate->id,
                'title' => $gate->title,
                'how' => $gate->how,
                'accept' => $gate->accept,
                'if_not' => $gate->ifNot,
                'asks_number' => $gate->asksNumber,
            ], (new HandoverGates($context->catalogue))->for($context->model)),
            'duties' => $this->duties->of($walk),
            'steps_shown' => $handover->steps_shown ?? [],
            'signed_name' => $handover?->signed_name,
            'signed_at' => Moment::orNull($handover?->signed_at),
            'signature' => $handover?->signature === null ? null : json_decode($handover->signature, true),
            'hire_standing' => $walk->hire->standing()->value,
        ];
    }
}
