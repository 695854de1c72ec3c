<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\FindingPlacedJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\FindingPlacedPayload;
use App\Ledger\PlaceFinding;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Models\Walk;

/**
 * Something wrong was found and put on the plan drawing.
 *
 * @implements EntryOfWalk<FindingPlacedPayload>
 */
final readonly class FindingPlaced implements EntryOfWalk
{
    public function __construct(private PlaceFinding $place)
    {
    }

    public static function name(): string
    {
        return 'finding.placed';
    }

    public static function payload(): string
    {
        return FindingPlacedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        return $this->place->judge(
            $entry->payload->description,
            $entry->payload->severity,
            $entry->payload->photos,
            $context->catalogue(),
            $context->catalogue()->family($context->model->familyId),
        );
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = FindingPlacedPayload::read($entry->payload());
        PlaceFinding::keep(
            $entry,
            $payload->description,
            FindingPlacedJudgement::read($entry->judgement()),
            $payload->words,
            $payload->photos,
            $payload->line,
            Walk::query()->findOrFail($entry->walkId())->movement,
        );
    }
}
