<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Ledger\Kinds\EntryStruck;
use App\Ledger\Kinds\ReadingPosted;
use App\Ledger\Kinds\StateCrossed;
use App\Models\LedgerEntry;
use App\Models\Reading;
use App\Models\Walk;
use App\Models\WalkLine;
use JadeLedger\Core\Carry\CarryLines;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Check\Movement;

/**
 * Lines that were affirmed and no longer stand: what they rest on was struck, or something happened to the machine.
 *
 * Reads the entry and the projections only, so that a rebuild gives the same.
 */
final readonly class ReopenCarried
{
    public function __construct(private UpdateWalkLine $lines)
    {
    }

    public function after(LedgerEntry $entry): void
    {
        if ($entry->kind === EntryStruck::name()) {
            $this->lines->reopenCarried($entry, WalkLine::query()->where('carried_from', $entry->corrects));
        } elseif ($entry->kind === ReadingPosted::name()) {
            $this->afterReading($entry);
        } elseif (ChangesOfMachine::change($entry, null) !== null) {
            $this->afterChange($entry);
        }
    }

    /** A walk before it leaves: what happens later concerns the next one. */
    private function afterChange(LedgerEntry $entry): void
    {
        $walks = Walk::notYetGone($entry->machineId())
            ->when(
                $entry->kind === StateCrossed::name(),
                static fn ($query) => $query->where('id', '!=', $entry->walk_id),
            )
            ->pluck('id');
        $this->lines->reopenCarried(
            $entry,
            WalkLine::query()->whereIn('walk_id', $walks)->whereNotNull('carried_from'),
        );
    }

    /** The hour meter may be read late in a walk, when much was affirmed already. */
    private function afterReading(LedgerEntry $entry): void
    {
        $now = Reading::query()->find($entry->id);
        if (
            $now === null
            || $now->movement !== Movement::Checkout
            || ! $now->is_valid
            || ($now->judgement['kind'] ?? null) !== AnswerKind::HourMeter->value
        ) {
            return;
        }
        $before = Reading::ofHourMeter()->where('machine_id', $entry->machine_id)
            ->where('movement', Movement::Return)
            ->orderByDesc('recorded_at')
            ->value('value');
        if (is_string($before) && CarryLines::meterMoved($before, $now->value)) {
            $this->lines->reopenCarried(
                $entry,
                WalkLine::query()->where('walk_id', $entry->walk_id)->whereNotNull('carried_from'),
            );
        }
    }
}
