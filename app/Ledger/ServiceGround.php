<?php

declare(strict_types=1);

namespace App\Ledger;

use JadeLedger\Core\Check\Severity;
use JadeLedger\Core\Release\JudgedLine;
use JadeLedger\Core\Service\DueOnHire;
use JadeLedger\Core\Service\DuePoint;
use JadeLedger\Core\Service\DueState;

/** A service point that speaks against letting a machine go as it is: due now, or due while it is out. */
final readonly class ServiceGround
{
    private const PREFIX = 'service:';

    public DuePoint $point;

    public ?DueOnHire $onHire;

    public function __construct(PointAhead $ahead)
    {
        [$this->point, $this->onHire] = [$ahead->point, $ahead->onHire];
    }

    public function reference(): string
    {
        return self::PREFIX.$this->point->point->id;
    }

    /**
     * What stops the machine when it is overdue has to be done first. Anything else of the yard's goes out with a
     * condition: that somebody comes to do it, or that the machine comes in for it.
     */
    public function line(): JudgedLine
    {
        $isOverdueStop = $this->point->state === DueState::Overdue && $this->point->point->severity === Severity::Stop;

        return JudgedLine::service(
            $this->reference(),
            $this->point->point->name,
            $isOverdueStop ? Severity::Stop : Severity::Hold,
        );
    }
}
