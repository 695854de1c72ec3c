<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\HireSiteAnswer;
use JadeLedger\Core\Briefing\BriefingLength;
use JadeLedger\Core\Briefing\ComposeBriefing;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;

/** What is told of a machine on one hire, by what was said of its site. */
final class StepsOfHire
{
    /** @return list<BriefingStep> */
    public static function of(
        string $hireId,
        Catalogue $catalogue,
        MachineModel $model,
        BriefingLength $length = BriefingLength::Full,
    ): array {
        return (new ComposeBriefing($catalogue))->for($model, $length, HireSiteAnswer::of($hireId));
    }
}
