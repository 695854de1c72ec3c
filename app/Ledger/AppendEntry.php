<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Keys\EntrySeal;
use App\Models\LedgerEntry;
use App\Models\User;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Ledger\CanonicalJson;
use JadeLedger\Core\Ledger\HashChain;

/**
 * Appends one entry to a machine's chain and brings the projections up to date.
 *
 * The caller holds the lock on the machine's row, inside a transaction: see PostEntries and OpenWalk.
 */
final readonly class AppendEntry
{
    public function __construct(private ProjectEntry $project, private EntrySeal $seal)
    {
    }

    /** @param  array<string, mixed>  $judgement */
    public function __invoke(IncomingEntry $entry, array $judgement, ChainHead $head, string $hireId, string $walkId, User $actor): LedgerEntry
    {
        $machineId = $head->machineId;
        $receivedAt = CarbonImmutable::now();
        $body = [
            'id' => $entry->id,
            'kind' => $entry->kind,
            'machine' => $machineId,
            'sequence' => $head->sequence() + 1,
            'hire' => $hireId,
            'walk' => $walkId,
            'actor' => $actor->id,
            'corrects' => $entry->corrects,
            'payload' => $entry->payload,
            'judgement' => $judgement,
            'recorded_at' => self::moment($entry->recordedAt),
            'received_at' => self::moment($receivedAt),
            'previous_hash' => $head->hash(),
        ];
        if (! $entry->doubts->isEmpty()) {
            $body['doubts'] = $entry->doubts->names();
        }
        if ($entry->device !== null) {
            $body['clock'] = ['device_at' => self::moment($entry->device->at), 'seconds_ahead' => $entry->device->secondsAhead];
        }
        $text = CanonicalJson::encode($body);
        $row = new LedgerEntry([
            'id' => $entry->id,
            'machine_id' => $machineId,
            'sequence' => $body['sequence'],
            'kind' => $entry->kind,
            'hire_id' => $hireId,
            'walk_id' => $walkId,
            'actor_id' => $actor->id,
            'corrects' => $entry->corrects,
            'body' => $text,
            'previous_hash' => $body['previous_hash'],
            'hash' => HashChain::hash($text),
            'recorded_at' => $entry->recordedAt,
            'received_at' => $receivedAt,
        ]);
        // By the builder: a model's events and casts cost more than the row itself.
        DB::table('ledger_entries')->insert($row->getAttributes() + ['seal' => $this->seal->of($row->hash)]);
        $this->project->entry($row);

        return $row;
    }

    private static function moment(CarbonInterface $moment): string
    {
        return $moment->utc()->format('Y-m-d\TH:i:s.u\Z');
    }
}
