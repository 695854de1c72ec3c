<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueRepository;
use App\Limits\FilledField;
use App\Limits\FillSheet;
use App\Limits\FillSheetFor;
use App\Limits\SheetsOfMachine;
use App\Models\Hire;
use App\Models\HireLimit;
use App\Models\HireSiteAnswer;
use App\Models\Machine;
use App\People\ReadersUnits;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\SiteAnswer;
use JadeLedger\Core\Catalogue\SiteQuestion;
use JadeLedger\Core\Limits\Sheet\Field;
use JadeLedger\Core\Limits\Sheet\FieldKind;
use JadeLedger\Core\Limits\Sheet\LimitSheet;
use JadeLedger\Core\Limits\Wind\Beaufort;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Slope;
use JadeLedger\Core\Quantity\Unit;

/** The limits of a machine for a hire: the site, the sheets with what is known of the machine, and what was set. */
final readonly class PresentLimits
{
    public function __construct(
        private CatalogueRepository $shelf,
        private SheetsOfMachine $sheets,
        private FillSheetFor $fill,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Machine $machine, ?Hire $hire): array
    {
        $catalogue = $this->shelf->current();
        $model = $catalogue->model($machine->model_id);
        $site = $hire === null ? [] : HireSiteAnswer::of($hire->id);
        $fill = ($this->fill)($machine, $hire?->id);

        return [
            'machine' => [
                'id' => $machine->id,
                'number' => $machine->fleet_number,
                'describes' => $model->describes,
                'model' => "{$model->maker} {$model->name}",
                'family' => $model->familyId,
            ],
            'hire' => $hire === null
                    ? null
                    : [
                        'id' => $hire->id,
                        'folio' => $hire->folio,
                        'hirer' => $hire->customer->name,
                        'until' => Moment::text($hire->comes_back_at),
                    ],
            'site' => array_map(
                static fn (SiteQuestion $question): array => self::question($catalogue, $model, $question, $site),
                $this->sheets->questions($machine),
            ),
            'wind_forces' => array_map(static fn (Beaufort $force): array => [
                'force' => $force->value,
                'from' => $force->least()->text(),
            ], Beaufort::cases()),
            'sheets' => array_map(
                static fn (LimitSheet $sheet): array => self::sheet($sheet, $fill),
                $this->sheets->of($machine),
            ),
            'set' => $hire === null ? [] : self::set($hire->id, $machine->id),
        ];
    }

    /**
     * What was set for a hire and still holds: after a swap of the machine it does not.
     *
     * @return list<array<string, mixed>>
     */
    public static function set(string $hireId, string $machineId): array
    {
        return array_values(
            HireLimit::heldFor($hireId, $machineId)
                ->map(
                    static fn (HireLimit $one): array => [
                        'sheet' => $one->sheet,
                        'title' => $one->title,
                        'inputs' => (object) $one->inputs,
                        'result' => PresentSheet::result($one->result),
                        'at' => Moment::text($one->set_at),
                        'by' => $one->setBy?->name,
                    ],
                )
                ->all(),
        );
    }

    /**
     * @param array<string, SiteAnswer> $site
     * @return array<string, mixed>
     */
    private static function question(
        Catalogue $catalogue,
        MachineModel $model,
        SiteQuestion $question,
        array $site,
    ): array {
        $answer = $site[$question->id] ?? null;
        $unsuitable = $question->unsuitable;
        $suits =
            $unsuitable === null ||
            $answer !== $unsuitable->when ||
            ! $unsuitable->applies->holdsFor($catalogue->featuresOf($model));

        return [
            'id' => $question->id,
            'asks' => $question->asks,
            'answer' => $answer?->value,
            'say' => match ($answer) {
                SiteAnswer::Yes => $question->say,
                SiteAnswer::Unknown => $question->ask,
                default => null,
            },
            'unsuitable' => $suits
                ? null
                : [
                    'why' => $unsuitable->why,
                    'instead' => array_map(
                        static fn (string $family): array => ['name' => $catalogue->family($family)->name],
                        $unsuitable->instead,
                    ),
                ],
        ];
    }

    /** @return array<string, mixed> */
    private static function sheet(LimitSheet $sheet, FillSheet $fill): array
    {
        return [
            'id' => $sheet->id,
            'title' => $sheet->title,
            'formula' => $sheet->formula,
            'caution' => $sheet->caution,
            'source' => PresentSource::of($sheet->source),
            'example' => array_map(
                static fn (string $name, string $value): array => [
                    'asks' => $sheet->field($name)->asks,
                    'value' => $sheet->field($name)->choices[$value] ?? $value,
                    'unit' => $sheet->field($name)->unit?->value,
                ],
                array_keys($sheet->example),
                $sheet->example,
            ),
            'gives' => $sheet->gives,
            'fields' => array_map(
                static fn (Field $field): array => self::field($field, $fill->field($field), $fill->hasChart($field)),
                $sheet->fields,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function field(Field $field, ?FilledField $filled, bool $hasChart): array
    {
        return [
            'name' => $field->name,
            'kind' => $field->kind->value,
            'asks' => $field->asks,
            'units' => self::units($field, $filled),
            'need' => $field->need->value,
            'value' => $field->kind === FieldKind::Choice ? $filled?->entered->value : null,
            'from' => $filled?->from->value,
            'has_chart' => $hasChart,
            'choices' => array_map(
                static fn (string $value, string $name): array => ['value' => $value, 'name' => $name],
                array_map(strval(...), array_keys($field->choices)),
                array_values($field->choices),
            ),
        ];
    }

    /**
     * In which units a field may be entered, the reader's first, and what is filled in, in each of them.
     *
     * @return list<array{unit: string, symbol: string, value: string|null}>
     */
    private static function units(Field $field, ?FilledField $filled): array
    {
        if ($field->unit === null) {
            return [];
        }
        $units =
            $field->kind === FieldKind::Slope
                ? [$field->unit, $field->unit === Unit::Degree ? Unit::Percent : Unit::Degree]
                : [$field->unit, ...($field->unit->customary() === null ? [] : [$field->unit->customary()])];
        if ($field->kind === FieldKind::Quantity && app(ReadersUnits::class)->shown()->readsCustomary()) {
            $units = array_reverse($units);
        }

        return array_map(
            static fn (Unit $unit): array => [
                'unit' => $unit->value,
                'symbol' => $unit->symbol(),
                'value' => $filled === null ? null : self::inUnit($field, $filled, $unit),
            ],
            $units,
        );
    }

    private static function inUnit(Field $field, FilledField $filled, Unit $unit): string
    {
        $entered = $filled->entered;
        $own = $entered->unit ?? $unit;
        if ($field->kind !== FieldKind::Slope) {
            return $unit === $own ? $entered->value : self::rounded(Quantity::of($entered->value, $own)->in($unit));
        }
        $slope =
            $own === Unit::Percent ? Slope::percent((float) $entered->value) : Slope::degrees((float) $entered->value);

        return $unit === $own
            ? $entered->value
            : sprintf('%.1F', $unit === Unit::Percent ? $slope->inPercent() : $slope->degrees);
    }

    /** Three figures that count are enough to be read off a plate. */
    private static function rounded(Quantity $figure): string
    {
        $size = abs($figure->decimal(6, RoundingMode::HALF_UP)->toFloat());
        $places = match (true) {
            $size >= 100 => 0,
            $size >= 10 => 1,
            default => 2,
        };

        return (string) $figure->decimal($places, RoundingMode::HALF_UP)->stripTrailingZeros();
    }
}
