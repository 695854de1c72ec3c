<?php

declare(strict_types=1);

namespace App\Ledger\Kinds;

use App\Catalogue\CatalogueRepository;
use App\Ledger\Contexts\MachineContext;
use App\Ledger\EntryOfMachine;
use App\Ledger\IncomingEntry;
use App\Ledger\Judgements\FaultReportedJudgement;
use App\Ledger\Judgements\RecordedJudgement;
use App\Ledger\Payloads\FaultReportedPayload;
use App\Ledger\PostedBySystem;
use App\Ledger\SystemPart;
use App\Models\Finding;
use App\Models\LedgerEntry;
use App\Models\MachineStatus;
use App\Models\User;
use App\Words;
use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Catalogue\Part;
use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Fault\AlertLevel;
use JadeLedger\Core\Telematics\ReportedFault;

/**
 * A machine reported a fault of itself: a finding like any other, which the next walk sees and a repair puts right.
 *
 * @implements EntryOfMachine<FaultReportedPayload>
 */
final readonly class FaultReported implements EntryOfMachine, PostedBySystem
{
    public const FINDING_KIND = 'fault';

    public function __construct(private CatalogueRepository $shelf)
    {
    }

    public static function name(): string
    {
        return 'fault.reported';
    }

    public static function payload(): string
    {
        return FaultReportedPayload::class;
    }

    public function mayBePostedBy(User $user): bool
    {
        return false;
    }

    public function mayBePostedBySystem(SystemPart $part): bool
    {
        return $part === SystemPart::Telematics;
    }

    public function judge(IncomingEntry $entry, MachineContext $context): RecordedJudgement
    {
        $level = ReportedFault::of($entry->payload->identifier, $entry->payload->words)->level();
        $catalogue = $this->shelf->current();
        $part = self::partOf($catalogue->family($catalogue->model($context->machine->model_id)->familyId));
        $box = $part?->box;

        return new FaultReportedJudgement(
            match ($level) {
                AlertLevel::StopNow => Severity::Stop,
                AlertLevel::StopSoon => Severity::Hold,
                AlertLevel::Aware => Severity::Note,
            },
            $level->value,
            $part->name ?? Words::say('words.beside_the_machine'),
            $part->system ?? 'beside',
            $box === null ? 0.0 : ($box->left + $box->right) / 2,
            $box === null ? 0.0 : ($box->top + $box->bottom) / 2,
        );
    }

    public function project(LedgerEntry $entry): void
    {
        $payload = FaultReportedPayload::read($entry->payload());
        $judgement = FaultReportedJudgement::read($entry->judgement());
        MachineStatus::orInYard($entry->machineId());
        Finding::query()->create([
            'id' => $entry->id,
            'number' => Finding::nextNumber($entry->machineId()),
            'machine_id' => $entry->machineId(),
            'x_cm' => $judgement->x,
            'y_cm' => $judgement->y,
            'part' => $judgement->part,
            'system' => $judgement->system,
            'kind' => self::FINDING_KIND,
            'words' => trim("{$payload->identifier}. {$payload->words}"),
            'photos' => [],
            'proposed_severity' => $judgement->severity,
            'proposed_because' => Words::say("words.alert_level.{$judgement->level}"),
            'severity' => $judgement->severity,
            'actor_id' => null,
            'fault' => $payload->identifier,
            'recorded_at' => $entry->recorded_at,
        ]);
    }

    /** Where an engine or its hood is drawn, that; a fault has to be drawn somewhere. */
    private static function partOf(Family $family): ?Part
    {
        $named = array_filter($family->parts, static fn (Part $part): bool => str_contains($part->id, 'engine'));
        $body = array_filter($family->parts, static fn (Part $part): bool => $part->system === 'bodywork');

        return array_values($named)[0] ?? array_values($body)[0] ?? null;
    }
}
