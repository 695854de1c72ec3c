<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\HireContext;
use App\Ledger\EntryOfHire;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\NothingJudged;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\ThingsCountedPayload;
use App\Ledger\ThingsOfHire;
use App\Models\HireStatus;
use App\Models\HireThing;
use App\Models\LedgerEntry;
use App\Models\User;

/**
 * What came back of the things that went along; what is missing stands in the spread until it is explained. The last
 * count of a thing is the one that counts.
 *
 * @implements EntryOfHire<ThingsCountedPayload>
 */
final readonly class ThingsReturned implements EntryOfHire
{
    public function __construct(private ThingsOfHire $things)
    {
    }

    public static function name(): string
    {
        return 'things.returned';
    }

    public static function payload(): string
    {
        return ThingsCountedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->settles();
    }

    public function judge(IncomingEntry $entry, HireContext $context): RecordedJudgement
    {
        $hasLeft = in_array(
            $context->hire->standing(),
            [HireStatus::Out, HireStatus::WalkingIn, HireStatus::Returned],
            true,
        );
        if (! $hasLeft) {
            throw ApiProblem::because(ProblemName::NothingOutYet, 409);
        }
        $handed = HireThing::handedOn($context->hire->id)->pluck('thing')->all();
        foreach ($entry->payload->things as $one) {
            if (! in_array($one->thing, $handed, true)) {
                throw ApiProblem::because(ProblemName::ThingNotHanded, 409, [
                    'thing' => $this->things->name(mb_substr($one->thing, 0, 40)),
                ]);
            }
        }

        return new NothingJudged();
    }

    public function project(LedgerEntry $entry): void
    {
        foreach (ThingsCountedPayload::read($entry->payload())->things as $one) {
            HireThing::query()->where('hire_id', $entry->hire_id)->where('thing', $one->thing)->update([
                'returned' => $one->count,
                'returned_at' => $entry->recorded_at->format('Y-m-d H:i:s.u'),
                'returned_by_id' => $entry->actor_id,
            ]);
        }
    }
}
