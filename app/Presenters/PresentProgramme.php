<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Ledger\ProgrammeOfModel;
use JadeLedger\Core\Service\ServicePoint;

/** The service points of a model, each with how often it comes back, on whose authority, and who set it. */
final readonly class PresentProgramme
{
    public function __construct(private CatalogueRepository $shelf, private ProgrammeOfModel $programme)
    {
    }

    /** @return array<string, mixed> */
    public function of(string $modelId): array
    {
        if (! isset($this->shelf->current()->models[$modelId])) {
            throw ApiProblem::because(ProblemName::NotFound, 404);
        }
        $programme = $this->programme->of($modelId);
        $own = $this->programme->ownOf($modelId);

        return ['points' => array_map(static fn (ServicePoint $point): array => [
            'id' => $point->id,
            'name' => $point->name,
            'do' => $point->do,
            'every' => PresentServicePoint::every($point),
            'counts_from' => $point->counts->value,
            'severity' => $point->severity->value,
            'done_by' => $point->doneBy->value,
            'kit' => PresentServicePoint::kit($point->kit),
            'contains' => array_values(array_filter(array_map(
                static fn (string $id): ?string => $programme->points[$id]->name ?? null,
                $point->contains,
            ))),
            'source' => PresentSource::of($point->source),
            'set' => isset($own[$point->id]) ? [
                'by' => PresentPerson::of($own[$point->id]->setBy), 'at' => Moment::text($own[$point->id]->set_at),
            ] : null,
        ], array_values($programme->points))];
    }
}
