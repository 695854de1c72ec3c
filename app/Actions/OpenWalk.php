<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalogue\CatalogueRepository;
use App\Catalogue\PlanCache;
use App\Contract\JsonObject;
use App\Hires\ContestedHires;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Actor;
use App\Ledger\AnswerFromRegister;
use App\Ledger\AppendEntry;
use App\Ledger\ChainHead;
use App\Ledger\EntryClock;
use App\Ledger\EntryPlace;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\WalkOpenedJudgement;
use App\Ledger\Kinds\WalkOpened;
use App\Ledger\OpeningOfWalk;
use App\Ledger\Payloads\WalkOpenedPayload;
use App\Ledger\PeriodicChecksOfHire;
use App\Ledger\RebuildProgress;
use App\Models\Hire;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\User;
use App\Models\Walk;
use App\Models\WalkPlanRecord;
use App\Presenters\PresentPlan;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Check\Movement;

/** Plans the walk of a movement and opens it; a movement that has a walk already gives that one. */
final readonly class OpenWalk
{
    public function __construct(
        private CatalogueRepository $shelf,
        private PresentPlan $present,
        private AppendEntry $append,
        private AnswerFromRegister $register,
        private PeriodicChecksOfHire $periodic,
        private PlanCache $plans,
        private ContestedHires $contested,
        private RebuildProgress $rebuild,
    ) {
    }

    public function __invoke(
        Hire $hire,
        Movement $movement,
        string $walkId,
        CarbonImmutable $recordedAt,
        User $actor,
    ): Walk {
        return DB::transaction(function () use ($hire, $movement, $walkId, $recordedAt, $actor): Walk {
            $this->rebuild->waitsForWriter();
            Machine::query()->whereKey($hire->machine_id)->lockForUpdate()->firstOrFail();
            $open = OpeningOfWalk::alreadyOpen($hire, $movement);
            if ($open !== null) {
                return $open;
            }
            $last = LedgerEntry::query()->where('machine_id', $hire->machine_id)
                ->orderByDesc('sequence')
                ->first(['recorded_at']);
            EntryClock::openingMustFit($recordedAt, $last?->recorded_at);
            OpeningOfWalk::mustBeDue($hire, $movement);
            OpeningOfWalk::mustNotBeContested($hire, $movement, $this->contested);

            return $this->open($hire, $movement, $walkId, $recordedAt, $actor);
        }, 3);
    }

    private function open(
        Hire $hire,
        Movement $movement,
        string $walkId,
        CarbonImmutable $recordedAt,
        User $actor,
    ): Walk {
        if (DB::table('walk_plans')->where('walk_id', $walkId)->exists()) {
            throw ApiProblem::because(ProblemName::IdAlreadyUsed, 409, ['id' => $walkId]);
        }
        $kit = $this->plans->today(
            $hire->machine->model_id,
            $movement,
            $this->periodic->of($hire, $movement, $recordedAt),
        );
        $plan = $kit->plan;
        $body = json_encode(
            $this->present->plan($plan, $kit->catalogue(), $kit->model),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
        $record = new WalkPlanRecord();
        $record->setRawAttributes([
            'walk_id' => $walkId,
            'catalogue_version' => $this->shelf->keepCurrent(),
            'sha256' => hash('sha256', $body),
            'body' => $body,
            'created_at' => CarbonImmutable::now()->format('Y-m-d H:i:s.u'),
        ]);
        $record->save();
        $said = (object) [
            'movement' => $movement->value,
            'catalogue_version' => $record->catalogue_version,
            'plan_sha256' => $record->sha256,
            'catalogue_sha256' => $this->shelf->digestOf($record->catalogue_version),
        ];
        $payload = WalkOpenedPayload::read(JsonObject::of($said));
        ($this->append)(
            new IncomingEntry($walkId, WalkOpened::name(), $recordedAt, null, $payload, $said),
            new WalkOpenedJudgement($plan->seconds(), count($plan->lines())),
            ChainHead::of($hire->machine_id),
            EntryPlace::newWalk($hire, $walkId),
            Actor::person($actor),
        );

        $walk = Walk::query()->findOrFail($walkId);
        ($this->register)($walk, $plan);

        return $walk;
    }
}
