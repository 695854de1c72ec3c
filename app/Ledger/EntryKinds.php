<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Contract\JsonObject;
use App\Ledger\Payloads\Payload;

/** Every kind that the ledger knows. */
final class EntryKinds
{
    private const ALL = [
        Kinds\WalkOpened::class,
        Kinds\WalkJoined::class,
        Kinds\WalkLeft::class,
        Kinds\WalkTakenOver::class,
        Kinds\WalkGivenBack::class,
        Kinds\SecondStoodBy::class,
        Kinds\DoubtSettled::class,
        Kinds\FitSettled::class,
        Kinds\DepartureReported::class,
        Kinds\DepartureSettled::class,
        Kinds\StateCrossed::class,
        Kinds\CheckAnswered::class,
        Kinds\LinesAffirmed::class,
        Kinds\TestAnswered::class,
        Kinds\PaperCompared::class,
        Kinds\DashboardRead::class,
        Kinds\ReadingPosted::class,
        Kinds\FindingPlaced::class,
        Kinds\FindingSeenAgain::class,
        Kinds\FindingGraded::class,
        Kinds\EntryStruck::class,
        Kinds\ReleaseDecided::class,
        Kinds\TagHung::class,
        Kinds\RepairRecorded::class,
        Kinds\TagLifted::class,
        Kinds\HandoverStepShown::class,
        Kinds\HandoverAnswered::class,
        Kinds\HandoverSigned::class,
        Kinds\HandoverAlsoSigned::class,
        Kinds\SpreadExplained::class,
        Kinds\HireClosed::class,
        Kinds\HireOutAlready::class,
        Kinds\MachineFound::class,
        Kinds\SiteAnswered::class,
        Kinds\ThingsHanded::class,
        Kinds\ThingsReturned::class,
        Kinds\LimitsSet::class,
        Kinds\OperatorRecorded::class,
        Kinds\HirerTicked::class,
        Kinds\HirerReported::class,
        Kinds\ReportSettled::class,
        Kinds\MachineMoved::class,
        Kinds\MeterReplaced::class,
        Kinds\DamageFound::class,
        Kinds\FluidToppedUp::class,
        Kinds\MeterRead::class,
        Kinds\ServiceDone::class,
        Kinds\AttachmentChanged::class,
        Kinds\TelematicsReported::class,
        Kinds\FaultReported::class,
        Kinds\LedgerVerified::class,
    ];

    /** Those whose payload had another form before. */
    private const VERSIONED = ['handover.signed' => Kinds\HandoverSigned::class];

    /** @var array<string, EntryKind<Payload>> */
    private array $kinds = [];

    /** @return EntryKind<Payload> */
    public function named(string $name): EntryKind
    {
        if ($this->kinds === []) {
            foreach (self::ALL as $class) {
                $this->kinds[$class::name()] = app($class);
            }
        }

        return $this->kinds[$name];
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
