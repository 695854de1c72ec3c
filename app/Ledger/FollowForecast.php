<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\LedgerEntry;
use App\Models\ServiceForecast;

/** A forecast does not hold after what it rests on has changed: it is worked out again before it is shown. */
final class FollowForecast
{
    /** Kinds that change the hours of a machine, the work on it, or whether it is out. */
    private const MOVES = [
        'reading.posted',
        'meter.read',
        'meter.replaced',
        'service.done',
        'repair.recorded',
        'attachment.changed',
        'telematics.reported',
        'entry.struck',
        'doubt.settled',
        'handover.signed',
        'departure.settled',
        'hire.out_already',
        'machine.found',
        'hire.closed',
        'walk.opened',
    ];

    public function after(LedgerEntry $entry): void
    {
        if (in_array($entry->kind, self::MOVES, true)) {
            ServiceForecast::becomeStale([$entry->machineId()]);
        }
    }
}
