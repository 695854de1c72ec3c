<?php

declare(strict_types=1);

namespace App\Limits;

use App\Catalogue\CatalogueRepository;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Machine;
use JadeLedger\Core\Catalogue\SiteQuestion;
use JadeLedger\Core\Limits\Sheet\LimitSheet;

/** The sheets of limits and the questions about a site that concern a machine. */
final readonly class SheetsOfMachine
{
    public function __construct(private CatalogueRepository $catalogue)
    {
    }

    /** @return list<LimitSheet> */
    public function of(Machine $machine): array
    {
        $catalogue = $this->catalogue->current();
        $features = $catalogue->featuresOf($catalogue->model($machine->model_id));

        $sheets = array_filter(
            $catalogue->limitSheets,
            static fn (LimitSheet $sheet): bool => $sheet->applies->holdsFor($features),
        );
        usort($sheets, static fn (LimitSheet $a, LimitSheet $b): int => $a->order <=> $b->order);

        return $sheets;
    }

    /** @return list<SiteQuestion> */
    public function questions(Machine $machine): array
    {
        $catalogue = $this->catalogue->current();
        $features = $catalogue->featuresOf($catalogue->model($machine->model_id));

        return array_values(array_filter(
            $catalogue->siteQuestions,
            static fn (SiteQuestion $question): bool => $question->applies->holdsFor($features),
        ));
    }

    /** @throws ApiProblem when no such sheet concerns the machine */
    public function sheetOf(Machine $machine, string $id): LimitSheet
    {
        foreach ($this->of($machine) as $sheet) {
            if ($sheet->id === $id) {
                return $sheet;
            }
        }

        throw ApiProblem::because(ProblemName::NoSuchSheet, 404, ['sheet' => $id]);
    }
}
