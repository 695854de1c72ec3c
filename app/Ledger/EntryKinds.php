<?php

declare(strict_types=1);

namespace App\Ledger;

/** Every kind that the ledger knows. */
final class EntryKinds
{
    private const ALL = [
        Kinds\WalkOpened::class,
        Kinds\WalkJoined::class,
        Kinds\WalkLeft::class,
        Kinds\WalkTakenOver::class,
        Kinds\SecondStoodBy::class,
        Kinds\DoubtSettled::class,
        Kinds\FitSettled::class,
        Kinds\DepartureReported::class,
        Kinds\DepartureSettled::class,
        Kinds\StateCrossed::class,
        Kinds\CheckAnswered::class,
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
        Kinds\HandoverSigned::class,
        Kinds\SpreadExplained::class,
        Kinds\HireClosed::class,
    ];

    /** @var array<string, EntryKind> */
    private array $kinds = [];

    public function named(string $name): EntryKind
    {
        if ($this->kinds === []) {
            foreach (self::ALL as $class) {
                $this->kinds[$class::name()] = app($class);
            }
        }

        return $this->kinds[$name];
    }
}
