<?php

declare(strict_types=1);

namespace App\Actions;

use App\Contract\Contract;
use App\Contract\JsonObject;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\Problem;
use App\Http\Problems\ProblemName;
use App\Ledger\Actor;
use App\Ledger\ActorKind;
use App\Ledger\AppendEntry;
use App\Ledger\CheckSeconds;
use App\Ledger\DeviceClock;
use App\Ledger\DeviceMoment;
use App\Ledger\Doubt;
use App\Ledger\EntryKind;
use App\Ledger\EntryKinds;
use App\Ledger\EntryResult;
use App\Ledger\IncomingEntry;
use App\Ledger\Payloads\Payload;
use App\Ledger\PostedByLinkHolder;
use App\Ledger\PostedBySystem;
use App\Ledger\RebuildProgress;
use App\Ledger\Scopes\OpenScope;
use App\Ledger\Scopes\PostingScope;
use App\Ledger\SecondCheck;
use App\Ledger\SystemPart;
use App\Models\Hire;
use App\Models\LedgerEntry;
use App\Models\Machine;
use App\Models\Walk;
use App\Models\Yard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use JadeLedger\Core\Ledger\CanonicalJson;
use JadeLedger\Core\Refusal;

/**
 * The one write path: takes a batch, stores what is valid and answers the rest entry by entry.
 *
 * One transaction, one lock on the machine or the yard. The client makes the ids, so the same batch may come twice,
 * late, or out of order, and nothing is doubled.
 */
final readonly class PostEntries
{
    public function __construct(
        private Contract $contract,
        private EntryKinds $kinds,
        private AppendEntry $append,
        private OpenScope $open,
        private CheckSeconds $seconds,
        private RebuildProgress $rebuild,
    ) {
    }

    /**
     * @param list<mixed> $batch decoded JSON, objects as \stdClass
     * @return list<EntryResult>
     */
    public function __invoke(
        Walk|Hire|Machine|Yard $of,
        array $batch,
        Actor $actor,
        ?DeviceClock $clock = null,
    ): array {
        $clock ??= DeviceClock::right();
        $seconds = ($this->seconds)($batch);

        return DB::transaction(function () use ($of, $batch, $actor, $clock, $seconds): array {
            $this->rebuild->waitsForWriter();
            $scope = ($this->open)($of, $batch);

            return array_map(
                fn (mixed $raw): EntryResult => $this->one($scope, $raw, $actor, $clock, $seconds),
                $batch,
            );
        }, 3);
    }

    /** @param  array<string, SecondCheck>  $seconds */
    private function one(
        PostingScope $scope,
        mixed $raw,
        Actor $actor,
        DeviceClock $clock,
        array $seconds,
    ): EntryResult {
        $id = $raw instanceof \stdClass && is_string($raw->id ?? null) ? mb_substr($raw->id, 0, 60) : null;
        try {
            // A savepoint: what a refused entry had begun to write is taken back, the rest of the batch stays.
            return DB::transaction(
                fn (): EntryResult => $this->post($scope, $this->shaped($raw, $clock, $seconds), $actor),
            );
        } catch (ApiProblem $refused) {
            return EntryResult::refused($id, $refused->problem);
        } catch (Refusal $no) {
            // One entry's rule is no reason to send the whole batch again, and again.
            return EntryResult::refused($id, Problem::ofRule($no));
        }
    }

    /** @param  IncomingEntry<Payload>  $entry */
    private function post(PostingScope $scope, IncomingEntry $entry, Actor $actor): EntryResult
    {
        $before = $scope->known($entry->id);
        if ($before !== null) {
            return self::isSame($before, $entry, $scope)
                ? EntryResult::already($before)
                : throw ApiProblem::because(ProblemName::IdAlreadyUsed, 409, ['id' => $entry->id]);
        }
        $kind = $this->kinds->named($entry->kind);
        if (! self::mayPost($actor, $kind)) {
            throw ApiProblem::because(ProblemName::NotYoursToDo, 403);
        }
        $judgement = $scope->judge($kind, $entry, $actor);
        $row = ($this->append)($entry, $judgement, $scope->head, $scope->place, $actor);
        $scope->posted($row, $kind);

        return EntryResult::posted($row);
    }

    /** @param  EntryKind<Payload>  $kind */
    private static function mayPost(Actor $actor, EntryKind $kind): bool
    {
        return match ($actor->kind) {
            ActorKind::Person => $actor->person !== null && $kind->mayBePostedBy($actor->person),
            ActorKind::System => $kind instanceof PostedBySystem
                && $kind->mayBePostedBySystem(SystemPart::from((string) $actor->name)),
            ActorKind::LinkHolder => $kind instanceof PostedByLinkHolder,
        };
    }

    /**
     * @param array<string, SecondCheck> $seconds
     * @return IncomingEntry<Payload>
     */
    private function shaped(mixed $raw, DeviceClock $clock, array $seconds): IncomingEntry
    {
        $faults = $this->contract->faults('EntryInput', $raw);
        if ($faults !== [] || ! $raw instanceof \stdClass) {
            throw new ApiProblem(Problem::named(ProblemName::LookAtTheFields, 422, [], $faults));
        }
        $told = JsonObject::of($raw);
        $kind = $told->string('kind');
        $id = strtolower($told->string('id'));
        $version = max(1, $told->optionalInteger('version') ?? 1);
        if ($version > EntryKinds::versionOf($kind)) {
            throw ApiProblem::because(ProblemName::NewerThanTheYard, 409, ['kind' => $kind]);
        }
        // A sealed secret was checked and is not kept, not even sealed.
        $said = (object) array_diff_key((array) $raw->payload, ['second_sealed' => true]);
        $recordedAt = CarbonImmutable::parse($told->string('recorded_at'))->utc();
        $corrects = $told->optionalString('corrects');
        $entry = new IncomingEntry(
            $id,
            $kind,
            $clock->corrected($recordedAt),
            $corrects === null ? null : strtolower($corrects),
            $this->payload($kind, $told->object('payload'), $version),
            $said,
            $version,
            $clock->isOff() ? new DeviceMoment($recordedAt, $clock->secondsAhead) : null,
            second: $seconds[$id] ?? null,
        );
        if ($clock->isBeyondBelief()) {
            $entry->doubts->add(Doubt::Clock);
        }

        return $entry;
    }

    /** @param  positive-int  $version */
    private function payload(string $kind, JsonObject $said, int $version): Payload
    {
        $schema = Str::studly(str_replace('.', '_', $kind)).'Payload';
        if (! $this->contract->has($schema)) {
            throw ApiProblem::because(ProblemName::NotYoursToDo, 403);
        }
        $present = EntryKinds::inPresentForm($kind, $version, $said);
        $faults = [];
        foreach ($this->contract->faults($schema, (object) $present->toArray()) as $path => $messages) {
            $faults["payload.{$path}"] = $messages;
        }
        if ($faults !== []) {
            throw new ApiProblem(Problem::named(ProblemName::LookAtTheFields, 422, [], $faults));
        }

        return $this->kinds->named($kind)::payload()::read($present);
    }

    /** @param  IncomingEntry<Payload>  $entry */
    private static function isSame(LedgerEntry $before, IncomingEntry $entry, PostingScope $scope): bool
    {
        $body = json_decode($before->body, false, 64, JSON_THROW_ON_ERROR);

        return $scope->place->isPlaceOf($before)
            && $before->kind === $entry->kind
            && $body instanceof \stdClass
            && CanonicalJson::encode($body->payload) === CanonicalJson::encode($entry->said);
    }
}
