<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Catalogue\CatalogueRepository;
use App\Ledger\Contexts\MachineContext;
use App\Ledger\EntryOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\FindingPlacedJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\DamageFoundPayload;
use App\Ledger\PlaceFinding;
use App\Models\LedgerEntry;
use App\Models\MachineStatus;
use App\Models\User;

/**
 * Something wrong was seen on a machine in the yard, with no walk: the next walk finds it, and a stop holds the
 * machine.
 *
 * @implements EntryOfMachine<DamageFoundPayload>
 */
final readonly class DamageFound implements EntryOfMachine
{
    public function __construct(private PlaceFinding $place, private CatalogueRepository $shelf)
    {
    }

    public static function name(): string
    {
        return 'damage.found';
    }

    public static function payload(): string
    {
        return DamageFoundPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->repairs() || $user->role->handsOver();
    }

    public function judge(IncomingEntry $entry, MachineContext $context): RecordedJudgement
    {
        $context->mustBeInTheYard();
        $machine = $context->machine;
        $catalogue = $this->shelf->current();

        return $this->place->judge(
            $entry->payload->description,
            $entry->payload->severity,
            $entry->payload->photos,
            $catalogue,
            $catalogue->family($catalogue->model($machine->model_id)->familyId),
        );
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = DamageFoundPayload::read($entry->payload());
        MachineStatus::orInYard($entry->machineId());
        PlaceFinding::keep(
            $entry,
            $payload->description,
            FindingPlacedJudgement::read($entry->judgement()),
            $payload->words,
            $payload->photos,
            null,
            null,
        );
    }
}
