<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\Kinds\SecondStoodBy;
use App\Ledger\Payloads\NamesSecond;
use App\Ledger\Payloads\Payload;
use App\Ledger\Payloads\StateCrossedPayload;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Words;
use Carbon\CarbonImmutable;
use JadeLedger\Core\People\SecondPerson;
use JadeLedger\Core\People\StandingBy;

/**
 * Whether somebody else confirmed an entry: by the secret that is sealed in it, or from a session of their own on the
 * same walk, a little before. To name somebody is not enough.
 */
final class ConfirmSecond
{
    /**
     * Longer on the way than this, an entry was kept on a tablet out of reach: whoever typed the secret is not there
     * any more.
     */
    private const SECONDS_AT_ONCE = 120;

    /**
     * @param IncomingEntry<NamesSecond&Payload> $entry
     *
     * @throws ApiProblem when nobody else confirmed it and somebody could still be asked
     */
    public function __invoke(IncomingEntry $entry, WalkContext $context): User
    {
        $named = $entry->payload->second();
        $why = match (SecondPerson::beside($context->actor->id, $named)) {
            SecondPerson::Missing => ProblemName::SecondPersonMissing,
            SecondPerson::IsTheFirst => ProblemName::SecondPersonIsTheFirst,
            default => null,
        };
        $second = $why === null ? User::query()->find($named) : null;
        if ($second !== null && (! $second->role->standsBy() || $second->left_at !== null)) {
            $why = ProblemName::SecondPersonUnknown;
        }
        if ($second === null || $why !== null) {
            $why ??= ProblemName::SecondPersonUnknown;
            throw ApiProblem::because(
                $why,
                422,
                ['stage' => Words::say('words.entry.'.str_replace('.', '_', $entry->kind))],
                ['second' => [Words::say("problems.{$why->value}.title")]],
            );
        }
        if ($context->isConfirmedByTheLead) {
            return $second;
        }
        if ($context->enteredBy !== null) {
            // Paper is signed with a pen: whoever stood by cannot be asked any more, but the lead can look.
            $entry->doubts->add(Doubt::SecondOnPaper);

            return $second;
        }
        if ($entry->second?->wrong === null && $entry->second?->personId === $second->id) {
            return $second;
        }
        if ($this->stoodBy($second, $entry, $context) || $this->stillStandsBy($second, $entry, $context)) {
            return $second;
        }
        if (
            $entry->second !== null
            && abs($entry->recordedAt->diffInSeconds(CarbonImmutable::now())) > self::SECONDS_AT_ONCE
        ) {
            $entry->doubts->add(Doubt::SecondPerson);

            return $second;
        }
        throw $entry->second?->wrong !== null
            ? new ApiProblem($entry->second->wrong)
            : ApiProblem::because(
                ProblemName::SecondNotConfirmed,
                422,
                ['name' => $second->name],
                ['second' => [Words::say('problems.second_not_confirmed.title')]],
            );
    }

    /**
     * Whether they confirmed it at a crossing before that the entry names, and have stood by since.
     *
     * @param IncomingEntry<NamesSecond&Payload> $entry
     */
    private function stillStandsBy(User $second, IncomingEntry $entry, WalkContext $context): bool
    {
        $from = $entry->payload instanceof StateCrossedPayload ? $entry->payload->secondFrom : null;
        $standing = $from === null ? null : WhoStandsBy::on($context->walk->id, $context->plan);

        return $standing !== null
            && $standing->crossing === $from
            && $standing->stillStandsBeside(
                $context->actor->id,
                $second->id,
                $entry->recordedAt->toDateTimeImmutable(),
            );
    }

    /** @param  IncomingEntry<Payload>  $entry */
    private function stoodBy(User $second, IncomingEntry $entry, WalkContext $context): bool
    {
        return LedgerEntry::query()->where('walk_id', $context->walk->id)
            ->where('kind', SecondStoodBy::name())
            ->where('actor_id', $second->id)
            ->whereBetween(
                'recorded_at',
                [
                    $entry->recordedAt->subMinutes(StandingBy::MINUTES)->format('Y-m-d H:i:s.u'),
                    $entry->recordedAt->addMinutes(EntryClock::TOLERANCE_MINUTES)->format('Y-m-d H:i:s.u'),
                ],
            )
            ->exists();
    }
}
