<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ImportMode;
use App\Actions\ImportTable;
use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Models\User;
use App\Tables\CsvText;
use App\Tables\OfficeTable;
use App\Tables\TableName;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** The fleet and the hirers as tables: fetched, and taken from elsewhere. */
final readonly class OfficeTableController
{
    public function __construct(private JsonBody $body)
    {
    }

    public function show(TableName $table): Response
    {
        Gate::authorize($table->gate());
        $of = $this->table($table);

        return response(CsvText::of([$of->columns(), ...$of->rows()]), 200, [
            'Content-Type' => 'text/csv; charset=utf-8; header=present',
            'Content-Disposition' => "attachment; filename=\"{$table->value}.csv\"",
        ]);
    }

    public function store(
        Request $request,
        TableName $table,
        ImportTable $import,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize($table->gate());
        $asked = JsonObject::of($this->body->of($request, 'ImportTable'));
        $report = $import(
            $this->table($table),
            $asked->string('csv'),
            ImportMode::from($asked->string('mode')),
            $user,
            $asked->has('places') ? self::places($asked->object('places')) : null,
        );
        $report['rows'] = array_map(
            static fn (array $row): array => ['field' => (object) $row['field']] + $row,
            $report['rows'],
        );

        return response()->json($report);
    }

    /** @return array<string, int> */
    private static function places(JsonObject $said): array
    {
        $places = [];
        foreach ($said->names() as $column) {
            $places[$column] = $said->integer($column);
        }

        return $places;
    }

    private function table(TableName $name): OfficeTable
    {
        return app($name->table());
    }
}
