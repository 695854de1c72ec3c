<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\DecideReleaseOfWalk;
use App\Ledger\ServiceGround;
use App\Ledger\ServiceOnHire;
use App\Ledger\TagInOfWalk;
use App\Models\Finding;
use App\Models\Repair;
use App\Models\Tag;
use App\Models\User;
use App\Models\Walk;
use App\Models\WalkLine;
use App\Words;
use App\Yards\CurrentYard;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Release\Ground;
use JadeLedger\Core\Release\JudgedLine;
use JadeLedger\Core\Release\NotTaggedIn;

/** The decision on a walk's machine, each ground with the words that were said about it. */
final readonly class PresentRelease
{
    public function __construct(
        private DecideReleaseOfWalk $decide,
        private ContextOfWalk $context,
        private TagInOfWalk $tagIn,
        private PresentVoided $voided,
        private CurrentYard $yard,
        private ServiceOnHire $service,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Walk $walk, User $reader): array
    {
        $context = ($this->context)($walk, $reader);
        $today = $this->yard->dayOf(CarbonImmutable::now());
        $decision = ($this->decide)($walk, $context->catalogue(), $today);
        $service = [];
        foreach ($this->service->of($walk, $today) as $ground) {
            $service[$ground->reference()] = self::service($ground);
        }
        $lines = $walk->lines()->get()->keyBy('key');
        $findings = Finding::query()->where('machine_id', $walk->machine_id)->get()->keyBy('id');

        return [
            'decision' => $decision->decision->value,
            'good_until' => $this->decide->goodUntil($walk)?->text(),
            'voided' => $this->voided->of($context),
            'may_be_released_with_conditions' => $decision->mayBeReleasedWithConditions(),
            'grounds' => array_map(fn (Ground $ground): array => [
                'reference' => $ground->reference,
                'title' => GroundName::of($ground->reference, $ground->title, $context),
                'outcome' => $ground->outcome->value,
                'severity' => $ground->severity->value,
                'lifted_by' => $ground->liftedBy->value,
                'words' => $service[$ground->reference]
                    ?? $this->words($lines->get($ground->reference), $findings->get($ground->reference)),
                'line' => $lines->has($ground->reference) ? $ground->reference : null,
                'finding' => $findings->has($ground->reference) ? $ground->reference : null,
            ], $decision->grounds),
            ...$this->tagIn($walk, $context),
            'tag' => PresentTag::hangingOn($walk->machine_id),
            'decided' => $walk->decision === null || $walk->decidedBy === null || $walk->decided_at === null ? null : [
                'decision' => $walk->decision->value,
                'by' => PresentPerson::of($walk->decidedBy),
                'at' => Moment::text($walk->decided_at),
                'conditions' => $walk->conditions,
            ],
        ];
    }

    /** @return array<string, mixed> what was mended, and what keeps the reader from taking the tag off */
    private function tagIn(Walk $walk, WalkContext $context): array
    {
        $tag = Tag::hangingOn($walk->machine_id);
        if ($tag === null) {
            return ['repair' => null, 'tag_stays' => null];
        }
        $repair = Repair::under($tag->id);
        $rule = ($this->tagIn)($walk, $tag, $context->catalogue());
        $why = $rule->inTheWayOf($context->actor->id);
        $lines = $why === NotTaggedIn::SomethingStops ? $rule->stops() : $rule->stillDue();
        $figures = [
            'count' => count($lines),
            'lines' => implode(
                ', ',
                array_map(
                    static fn (JudgedLine $line): string => GroundName::of($line->reference, $line->title, $context),
                    array_slice($lines, 0, 5),
                ),
            ),
        ];

        return [
            'repair' => $repair === null ? null : [
                'words' => $repair->words,
                'parts' => $repair->parts,
                'by' => PresentPerson::of($repair->repairedBy),
                'at' => Moment::text($repair->repaired_at),
                'due' => count($repair->due),
                'still_due' => array_map(static fn (JudgedLine $line): string => $line->reference, $rule->stillDue()),
            ],
            'tag_stays' => $why === null ? null : Words::say("problems.tag_stays_{$why->value}.detail", $figures),
        ];
    }

    /** When it is due, and what is usual then: done before, done on site, or the machine brought in. */
    private static function service(ServiceGround $ground): string
    {
        $point = $ground->point;
        $hours = $point->due?->hours;
        $due = implode(' / ', array_filter([
            $hours === null ? null : WrittenFigure::of((string) $hours->decimal(0, RoundingMode::HALF_UP), Unit::Hour),
            $point->due?->on === null ? null : WrittenDate::day($point->due->on),
        ]));

        return match (true) {
            $point->state->isDue(), $ground->onHire === null => Words::say('words.service.is_due', ['due' => $due]),
            default => Words::say('words.service.on_hire', [
                'due' => $due, 'day' => $ground->onHire->day, 'date' => WrittenDate::day($ground->onHire->on),
            ]),
        };
    }

    private function words(?WalkLine $line, ?Finding $finding): string
    {
        if ($finding !== null) {
            return $finding->words === '' ? $finding->proposed_because : $finding->words;
        }

        return $line?->judgement === null
            ? Words::say('words.not_answered_yet')
            : PresentJudgement::of($line->judgement)['verdict']['reason'];
    }
}
