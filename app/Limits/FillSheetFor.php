<?php

declare(strict_types=1);

namespace App\Limits;

use App\Catalogue\CatalogueRepository;
use App\Models\HireSiteAnswer;
use App\Models\Machine;

/** What is known for the sheets of a machine: its plate, the house rules, and what was said of the site of a hire. */
final readonly class FillSheetFor
{
    public function __construct(private CatalogueRepository $shelf, private PlateOfModel $plates)
    {
    }

    /** @param  string|null  $hireId  none where no hire is in view: then nothing is known of a site */
    public function __invoke(Machine $machine, ?string $hireId): FillSheet
    {
        $catalogue = $this->shelf->current();
        $model = $catalogue->model($machine->model_id);

        return new FillSheet(
            $model,
            $this->plates->of($model),
            $catalogue->featuresOf($model),
            $hireId === null ? [] : HireSiteAnswer::of($hireId),
        );
    }
}
