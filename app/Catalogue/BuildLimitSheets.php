<?php

declare(strict_types=1);

namespace App\Catalogue;

use JadeLedger\Core\Catalogue\Plate;
use JadeLedger\Core\Catalogue\SiteAnswer;
use JadeLedger\Core\Catalogue\SiteQuestion;
use JadeLedger\Core\Catalogue\Unsuitable;
use JadeLedger\Core\Equipment\Applicability;
use JadeLedger\Core\Limits\Platform\ReachChart;
use JadeLedger\Core\Limits\Platform\ReachPoint;
use JadeLedger\Core\Limits\Sheet\Field;
use JadeLedger\Core\Limits\Sheet\FieldKind;
use JadeLedger\Core\Limits\Sheet\FieldNeed;
use JadeLedger\Core\Limits\Sheet\LimitSheet;
use JadeLedger\Core\Limits\Sheet\SheetKind;
use JadeLedger\Core\Limits\Truck\LoadChart;
use JadeLedger\Core\Limits\Truck\LoadZone;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;

/**
 * Builds the sheets of limits, the questions about a site and the plate of a model from the catalogue's trees.
 *
 * @phpstan-type SourceTree array{kind: string, words: string}
 * @phpstan-type AppliesTree array{all?: list<string>, any?: list<string>, none?: list<string>}
 * @phpstan-type FieldTree array{name: string, kind: string, asks: string, need: string, unit?: string,
 *     of_model?: string, of_site?: string, stated?: string, most?: string, choices?: array<string, string>,
 *     stated_where?: array<string, string>}
 * @phpstan-type SheetTree array{id: string, kind: string, order: int, title: string, formula: string,
 *     caution: string, source: SourceTree, applies: AppliesTree, fields: array<FieldTree>,
 *     example: array<string, string>, gives: string}
 * @phpstan-type UnsuitableTree array{when: string, applies: AppliesTree, why: string, instead: non-empty-list<string>}
 * @phpstan-type SiteQuestionTree array{id: string, asks: string, applies: AppliesTree, say: string, ask: string,
 *     source: SourceTree, unsuitable?: UnsuitableTree}
 * @phpstan-type PlateTree array{figures: array<string, string>, source: SourceTree, reach?: list<list<string>>,
 *     load_zones?: array<array{load: string, where: list<list<string>>}>}
 */
final class BuildLimitSheets
{
    /** @param  SheetTree  $tree */
    public function sheet(array $tree): LimitSheet
    {
        return new LimitSheet(
            id: $tree['id'],
            kind: SheetKind::from($tree['kind']),
            order: $tree['order'],
            title: $tree['title'],
            formula: $tree['formula'],
            caution: $tree['caution'],
            source: $this->source($tree['source']),
            applies: $this->applies($tree['applies']),
            fields: array_map($this->field(...), array_values($tree['fields'])),
            example: $tree['example'],
            gives: $tree['gives'],
        );
    }

    /** @param  SiteQuestionTree  $tree */
    public function question(array $tree): SiteQuestion
    {
        $unsuitable = $tree['unsuitable'] ?? null;

        return new SiteQuestion(
            id: $tree['id'],
            asks: $tree['asks'],
            applies: $this->applies($tree['applies']),
            say: $tree['say'],
            ask: $tree['ask'],
            source: $this->source($tree['source']),
            unsuitable: $unsuitable === null ? null : new Unsuitable(
                SiteAnswer::from($unsuitable['when']),
                $this->applies($unsuitable['applies']),
                $unsuitable['why'],
                $unsuitable['instead'],
            ),
        );
    }

    /** @param  PlateTree  $tree */
    public function plate(array $tree): Plate
    {
        $zones = array_map(fn (array $zone): LoadZone => new LoadZone(
            $this->figure($zone['load']),
            $this->chart($zone['where']),
        ), array_values($tree['load_zones'] ?? []));

        return new Plate(
            array_map($this->figure(...), $tree['figures']),
            $this->source($tree['source']),
            isset($tree['reach']) ? $this->chart($tree['reach']) : null,
            $zones === [] ? null : new LoadChart($zones),
        );
    }

    /** @param  FieldTree  $tree */
    private function field(array $tree): Field
    {
        $unit = isset($tree['unit']) ? Unit::named($tree['unit']) : null;

        return new Field(
            name: $tree['name'],
            kind: FieldKind::from($tree['kind']),
            asks: $tree['asks'],
            need: FieldNeed::from($tree['need']),
            unit: $unit,
            ofModel: $tree['of_model'] ?? null,
            ofSite: $tree['of_site'] ?? null,
            stated: $tree['stated'] ?? null,
            most: isset($tree['most'], $unit) ? Quantity::of($tree['most'], $unit) : null,
            choices: $tree['choices'] ?? [],
            statedWhere: $tree['stated_where'] ?? [],
        );
    }

    private function figure(string $text): Quantity
    {
        [$value, $unit] = explode(' ', $text, 2);

        return Quantity::of($value, Unit::named($unit));
    }

    /** @param  list<list<string>>  $points each its outreach and its height, in metres */
    private function chart(array $points): ReachChart
    {
        return ReachChart::through(array_map(
            static fn (array $point): ReachPoint => ReachPoint::metres($point[0], $point[1]),
            $points,
        ));
    }

    /** @param  AppliesTree  $tree */
    private function applies(array $tree): Applicability
    {
        return new Applicability($tree['all'] ?? [], $tree['any'] ?? [], $tree['none'] ?? []);
    }

    /** @param  SourceTree  $tree */
    private function source(array $tree): Source
    {
        return new Source(SourceKind::from($tree['kind']), $tree['words']);
    }
}
