<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Contract\JsonObject;
use App\Models\Customer;
use App\Models\Operator;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\People\OperatorCategory;

/** The people of a hirer as they were recorded: for which machines, until when, and what is missing. */
final readonly class PresentOperators
{
    public function __construct(private CurrentYard $yard)
    {
    }

    /**
     * @param list<OperatorCategory> $categories of which records are shown
     * @return list<array<string, mixed>> by name
     */
    public function of(Customer $hirer, array $categories): array
    {
        $today = $this->yard->dayOf(CarbonImmutable::now());
        $byId = array_column($categories, null, 'id');
        $hirers = $hirer->idsOfAll();
        $introduced = $this->introductions($hirers);

        return array_values(Operator::query()->with('recordedBy')
            ->whereIn('customer_id', $hirers)->whereIn('category', array_keys($byId))
            ->orderBy('name')->orderBy('category')->get()
            ->map(static function (Operator $one) use ($byId, $today, $introduced): array {
                $record = $one->recordFor($byId[$one->category]);

                return [
                    'name' => $one->name,
                    'category' => $one->category,
                    'of_category' => ['name' => $byId[$one->category]->name],
                    'number' => $one->number,
                    'issuer' => $one->issuer,
                    'valid_until' => $one->valid_until,
                    'evaluated_until' => $record->evaluationDue()?->text(),
                    'evaluator' => $one->evaluator,
                    'has_own_code' => $one->has_own_code,
                    'photo' => $one->photo,
                    'standing' => $record->standing($today)->value,
                    'introduced_to' => $introduced[$one->same] ?? [],
                    'seen_by' => $one->recordedBy?->name,
                    'seen_at' => Moment::text($one->recorded_at),
                ];
            })->all());
    }

    /**
     * @param list<OperatorCategory> $categories
     * @return list<array{id: string, name: string, evaluation_months: int|null}>
     */
    public static function categories(array $categories): array
    {
        return array_map(static fn (OperatorCategory $category): array => [
            'id' => $category->id, 'name' => $category->name, 'evaluation_months' => $category->evaluationMonths,
        ], $categories);
    }

    /** @return list<OperatorCategory> those that a model asks for */
    public static function asked(Catalogue $catalogue, string $modelId): array
    {
        $features = $catalogue->featuresOf($catalogue->model($modelId));

        return array_values(array_filter(
            $catalogue->operatorCategories,
            static fn (OperatorCategory $category): bool => $category->applies->holdsFor($features),
        ));
    }

    /**
     * To which models somebody was introduced: whoever signed for one was shown it.
     *
     * @param list<string> $hirers ids
     * @return array<string, list<string>> ids of models by the name in small letters
     */
    private function introductions(array $hirers): array
    {
        $models = [];
        $signed = DB::table('handovers')
            ->join('hires', 'hires.id', '=', 'handovers.hire_id')
            ->join('machines', 'machines.id', '=', 'hires.machine_id')
            ->whereIn('hires.customer_id', $hirers)->whereNotNull('handovers.signed_at')
            ->distinct()->get(['handovers.signed_name', 'handovers.others', 'machines.model_id']);
        /** @var object{signed_name: string|null, others: string|null, model_id: string} $one */
        foreach ($signed as $one) {
            $others = array_map(
                static fn (JsonObject $other): string => $other->string('name'),
                JsonObject::of(['all' => json_decode($one->others ?? '[]')])->objects('all'),
            );
            foreach ([(string) $one->signed_name, ...$others] as $name) {
                $models[mb_strtolower(trim($name))][] = $one->model_id;
            }
        }

        return $models;
    }
}
