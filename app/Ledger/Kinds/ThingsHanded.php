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
use App\Models\HireThing;
use App\Models\LedgerEntry;
use App\Models\User;
use Ramsey\Uuid\Uuid;

/**
 * What goes along with the machine, as it was counted out: harness, helmets, chains, charger. The last count of a thing
 * is the one that counts; once things were counted back, nothing more is counted out.
 *
 * @implements EntryOfHire<ThingsCountedPayload>
 */
final readonly class ThingsHanded implements EntryOfHire
{
    public function __construct(private ThingsOfHire $things)
    {
    }

    public static function name(): string
    {
        return 'things.handed';
    }

    public static function payload(): string
    {
        return ThingsCountedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return $user->role->walks() || $user->role->handsOver() || $user->role->settles();
    }

    public function judge(IncomingEntry $entry, HireContext $context): RecordedJudgement
    {
        $offered = $this->things->offered($context->hire->machine);
        foreach ($entry->payload->things as $one) {
            if (! isset($offered[$one->thing])) {
                throw ApiProblem::because(ProblemName::NoSuchThing, 422, [
                    'thing' => mb_substr($one->thing, 0, 40),
                    'known' => implode(', ', array_keys($offered)),
                ]);
            }
        }
        $isCountedBack = HireThing::query()->where('hire_id', $context->hire->id)->whereNotNull('returned')->exists();
        if ($isCountedBack) {
            throw ApiProblem::because(ProblemName::ThingsAreBack, 409);
        }

        return new NothingJudged();
    }

    public function project(LedgerEntry $entry): void
    {
        foreach (ThingsCountedPayload::read($entry->payload())->things as $one) {
            HireThing::query()->updateOrCreate(
                ['hire_id' => $entry->hire_id, 'thing' => $one->thing],
                [
                    'id' => Uuid::uuid5($entry->id, $one->thing)->toString(),
                    'handed' => $one->count,
                    'marks' => $one->marks,
                    'handed_at' => $entry->recorded_at,
                    'handed_by_id' => $entry->actor_id,
                ],
            );
        }
    }
}
