<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalogue\CatalogueRepository;
use App\Contract\JsonObject;
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
use JadeLedger\Core\Walk\PlanWalk;

/** Plans the walk of a movement and opens it; a movement that has a walk already gives that one. */
final readonly class OpenWalk
{
    public function __construct(
        private CatalogueRepository $shelf,
        private PresentPlan $present,
        private AppendEntry $append,
        private AnswerFromRegister $register,
        private PeriodicChecksOfHire $periodic,
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
        $catalogue = $this->shelf->current();
        $model = $catalogue->model($hire->machine->model_id);
        $plan = (new PlanWalk($catalogue))->for($model, $movement, $this->periodic->of($hire, $movement, $recordedAt));
        $body = json_encode(
            $this->present->plan($plan, $catalogue, $model),
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
