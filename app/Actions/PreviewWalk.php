<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalogue\PlanCache;
use App\Hires\ContestedHires;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\OpeningOfWalk;
use App\Ledger\PeriodicChecksOfHire;
use App\Models\Hire;
use App\Models\User;
use App\Models\Walk;
use App\Presenters\PresentPlan;
use App\Presenters\PresentWalk;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use JadeLedger\Core\Check\Movement;

/**
 * The walk that a movement would have if it were opened now, for a tablet that will be out of reach. Writes nothing.
 */
final readonly class PreviewWalk
{
    public function __construct(
        private PlanCache $plans,
        private ContestedHires $contested,
        private PresentPlan $plan,
        private PresentWalk $present,
        private PeriodicChecksOfHire $periodic,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(Hire $hire, Movement $movement, User $reader): array
    {
        $open = OpeningOfWalk::alreadyOpen($hire, $movement);
        if ($open !== null) {
            return $this->present->whole($open, $reader);
        }
        OpeningOfWalk::mustBeDue($hire, $movement);
        OpeningOfWalk::mustNotBeContested($hire, $movement, $this->contested);
        $kit = $this->plans->today(
            $hire->machine->model_id,
            $movement,
            $this->periodic->of($hire, $movement, CarbonImmutable::now()),
        );
        $walk = new Walk([
            'id' => (string) Str::uuid7(),
            'hire_id' => $hire->id,
            'machine_id' => $hire->machine_id,
            'movement' => $movement,
            'opened_by_id' => $reader->id,
            'opened_at' => CarbonImmutable::now(),
            'stages_entered' => [],
            'conditions' => [],
        ]);
        $walk->setRelations(['hire' => $hire, 'machine' => $hire->machine, 'openedBy' => $reader, 'handover' => null]);

        return $this->present->beforeItIsOpened(
            new WalkContext($walk, $kit, $reader),
            $this->plan->plan($kit->plan, $kit->catalogue(), $kit->model),
        );
    }
}
