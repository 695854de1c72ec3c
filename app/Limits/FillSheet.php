<?php

declare(strict_types=1);

namespace App\Limits;

use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\Plate;
use JadeLedger\Core\Catalogue\SiteAnswer;
use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Limits\Platform\ReachChart;
use JadeLedger\Core\Limits\Sheet\Entered;
use JadeLedger\Core\Limits\Sheet\Field;
use JadeLedger\Core\Limits\Sheet\LimitSheet;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Truck\LoadChart;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Fills a sheet from the plate of a model and from what was said of the site; what nobody knows stays empty. */
final readonly class FillSheet
{
    /**
     * @param Features $features of the machine, with what the house rules bring
     * @param array<string, SiteAnswer> $site answers by question
     */
    public function __construct(
        private MachineModel $model,
        private ?Plate $plate,
        private Features $features,
        private array $site,
    ) {
    }

    public function field(Field $field): ?FilledField
    {
        $figure = $this->figure($field->ofModel);
        if ($figure !== null) {
            $unit = $field->unit ?? $figure->unit;

            return new FilledField(new Entered($figure->in($unit)->text(), $unit), FilledFrom::Maker);
        }
        $answer = $field->ofSite === null ? null : ($this->site[$field->ofSite] ?? null);
        if ($answer !== null) {
            return new FilledField(new Entered($answer->value), FilledFrom::Site);
        }

        $stated = $field->statedFor($this->features);

        return $stated === null ? null : new FilledField(new Entered($stated, $field->unit), FilledFrom::Stated);
    }

    /** @param  array<string, Entered>  $typed in place of what was filled in */
    public function inputs(LimitSheet $sheet, array $typed): SheetInputs
    {
        $entered = [];
        foreach ($sheet->fields as $field) {
            $entered[$field->name] = $typed[$field->name] ?? $this->field($field)?->entered;
        }

        return new SheetInputs($sheet, array_filter($entered), array_filter($this->charts()));
    }

    public function hasChart(Field $field): bool
    {
        return isset($this->charts()[$field->name]);
    }

    /** @return array<string, ReachChart|LoadChart|null> */
    private function charts(): array
    {
        return ['reach' => $this->plate?->reach, 'zones' => $this->plate?->loads];
    }

    private function figure(?string $name): ?Quantity
    {
        return match ($name) {
            null => null,
            'mass' => Quantity::of($this->model->massKilograms, Unit::Kilogram),
            default => $this->plate->figures[$name] ?? null,
        };
    }
}
