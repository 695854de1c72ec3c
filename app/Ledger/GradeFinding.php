<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\Payloads\FindingDescription;
use App\Presenters\PresentRefusal;
use App\Words;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\Family;
use JadeLedger\Core\Catalogue\NotInTheCatalogue;
use JadeLedger\Core\Catalogue\Part;
use JadeLedger\Core\Finding\Description;
use JadeLedger\Core\Finding\Proposal;
use JadeLedger\Core\Finding\Triage;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Asks the core how grave something is, from where it lies on the drawing and what it is. */
final class GradeFinding
{
    public function __invoke(FindingDescription $said, Catalogue $catalogue, Family $family): Proposal
    {
        try {
            $kind = $catalogue->findingKind($said->kind);
        } catch (NotInTheCatalogue $unknown) {
            throw ApiProblem::because(
                ProblemName::UnknownFindingKind,
                422,
                [],
                ['kind' => [PresentRefusal::words($unknown)]],
            );
        }
        if ($kind->degrees !== [] && ! in_array($said->degree, $kind->degrees, true)) {
            throw ApiProblem::because(
                ProblemName::DegreeMissing,
                422,
                ['kind' => $kind->name, 'degrees' => implode(', ', $kind->degrees)],
                ['degree' => [Words::say('problems.degree_missing.title')]],
            );
        }
        $size = $said->sizeMm === null ? null : Quantity::of($said->sizeMm, Unit::Millimetre);

        return (new Triage($catalogue->triageRules))->propose(
            new Description($kind->id, self::part($said, $family)->system ?? 'beside', $said->degree, $size),
        );
    }

    public static function part(FindingDescription $said, Family $family): ?Part
    {
        return $family->partAt($said->at);
    }
}
