<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Models\Customer;
use App\Models\Hire;

/** A hirer with what was hired, newest first. */
final readonly class PresentHirer
{
    private const HIRES = 30;

    public function __construct(private CatalogueRepository $shelf, private PresentOperators $operators)
    {
    }

    /** @return array<string, mixed> */
    public function detail(Customer $hirer): array
    {
        $hires = $hirer->hires()->with(['machine', 'state'])->orderByDesc('goes_out_at')->orderByDesc('folio')
            ->limit(self::HIRES)->get();

        return [
            'hirer' => PresentHire::hirer($hirer),
            'also' => array_values($hirer->doubles()->orderBy('name')->pluck('name')->all()),
            'operators' => $this->operators->of($hirer, $this->shelf->current()->operatorCategories),
            'hire_count' => $hirer->hires()->count(),
            'hires' => array_values($hires->map($this->line(...))->all()),
        ];
    }

    /** @return array<string, mixed> */
    private function line(Hire $hire): array
    {
        return [
            'id' => $hire->id,
            'folio' => $hire->folio,
            'machine_id' => $hire->machine_id,
            'fleet_number' => $hire->machine->fleet_number,
            'describes' => $this->shelf->current()->model($hire->machine->model_id)->describes,
            'goes_out_at' => Moment::text($hire->goes_out_at),
            'comes_back_at' => Moment::text($hire->comes_back_at),
            'standing' => $hire->standing()->value,
        ];
    }
}
