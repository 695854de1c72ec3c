<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Contract\JsonObject;
use App\Ledger\Payloads\Payload;

/** Every kind that the ledger knows. */
final class EntryKinds
{
    /** By name, so that only the kind that is asked for is read and made. */
    private const ALL = [
        'walk.opened' => Kinds\WalkOpened::class,
        'walk.joined' => Kinds\WalkJoined::class,
        'walk.left' => Kinds\WalkLeft::class,
        'walk.taken_over' => Kinds\WalkTakenOver::class,
        'walk.given_back' => Kinds\WalkGivenBack::class,
        'second.stood_by' => Kinds\SecondStoodBy::class,
        'doubt.settled' => Kinds\DoubtSettled::class,
        'fit.settled' => Kinds\FitSettled::class,
        'departure.reported' => Kinds\DepartureReported::class,
        'departure.settled' => Kinds\DepartureSettled::class,
        'state.crossed' => Kinds\StateCrossed::class,
        'check.answered' => Kinds\CheckAnswered::class,
        'lines.affirmed' => Kinds\LinesAffirmed::class,
        'test.answered' => Kinds\TestAnswered::class,
        'paper.compared' => Kinds\PaperCompared::class,
        'dashboard.read' => Kinds\DashboardRead::class,
        'reading.posted' => Kinds\ReadingPosted::class,
        'finding.placed' => Kinds\FindingPlaced::class,
        'finding.seen_again' => Kinds\FindingSeenAgain::class,
        'finding.graded' => Kinds\FindingGraded::class,
        'entry.struck' => Kinds\EntryStruck::class,
        'release.decided' => Kinds\ReleaseDecided::class,
        'tag.hung' => Kinds\TagHung::class,
        'repair.recorded' => Kinds\RepairRecorded::class,
        'tag.lifted' => Kinds\TagLifted::class,
        'handover.step_shown' => Kinds\HandoverStepShown::class,
        'handover.answered' => Kinds\HandoverAnswered::class,
        'handover.signed' => Kinds\HandoverSigned::class,
        'handover.also_signed' => Kinds\HandoverAlsoSigned::class,
        'spread.explained' => Kinds\SpreadExplained::class,
        'hire.closed' => Kinds\HireClosed::class,
        'hire.out_already' => Kinds\HireOutAlready::class,
        'machine.found' => Kinds\MachineFound::class,
        'site.answered' => Kinds\SiteAnswered::class,
        'things.handed' => Kinds\ThingsHanded::class,
        'things.returned' => Kinds\ThingsReturned::class,
        'limits.set' => Kinds\LimitsSet::class,
        'operator.recorded' => Kinds\OperatorRecorded::class,
        'hirer.ticked' => Kinds\HirerTicked::class,
        'hirer.reported' => Kinds\HirerReported::class,
        'report.settled' => Kinds\ReportSettled::class,
        'machine.moved' => Kinds\MachineMoved::class,
        'meter.replaced' => Kinds\MeterReplaced::class,
        'damage.found' => Kinds\DamageFound::class,
        'fluid.topped_up' => Kinds\FluidToppedUp::class,
        'meter.read' => Kinds\MeterRead::class,
        'service.done' => Kinds\ServiceDone::class,
        'attachment.changed' => Kinds\AttachmentChanged::class,
        'telematics.reported' => Kinds\TelematicsReported::class,
        'fault.reported' => Kinds\FaultReported::class,
        'ledger.verified' => Kinds\LedgerVerified::class,
    ];

    /** Those whose payload had another form before. */
    private const VERSIONED = ['handover.signed' => Kinds\HandoverSigned::class];

    /** @var array<string, EntryKind<Payload>> */
    private array $kinds = [];

    /** @return EntryKind<Payload> */
    public function named(string $name): EntryKind
    {
        return $this->kinds[$name] ??= app(self::ALL[$name]);
    }

    /** @return positive-int the form in which a kind is written today */
    public static function versionOf(string $name): int
    {
        $kind = self::VERSIONED[$name] ?? null;

        return $kind === null ? 1 : $kind::version();
    }

    /**
     * A payload as it would be written today.
     *
     * @param positive-int $version of the form that it has
     */
    public static function inPresentForm(string $name, int $version, JsonObject $payload): JsonObject
    {
        $kind = self::VERSIONED[$name] ?? null;
        if ($kind === null || $version >= $kind::version()) {
            return $payload;
        }
        $members = $payload->toArray();
        for (; $version < $kind::version(); $version++) {
            $members = $kind::upcast($members, $version);
        }

        return JsonObject::of($members);
    }
}
