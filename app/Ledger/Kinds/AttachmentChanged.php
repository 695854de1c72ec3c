<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Catalogue\CatalogueRepository;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\MachineContext;
use App\Ledger\EntryOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\AttachmentChangedJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\AttachmentChangedPayload;
use App\Ledger\UpdateWalkLine;
use App\Models\LedgerEntry;
use App\Models\MachineAttachment;
use App\Models\User;
use App\Models\Walk;
use App\Models\WalkLine;
use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Check\Occasion;

/**
 * Another attachment was fitted in the yard, or the one that was there taken off. Lines of an open walk that are due
 * after such a change are open again, so a release that rested on them is void.
 *
 * @implements EntryOfMachine<AttachmentChangedPayload>
 */
final readonly class AttachmentChanged implements EntryOfMachine
{
    public function __construct(private CatalogueRepository $shelf, private UpdateWalkLine $lines)
    {
    }

    public static function name(): string
    {
        return 'attachment.changed';
    }

    public static function payload(): string
    {
        return AttachmentChangedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->repairs();
    }

    public function judge(IncomingEntry $entry, MachineContext $context): RecordedJudgement
    {
        $context->mustBeInTheYard();
        $machine = $context->machine;
        $now = MachineAttachment::query()->find($machine->id);
        if ($now !== null && $now->fitted === $entry->payload->fitted) {
            throw ApiProblem::because(ProblemName::IsFittedAlready, 409, [
                'number' => $machine->fleet_number,
                'fitted' => $now->fitted ?? '–',
            ]);
        }

        return new AttachmentChangedJudgement($now?->fitted, $this->due($machine->model_id));
    }

    /** @return list<string> ids of the checks that are due after another attachment */
    private function due(string $modelId): array
    {
        $catalogue = $this->shelf->current();
        $features = $catalogue->featuresOf($catalogue->model($modelId));

        return array_keys(array_filter($catalogue->checks, static fn (Check $check): bool => in_array(
            Occasion::AfterAttachmentChange,
            $check->dueOn($features),
            true,
        )));
    }

    public function project(LedgerEntry $entry): void
    {
        MachineAttachment::query()->updateOrCreate(['machine_id' => $entry->machineId()], [
            'fitted' => AttachmentChangedPayload::read($entry->payload())->fitted,
            'since' => $entry->recorded_at,
            'entry_id' => $entry->id,
        ]);
        $due = AttachmentChangedJudgement::read($entry->judgement())->due;
        $walks = Walk::notYetGone($entry->machineId())->pluck('id');
        $this->lines->dueAgain($entry, WalkLine::query()->whereIn('walk_id', $walks)->whereIn('check_id', $due));
    }
}
