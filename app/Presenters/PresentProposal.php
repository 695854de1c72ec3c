<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\GradeFinding;
use App\Ledger\Payloads\FindingDescription;
use App\Words;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\Family;

/** How grave something would be, and of which part it would be, before it is placed. */
final readonly class PresentProposal
{
    public function __construct(private GradeFinding $grade)
    {
    }

    /** @return array<string, mixed> */
    public function of(FindingDescription $description, Catalogue $catalogue, Family $family): array
    {
        $proposal = ($this->grade)($description, $catalogue, $family);

        return [
            'severity' => $proposal->severity->value,
            'because' => $proposal->reason,
            'source' => PresentSource::of($proposal->source),
            'part' => GradeFinding::part($description, $family)->name ?? Words::say('words.beside_the_machine'),
        ];
    }
}
