<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\EntryOfWalk;
use App\Ledger\HandoverOfWalk;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\HandoverAlsoSignedPayload;
use App\Models\Handover;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\User;

/**
 * Another person who was told the same signs beside the first one: who operates it need not be who fetches it. Their
 * own proof is seen; the machine is out already.
 *
 * @implements EntryOfWalk<HandoverAlsoSignedPayload>
 */
final readonly class HandoverAlsoSigned implements EntryOfWalk
{
    private const MOST = 12;

    public function __construct(private HandoverOfWalk $handover)
    {
    }

    public static function name(): string
    {
        return 'handover.also_signed';
    }

    public static function payload(): string
    {
        return HandoverAlsoSignedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->handsOver();
    }

    public function judge(IncomingEntry $entry, WalkContext $context): RecordedJudgement
    {
        $handover = Handover::query()->find($context->walk->id);
        if ($handover?->signed_at === null) {
            throw ApiProblem::because(ProblemName::SignFirst, 409);
        }
        if ($context->walk->hire->refresh()->standing() !== HireStatus::Out) {
            throw ApiProblem::because(ProblemName::HireIsNotOut, 409);
        }
        $names = [(string) $handover->signed_name, ...array_column($handover->others ?? [], 'name')];
        $folded = array_map(mb_strtolower(...), $names);
        if (in_array(mb_strtolower($entry->payload->name), $folded, true)) {
            throw ApiProblem::because(ProblemName::SignedAlready, 409, ['name' => $entry->payload->name]);
        }
        if (count($names) > self::MOST) {
            throw ApiProblem::because(ProblemName::TooManySigned, 409, ['most' => self::MOST]);
        }
        HandoverOfWalk::mustBeSigned($entry->payload->signature);
        $this->handover->everyGateMustBePassed($context, $entry->payload->gates, $entry->recordedAt);

        return new NothingJudged;
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = HandoverAlsoSignedPayload::read($entry->payload());
        $handover = Handover::ofEntry($entry);
        $handover->fill(['others' => [...$handover->others ?? [], [
            'name' => $payload->name,
            'signature' => $payload->signature,
            'signed_at' => $entry->recorded_at->toIso8601ZuluString('microsecond'),
        ]]])->save();
    }
}
