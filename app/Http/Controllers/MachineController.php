<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepMachine;
use App\Actions\ReportMachineFound;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Models\Machine;
use App\Models\MachineLeft;
use App\Models\User;
use App\Presenters\PresentHire;
use App\Presenters\PresentMachineDetail;
use App\Search\ListFleet;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final readonly class MachineController
{
    public function __construct(private JsonBody $body, private KeepMachine $keep)
    {
    }

    public function index(Request $request, ListFleet $list, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('viewAny', Machine::class);

        return response()->json($list($request, $user));
    }

    public function show(Machine $machine, PresentMachineDetail $present): JsonResponse
    {
        Gate::authorize('view', $machine);

        return response()->json($present->of($machine));
    }

    public function store(Request $request, PresentMachineDetail $present, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('keep-machines');
        $asked = JsonObject::of($this->body->of($request, 'AddMachine'));
        $hours = $asked->optionalString('hours');
        $machine = $this->keep->add($asked->string('model_id'), self::plate($asked), $hours, $user);

        return response()->json($present->of($machine), 201);
    }

    public function update(
        Request $request,
        Machine $machine,
        PresentMachineDetail $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('keep-machines');
        $this->keep->change($machine, self::plate(JsonObject::of($this->body->of($request, 'ChangeMachine'))), $user);

        return response()->json($present->of($machine->refresh()));
    }

    public function found(
        Request $request,
        Machine $machine,
        ReportMachineFound $report,
        PresentHire $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('report-found');
        $asked = JsonObject::of($this->body->of($request, 'MachineFoundPayload'));

        return response()->json($present->of($report($machine, trim($asked->string('reason')), $user)), 201);
    }

    public function leave(
        Request $request,
        Machine $machine,
        PresentMachineDetail $present,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('keep-machines');
        $asked = JsonObject::of($this->body->of($request, 'LeaveFleet'));
        $this->keep->leave($machine, MachineLeft::from($asked->string('as')), trim($asked->string('why')), $user);

        return response()->json($present->of($machine->refresh()));
    }

    /** @return array{fleet_number: string, serial: string, bay: string|null, year: int|null} */
    private static function plate(JsonObject $asked): array
    {
        $bay = trim((string) $asked->optionalString('bay'));

        return [
            'fleet_number' => mb_strtoupper(trim($asked->string('fleet_number'))),
            'serial' => trim($asked->string('serial')),
            'bay' => $bay === '' ? null : $bay,
            'year' => $asked->optionalInteger('year'),
        ];
    }
}
