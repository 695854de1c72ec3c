<?php

declare(strict_types=1);

namespace App\Actions;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Catalogue\CatalogueRepository;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\PostToMachine;
use App\Models\Hire;
use App\Models\HireStatus;
use App\Models\Machine;
use App\Models\MachineLeft;
use App\Models\User;
use App\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** A machine comes into the fleet, is written down otherwise, or leaves it. Its chain and its folios stay for ever. */
final readonly class KeepMachine
{
    public function __construct(
        private CatalogueRepository $shelf,
        private WriteAudit $audit,
        private PostToMachine $post,
    ) {
    }

    /**
     * @param array{fleet_number: string, serial: string, bay: string|null, year: int|null} $plate
     * @param string|null $hours what its hour meter shows, where somebody read it
     *
     * @throws ApiProblem
     */
    public function add(string $modelId, array $plate, ?string $hours, User $by): Machine
    {
        if (! isset($this->shelf->current()->models[$modelId])) {
            throw self::refused(ProblemName::UnknownModel, 'model_id', ['model' => $modelId]);
        }

        return DB::transaction(function () use ($modelId, $plate, $hours, $by): Machine {
            $this->mustBeItsOwn($plate, null);
            $machine = Machine::query()->create(['model_id' => $modelId] + $plate);
            ($this->audit)(
                AuditKind::MachineAdded,
                $by,
                $machine->fleet_number,
                after: ['model' => $modelId] + array_filter($plate),
            );
            if ($hours !== null) {
                ($this->post)($machine, 'meter.read', ['hours' => $hours], $by);
            }

            return $machine;
        }, 3);
    }

    /**
     * @param array{fleet_number: string, serial: string, bay: string|null, year: int|null} $plate
     *
     * @throws ApiProblem
     */
    public function change(Machine $machine, array $plate, User $by): void
    {
        DB::transaction(function () use ($machine, $plate, $by): void {
            $this->mustBeItsOwn($plate, $machine);
            $before = [
                'fleet_number' => $machine->fleet_number,
                'serial' => $machine->serial,
                'year' => $machine->year,
            ];
            // Where it stands is an entry of its own, once it was moved.
            $machine->update(array_diff_key($plate, $machine->place === null ? [] : ['bay' => true]));
            ($this->audit)(AuditKind::MachineChanged, $by, $machine->fleet_number, $before, [
                'fleet_number' => $machine->fleet_number, 'serial' => $machine->serial, 'year' => $machine->year,
            ]);
        }, 3);
    }

    /** @throws ApiProblem while somebody waits for it, or has it */
    public function leave(Machine $machine, MachineLeft $as, string $why, User $by): void
    {
        DB::transaction(function () use ($machine, $as, $why, $by): void {
            Machine::query()->whereKey($machine->id)->lockForUpdate()->firstOrFail();
            $waiting = Hire::query()->with('state')->where('machine_id', $machine->id)->whereNull('cancelled_at')
                ->orderBy('goes_out_at')->get()
                ->first(
                    static fn (Hire $hire): bool => ! in_array(
                        $hire->standing(),
                        [HireStatus::Returned, HireStatus::Closed, HireStatus::Stopped],
                        true,
                    ),
                );
            if ($waiting !== null) {
                throw ApiProblem::because(
                    ProblemName::MachineIsBooked,
                    409,
                    ['number' => $machine->fleet_number, 'folio' => $waiting->folio],
                );
            }
            $machine->update(['left_at' => CarbonImmutable::now(), 'left_as' => $as]);
            ($this->audit)(
                AuditKind::MachineLeft,
                $by,
                $machine->fleet_number,
                after: ['as' => $as->value, 'why' => $why],
            );
        }, 3);
    }

    /**
     * @param array{fleet_number: string, serial: string, bay: string|null, year: int|null} $plate
     *
     * @throws ApiProblem
     */
    private function mustBeItsOwn(array $plate, ?Machine $itself): void
    {
        $taken = static fn (string $column): ?Machine => Machine::query()->where($column, $plate[$column])
            ->when($itself !== null, static fn ($query) => $query->whereKeyNot($itself?->id))
            ->first();
        if (($other = $taken('fleet_number')) !== null) {
            throw self::refused(ProblemName::NumberTaken, 'fleet_number', ['number' => $other->fleet_number]);
        }
        if (($other = $taken('serial')) !== null) {
            throw self::refused(ProblemName::SerialTaken, 'serial', ['number' => $other->fleet_number]);
        }
    }

    /** @param  array<string, string>  $figures */
    private static function refused(ProblemName $name, string $field, array $figures): ApiProblem
    {
        return ApiProblem::because(
            $name,
            422,
            $figures,
            [$field => [Words::say("problems.{$name->value}.detail", $figures)]],
        );
    }
}
