<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Ledger\JudgementRecord;
use App\Limits\EnteredInputs;
use App\Limits\FillSheetFor;
use App\Limits\SheetRecord;
use App\Limits\SheetsOfMachine;
use App\Models\Hire;
use App\Models\Machine;
use App\Presenters\PresentLimits;
use App\Presenters\PresentPhrase;
use App\Presenters\PresentSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use JadeLedger\Core\Limits\Sheet\InputRefused;

/** The limits of a machine, and what a sheet of them comes to while somebody types. */
final readonly class LimitsController
{
    public function __construct(
        private JsonBody $body,
        private SheetsOfMachine $sheets,
        private FillSheetFor $fill,
    ) {
    }

    public function show(Request $request, Machine $machine, PresentLimits $present): JsonResponse
    {
        Gate::authorize('view', $machine);

        return response()->json($present->of($machine, $this->hire($request->query('hire'), $machine)));
    }

    public function compute(Request $request, Machine $machine, string $sheet): JsonResponse
    {
        Gate::authorize('view', $machine);
        $asked = JsonObject::of($this->body->of($request, 'ComputeLimits'));
        $hire = $this->hire($asked->optionalString('hire_id'), $machine);
        $sheetOf = $this->sheets->sheetOf($machine, $sheet);
        $known = ($this->fill)($machine, $hire?->id);
        try {
            $result = $sheetOf->compute($known->inputs($sheetOf, EnteredInputs::read($asked->object('inputs'))));
        } catch (InputRefused $refused) {
            return response()->json(['result' => null, 'refused' => [
                'field' => $refused->field,
                'words' => PresentPhrase::sentence(JudgementRecord::phrase($refused->phrase)),
            ]]);
        }

        return response()->json(['result' => PresentSheet::result(SheetRecord::of($result)), 'refused' => null]);
    }

    private function hire(mixed $id, Machine $machine): ?Hire
    {
        return is_string($id) && $id !== ''
            ? Hire::query()->where('machine_id', $machine->id)->findOrFail($id)
            : null;
    }
}
