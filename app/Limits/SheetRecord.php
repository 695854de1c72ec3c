<?php

declare(strict_types=1);

namespace App\Limits;

use App\Ledger\JudgementRecord;
use JadeLedger\Core\Limits\Lines\LinePicture;
use JadeLedger\Core\Limits\Lines\LineSchool;
use JadeLedger\Core\Limits\Platform\ReachChart;
use JadeLedger\Core\Limits\Platform\ReachPicture;
use JadeLedger\Core\Limits\Platform\ReachPoint;
use JadeLedger\Core\Limits\Sheet\Entered;
use JadeLedger\Core\Limits\Sheet\LedgerLine;
use JadeLedger\Core\Limits\Sheet\Less;
use JadeLedger\Core\Limits\Sheet\SheetInputs;
use JadeLedger\Core\Limits\Sheet\SheetPicture;
use JadeLedger\Core\Limits\Sheet\SheetResult;
use JadeLedger\Core\Limits\Truck\LoadZone;
use JadeLedger\Core\Limits\Truck\ZonesPicture;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** What a sheet came to, as it is written to the ledger: keys and figures, no language. */
final class SheetRecord
{
    /** @return array<string, mixed> */
    public static function of(SheetResult $result): array
    {
        return [
            'fits' => $result->fits->value,
            'says' => JudgementRecord::phrase($result->says),
            'ledger' => array_map(self::line(...), $result->ledger),
            'working' => array_map(JudgementRecord::phrase(...), $result->working),
            'advice' => array_map(JudgementRecord::phrase(...), $result->advice),
            'picture' => $result->picture === null ? null : self::picture($result->picture),
        ];
    }

    /** @return array<string, array{value: string, unit: string|null}> all that it was computed from, by field */
    public static function inputs(SheetInputs $inputs): array
    {
        return array_map(static fn (Entered $one): array => [
            'value' => $one->value, 'unit' => $one->unit?->value,
        ], $inputs->entered);
    }

    /** @return array<string, mixed> */
    private static function line(LedgerLine $line): array
    {
        return [
            'what' => JudgementRecord::phrase($line->what),
            'maker' => $line->maker === null ? null : self::figure($line->maker),
            'less' => array_map(static fn (Less $one): array => [
                'by' => self::figure($one->by),
                'why' => JudgementRecord::phrase($one->why),
            ], $line->less),
            'yours' => self::figure($line->yours),
        ];
    }

    /** @return array<string, mixed> metres */
    private static function picture(SheetPicture $picture): array
    {
        return match (true) {
            $picture instanceof ReachPicture => self::reach($picture),
            $picture instanceof ZonesPicture => [
                'kind' => 'zones',
                'zones' => array_map(static fn (LoadZone $zone): array => [
                    'load' => self::figure($zone->load), 'edge' => self::edge($zone->where),
                ], $picture->chart->zones),
                'job' => self::point($picture->job),
            ],
            $picture instanceof LinePicture => [
                'kind' => 'line',
                'keep_out' => LineSchool::shown($picture->clearance)->text(),
                'nearest' => $picture->nearest?->in(Unit::Metre)->text(),
            ],
            default => throw new \LogicException('A picture of no known kind: '.$picture::class),
        };
    }

    /** @return array<string, mixed> */
    private static function reach(ReachPicture $picture): array
    {
        return [
            'kind' => 'reach',
            'maker' => self::edge($picture->maker),
            'yours' => $picture->yours === null ? null : self::edge($picture->yours),
            'job' => self::point($picture->job),
            'line' => $picture->line === null ? null : self::point($picture->line),
            'keep_out' => $picture->keepOut === null ? null : LineSchool::shown($picture->keepOut)->text(),
        ];
    }

    /** @return list<array{string, string}> */
    private static function edge(ReachChart $chart): array
    {
        return array_map(self::point(...), $chart->edge);
    }

    /** @return array{string, string} */
    private static function point(ReachPoint $point): array
    {
        return [$point->out->in(Unit::Metre)->text(), $point->up->in(Unit::Metre)->text()];
    }

    /** @return array{value: string, unit: string} */
    private static function figure(Quantity $figure): array
    {
        return ['value' => $figure->text(), 'unit' => $figure->unit->value];
    }
}
