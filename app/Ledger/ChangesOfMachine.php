<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Ledger\Judgements\FindingSeenJudgement;
use App\Ledger\Judgements\TelematicsReportedJudgement;
use App\Ledger\Kinds\AttachmentChanged;
use App\Ledger\Kinds\DamageFound;
use App\Ledger\Kinds\DepartureReported;
use App\Ledger\Kinds\FaultReported;
use App\Ledger\Kinds\FindingPlaced;
use App\Ledger\Kinds\FindingSeenAgain;
use App\Ledger\Kinds\HandoverSigned;
use App\Ledger\Kinds\MachineMoved;
use App\Ledger\Kinds\MeterReplaced;
use App\Ledger\Kinds\RepairRecorded;
use App\Ledger\Kinds\ServiceDone;
use App\Ledger\Kinds\StateCrossed;
use App\Ledger\Kinds\TagHung;
use App\Ledger\Kinds\TagLifted;
use App\Ledger\Kinds\TelematicsReported;
use App\Ledger\Payloads\FindingPlacedPayload;
use App\Models\LedgerEntry;
use App\Models\Walk;
use JadeLedger\Core\Carry\Change;
use JadeLedger\Core\Carry\ChangeKind;
use JadeLedger\Core\Finding\Comparison;
use JadeLedger\Core\Walk\WalkPlan;

/** Which entries of a machine say that it is no longer as it was looked at. */
final class ChangesOfMachine
{
    private const KINDS = [
        StateCrossed::class => ChangeKind::Started,
        MachineMoved::class => ChangeKind::Moved,
        HandoverSigned::class => ChangeKind::Left,
        DepartureReported::class => ChangeKind::Left,
        RepairRecorded::class => ChangeKind::Repaired,
        ServiceDone::class => ChangeKind::Repaired,
        TagHung::class => ChangeKind::Tagged,
        TagLifted::class => ChangeKind::Tagged,
        AttachmentChanged::class => ChangeKind::AttachmentChanged,
        MeterReplaced::class => ChangeKind::MeterReplaced,
        FindingPlaced::class => ChangeKind::Found,
        FindingSeenAgain::class => ChangeKind::Found,
        DamageFound::class => ChangeKind::Found,
        FaultReported::class => ChangeKind::Found,
        TelematicsReported::class => ChangeKind::Ran,
    ];

    /**
     * @param int $sequence of the first answer that it matters to
     * @param Walk $in the return walk, which itself starts and drives the machine
     * @param Walk $out the checkout, whose own crossings void nothing either
     * @return list<Change>
     */
    public function since(int $sequence, Walk $in, Walk $out, WalkPlan $plan): array
    {
        $entries = LedgerEntry::query()->where('machine_id', $out->machine_id)
            ->where('sequence', '>', $sequence)
            ->whereIn('kind', array_keys(self::byName()))
            ->orderBy('sequence')
            ->get();
        $changes = [];
        foreach ($entries as $entry) {
            if ($entry->kind !== StateCrossed::name() || ! in_array($entry->walk_id, [$in->id, $out->id], true)) {
                $changes[] = self::change($entry, $plan);
            }
        }

        return array_values(array_filter($changes));
    }

    /** What an entry changes on a machine; nothing for most of them. */
    public static function change(LedgerEntry $entry, ?WalkPlan $plan): ?Change
    {
        $kind = self::byName()[$entry->kind] ?? null;
        if ($kind === null || self::saysNothingNew($entry)) {
            return null;
        }
        $line = $entry->kind === FindingPlaced::name() ? FindingPlacedPayload::read($entry->payload())->line : null;
        $place = $line === null ? null : $plan?->line($line)?->place;

        // Where nobody can tell which part it concerns, it concerns all of them.
        return $place === null
            ? Change::ofMachine($kind, $entry->sequence)
            : Change::at($place, $kind, $entry->sequence);
    }

    private static function saysNothingNew(LedgerEntry $entry): bool
    {
        return match ($entry->kind) {
            FindingSeenAgain::name() => FindingSeenJudgement::read($entry->judgement())->comparison
                === Comparison::Same,
            TelematicsReported::name() => ! TelematicsReportedJudgement::read($entry->judgement())->inTheYard,
            default => false,
        };
    }

    /** @return array<string, ChangeKind> */
    private static function byName(): array
    {
        $kinds = [];
        foreach (self::KINDS as $class => $kind) {
            $kinds[$class::name()] = $kind;
        }

        return $kinds;
    }
}
