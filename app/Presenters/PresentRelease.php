<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\ContextOfWalk;
use App\Ledger\DecideReleaseOfWalk;
use App\Models\Finding;
use App\Models\User;
use App\Models\Walk;
use App\Models\WalkLine;
use App\Words;
use JadeLedger\Core\Release\Ground;

/** The decision on a walk's machine, each ground with the words that were said about it. */
final readonly class PresentRelease
{
    public function __construct(private DecideReleaseOfWalk $decide, private ContextOfWalk $context)
    {
    }

    /** @return array<string, mixed> */
    public function of(Walk $walk, User $reader): array
    {
        $context = ($this->context)($walk, $reader);
        $decision = ($this->decide)($walk, $context->catalogue);
        $lines = $walk->lines()->get()->keyBy('key');
        $findings = Finding::query()->where('machine_id', $walk->machine_id)->get()->keyBy('id');

        return [
            'decision' => $decision->decision->value,
            'may_be_released_with_conditions' => $decision->mayBeReleasedWithConditions(),
            'grounds' => array_map(fn (Ground $ground): array => [
                'reference' => $ground->reference,
                'title' => $ground->title,
                'outcome' => $ground->outcome->value,
                'severity' => $ground->severity->value,
                'lifted_by' => $ground->liftedBy->value,
                'words' => $this->words($lines->get($ground->reference), $findings->get($ground->reference)),
                'line' => $lines->has($ground->reference) ? $ground->reference : null,
                'finding' => $findings->has($ground->reference) ? $ground->reference : null,
            ], $decision->grounds),
            'tag' => PresentTag::hangingOn($walk->machine_id),
            'decided' => $walk->decision === null || $walk->decidedBy === null || $walk->decided_at === null ? null : [
                'decision' => $walk->decision->value,
                'by' => PresentPerson::of($walk->decidedBy),
                'at' => Moment::text($walk->decided_at),
                'conditions' => $walk->conditions,
            ],
        ];
    }

    private function words(?WalkLine $line, ?Finding $finding): string
    {
        if ($finding !== null) {
            return $finding->words === '' ? $finding->proposed_because : $finding->words;
        }

        return $line?->judgement === null ? Words::say('words.not_answered_yet') : PresentJudgement::of($line->judgement)['verdict']['reason'];
    }
}
