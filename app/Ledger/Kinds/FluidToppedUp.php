<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Catalogue\CatalogueRepository;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\MachineContext;
use App\Ledger\EntryOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\FluidToppedUpJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\FluidToppedUpPayload;
use App\Models\LedgerEntry;
use App\Models\TopUpRecord;
use App\Models\User;
use App\Words;
use JadeLedger\Core\Reading\Fluids\HoldsFluid;

/**
 * Somebody filled up a fluid in the yard and measured how much went in.
 *
 * @implements EntryOfMachine<FluidToppedUpPayload>
 */
final readonly class FluidToppedUp implements EntryOfMachine
{
    public function __construct(private CatalogueRepository $shelf)
    {
    }

    public static function name(): string
    {
        return 'fluid.topped_up';
    }

    public static function payload(): string
    {
        return FluidToppedUpPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->repairs();
    }

    public function judge(IncomingEntry $entry, MachineContext $context): RecordedJudgement
    {
        $context->mustBeInTheYard();
        $machine = $context->machine;
        $catalogue = $this->shelf->current();
        $check = $catalogue->checks[explode('@', $entry->payload->line)[0]] ?? null;
        $limits = $check?->limits === null
            ? null
            : ($catalogue->model($machine->model_id)->limits[$check->limits] ?? null);
        if (! $limits instanceof HoldsFluid) {
            throw ApiProblem::because(
                ProblemName::NoFluidThere,
                422,
                ['number' => $machine->fleet_number],
                ['line' => [Words::say('problems.no_fluid_there.title')]],
            );
        }

        return new FluidToppedUpJudgement($limits->fluid()->name);
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = FluidToppedUpPayload::read($entry->payload());
        TopUpRecord::query()->create([
            'id' => $entry->id,
            'machine_id' => $entry->machineId(),
            'line' => $payload->line,
            'fluid' => FluidToppedUpJudgement::read($entry->judgement())->fluid,
            'litres' => $payload->litres,
            'at' => $entry->recorded_at,
        ]);
    }
}
