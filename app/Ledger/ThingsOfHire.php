<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Catalogue\CatalogueRepository;
use App\Catalogue\PlanCache;
use App\Models\HireThing;
use App\Models\Machine;
use JadeLedger\Core\Catalogue\CountedThing;
use JadeLedger\Core\Check\AnswerKind;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Spread\Entry;
use JadeLedger\Core\Spread\InColumn;
use JadeLedger\Core\Spread\ReadingLine;
use JadeLedger\Core\Verdict\Outcome;

/** What is counted out with a machine and back in, beside what its walk counts. */
final readonly class ThingsOfHire
{
    public function __construct(private CatalogueRepository $catalogue, private PlanCache $plans)
    {
    }

    /** @return array<string, CountedThing> by id, those that may go along with this machine */
    public function offered(Machine $machine): array
    {
        return array_column($this->plans->concerning($machine->model_id)->countedThings, null, 'id');
    }

    /** The name of a thing; one that the catalogue does not know any more keeps its id. */
    public function name(string $thing): string
    {
        return array_column($this->catalogue->current()->countedThings, 'name', 'id')[$thing] ?? $thing;
    }

    /** @return list<ReadingLine> a line of the spread for each thing that went along */
    public function lines(string $hireId, InColumn $column): array
    {
        $line = static fn (HireThing $one): ReadingLine => new ReadingLine(
            CountedThing::LINE.$one->thing,
            AnswerKind::Count,
            self::entry($one->handed),
            $one->returned === null ? null : self::entry($one->returned),
            $column,
        );

        return array_values(HireThing::handedOn($hireId)->map($line)->all());
    }

    private static function entry(int $count): Entry
    {
        return new Entry(Quantity::of((string) $count, Unit::Piece), Outcome::Stands);
    }
}
