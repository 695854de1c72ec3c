<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Keys\EntrySeal;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\Payload;
use App\Models\LedgerEntry;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Ledger\CanonicalJson;
use JadeLedger\Core\Ledger\HashChain;

/**
 * Appends one entry to the chain of a machine, or of the yard, and brings the projections up to date.
 *
 * The caller holds the lock on the row of the machine or the yard, inside a transaction: see PostEntries and OpenWalk.
 */
final readonly class AppendEntry
{
    public function __construct(private ProjectEntry $project, private EntrySeal $seal)
    {
    }

    /** @param  IncomingEntry<Payload>  $entry */
    public function __invoke(
        IncomingEntry $entry,
        RecordedJudgement $judgement,
        ChainHead $head,
        EntryPlace $place,
        Actor $actor,
    ): LedgerEntry {
        $receivedAt = CarbonImmutable::now();
        $body = [
            'id' => $entry->id,
            'kind' => $entry->kind,
            'machine' => $place->machineId,
            'sequence' => $head->sequence() + 1,
            'hire' => $place->hireId,
            'walk' => $place->walkId,
            'actor' => $actor->person?->id,
            'corrects' => $entry->corrects,
            'payload' => $entry->said,
            'judgement' => $judgement->record(),
            'recorded_at' => self::moment($entry->recordedAt),
            'received_at' => self::moment($receivedAt),
            'previous_hash' => $head->hash(),
        ] + $actor->record() + self::onlyWhereNeeded($entry, $place);
        $text = CanonicalJson::encode($body);
        $row = new LedgerEntry([
            'id' => $entry->id,
            'machine_id' => $place->machineId,
            'yard_id' => $place->yardId,
            'sequence' => $body['sequence'],
            'kind' => $entry->kind,
            'hire_id' => $place->hireId,
            'walk_id' => $place->walkId,
            'actor_id' => $actor->person?->id,
            'corrects' => $entry->corrects,
            'body' => $text,
            'previous_hash' => $body['previous_hash'],
            'hash' => HashChain::hash($text),
            'recorded_at' => $entry->recordedAt,
            'received_at' => $receivedAt,
        ] + $actor->record());
        // By the builder: a model's events and casts cost more than the row itself.
        DB::table('ledger_entries')->insert($row->getAttributes() + ['seal' => $this->seal->of($row->hash)]);
        $this->project->entry($row);

        return $row;
    }

    /**
     * What most entries have not: so they read as they did before there was such a thing.
     *
     * @param IncomingEntry<Payload> $entry
     * @return array<string, mixed>
     */
    private static function onlyWhereNeeded(IncomingEntry $entry, EntryPlace $place): array
    {
        $clock = $entry->device === null ? null : [
            'device_at' => self::moment($entry->device->at),
            'seconds_ahead' => $entry->device->secondsAhead,
        ];

        return array_filter([
            'yard' => $place->yardId,
            'version' => $entry->version === 1 ? null : $entry->version,
            'doubts' => $entry->doubts->isEmpty() ? null : $entry->doubts->names(),
            'clock' => $clock,
        ], static fn (mixed $one): bool => $one !== null);
    }

    private static function moment(CarbonInterface $moment): string
    {
        return $moment->utc()->format('Y-m-d\TH:i:s.u\Z');
    }
}
