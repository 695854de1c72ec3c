<?php

declare(strict_types=1);

namespace App\Limits;

use App\Catalogue\CatalogueWords;
use App\Models\HireLimit;
use App\Models\HireSiteAnswer;
use App\Models\Machine;
use App\Presenters\PresentSheet;
use JadeLedger\Core\Catalogue\SiteAnswer;

/** What somebody who takes a machine is told of its limits on this hire, and of the place that they named. */
final readonly class LimitsTold
{
    public function __construct(private SheetsOfMachine $sheets)
    {
    }

    /**
     * What was set for this machine; after a swap it holds no more.
     *
     * @return list<array{sheet: string, title: string, fits: mixed, says: string, lines: list<array<string, mixed>>}>
     */
    public function limits(string $hireId, Machine $machine): array
    {
        return array_values(HireLimit::heldFor($hireId, $machine->id)
            ->map(static function (HireLimit $one): array {
                $result = PresentSheet::result($one->result);

                return [
                    'sheet' => $one->sheet,
                    'title' => $one->title,
                    'fits' => $result['fits'],
                    'says' => $result['says'],
                    'lines' => array_map(
                        static fn (array $line): array => ['what' => $line['what'], 'yours' => $line['yours']],
                        $result['ledger'],
                    ),
                ];
            })->all());
    }

    /** @return list<string> what the answers about the place call for; of what nobody asked nothing is said here */
    public function cautions(string $hireId, Machine $machine): array
    {
        $answers = HireSiteAnswer::of($hireId);
        $cautions = [];
        foreach ($answers === [] ? [] : $this->sheets->questions($machine) as $question) {
            $said = match ($answers[$question->id] ?? null) {
                SiteAnswer::Yes => $question->say,
                SiteAnswer::Unknown => $question->ask,
                default => null,
            };
            if ($said !== null) {
                $cautions[] = CatalogueWords::say($said);
            }
        }

        return $cautions;
    }
}
