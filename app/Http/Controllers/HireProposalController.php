<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\JsonObject;
use App\Hires\ConflictsOfHire;
use App\Hires\WantedHire;
use App\Hires\YardTime;
use App\Http\JsonBody;
use App\Models\Hire;
use App\Models\Machine;
use App\Presenters\Moment;
use App\Presenters\PresentConflict;
use App\Presenters\PresentMachine;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use JadeLedger\Core\Hire\HireConflict;

/** What would be in the way of a hire, before it is booked, and which machines of the kind are free instead. */
final readonly class HireProposalController
{
    /** Machines that are offered instead, and so many are looked at for them. */
    private const OFFERED = 6;

    private const LOOKED_AT = 60;

    public function __construct(
        private JsonBody $body,
        private YardTime $time,
        private ConflictsOfHire $conflicts,
        private PresentMachine $present,
    ) {
    }

    public function __invoke(Request $request): JsonResponse
    {
        Gate::authorize('book');
        $asked = JsonObject::of($this->body->of($request, 'ProposeHire'));
        $wanted = WantedHire::read($asked, $this->time);
        $machine = Machine::query()->with(['state', 'place'])->findOrFail($asked->string('machine_id'));
        $itself = $asked->has('hire_id') ? Hire::query()->findOrFail($asked->string('hire_id')) : null;
        $found = $this->conflicts->of($machine, $wanted->period, $itself);

        return response()->json([
            'conflicts' => array_map(PresentConflict::of(...), $found),
            'start_by' => Moment::text($this->conflicts->latestStart($machine, $wanted->period)),
            'instead' => $this->bars($found) ? $this->instead($machine, $wanted) : [],
        ]);
    }

    /** @return list<array<string, mixed>> */
    private function instead(Machine $machine, WantedHire $wanted): array
    {
        $free = [];
        $others = Machine::query()->with(['state', 'place'])->where(
            'model_id',
            $machine->model_id,
        )->whereKeyNot($machine->id)
            ->whereNull('left_at')->orderBy('fleet_number')->limit(self::LOOKED_AT)->get();
        foreach ($others as $other) {
            if (count($free) < self::OFFERED && ! $this->bars($this->conflicts->of($other, $wanted->period))) {
                $free[] = $this->present->row($other);
            }
        }

        return $free;
    }

    /** @param  list<HireConflict>  $found */
    private function bars(array $found): bool
    {
        return array_filter($found, static fn (HireConflict $one): bool => $one->kind->bars()) !== [];
    }
}
