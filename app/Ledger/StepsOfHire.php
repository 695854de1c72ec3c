<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Hire;
use App\Models\HireSiteAnswer;
use App\Yards\CurrentYard;
use Carbon\CarbonInterface;
use JadeLedger\Core\Briefing\BriefingLength;
use JadeLedger\Core\Briefing\ComposeBriefing;
use JadeLedger\Core\Briefing\Stay;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;

/** What is told of a machine on one hire, by what was said of its site and by the months of the hire. */
final readonly class StepsOfHire
{
    public function __construct(private CurrentYard $yard)
    {
    }

    /** @return list<BriefingStep> */
    public function of(
        Hire $hire,
        Catalogue $catalogue,
        MachineModel $model,
        BriefingLength $length = BriefingLength::Full,
    ): array {
        $stay = Stay::at(HireSiteAnswer::of($hire->id))->during(
            $this->month($hire->goes_out_at),
            $this->month($hire->comes_back_at),
        );

        return (new ComposeBriefing($catalogue))->for($model, $length, $stay);
    }

    private function month(CarbonInterface $moment): int
    {
        $there = $moment->toImmutable()->setTimezone($this->yard->timezone());

        return 12 * $there->year + $there->month - 1;
    }
}
