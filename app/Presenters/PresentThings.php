<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\ThingsOfHire;
use App\Models\Hire;
use App\Models\HireThing;
use JadeLedger\Core\Catalogue\CountedThing;

/** What may go along with the machine of a hire, and how many of each went and came back. */
final readonly class PresentThings
{
    public function __construct(private ThingsOfHire $things)
    {
    }

    /** @return list<array<string, mixed>> */
    public function of(Hire $hire): array
    {
        $counted = HireThing::query()->where('hire_id', $hire->id)->get()->keyBy('thing');
        $offered = $this->things->offered($hire->machine);
        // What went along with another machine, before a swap, is counted back all the same.
        $all = array_unique([...array_keys($offered), ...$counted->keys()->all()]);

        return array_map(fn (string $thing): array => self::one(
            $thing,
            $offered[$thing]->name ?? $this->things->name($thing),
            $offered[$thing] ?? null,
            $counted->get($thing),
        ), array_values($all));
    }

    /** @return list<array<string, mixed>> what a hirer has of the yard's */
    public function handed(string $hireId): array
    {
        return array_values(HireThing::handedOn($hireId)->map(fn (HireThing $one): array => [
            'name' => $this->things->name($one->thing),
            'count' => $one->handed,
            'marks' => $one->marks,
        ])->all());
    }

    /** @return array<string, mixed> */
    private static function one(string $id, string $name, ?CountedThing $thing, ?HireThing $counted): array
    {
        return [
            'thing' => $id,
            'name' => $name,
            'is_marked' => $thing->isMarked ?? false,
            'handed' => $counted?->handed,
            'marks' => $counted->marks ?? '',
            'returned' => $counted?->returned,
        ];
    }
}
