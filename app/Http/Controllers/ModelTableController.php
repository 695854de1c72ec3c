<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ImportMode;
use App\Actions\ImportModels;
use App\Catalogue\CatalogueRepository;
use App\Catalogue\ModelSheet;
use App\Catalogue\ModelTable;
use App\Http\Requests\ImportModelsRequest;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** The models as a table: fetched to be worked on elsewhere, and taken from there. */
final class ModelTableController
{
    public function show(CatalogueRepository $shelf): Response
    {
        Gate::authorize('read-catalogue');
        $table = ModelTable::write(array_map(ModelSheet::of(...), array_values($shelf->modelTrees())));

        return response($table, 200, [
            'Content-Type' => 'text/csv; charset=utf-8; header=present',
            'Content-Disposition' => 'attachment; filename="models.csv"',
        ]);
    }

    public function store(ImportModelsRequest $request, ImportModels $import, #[CurrentUser] User $user): JsonResponse
    {
        $rows = $import($request->string('csv')->value(), ImportMode::from($request->string('mode')->value()), $user);

        return response()->json([
            'rows' => array_map(static fn (array $row): array => ['field' => (object) $row['field']] + $row, $rows),
        ]);
    }
}
