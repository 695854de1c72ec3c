<?php

declare(strict_types=1);

namespace App\Paper;

use App\Http\Problems\Problem;
use App\Ledger\EntryResult;

/** What became of a sheet that was entered: each act by itself. */
final readonly class EnteredSheet
{
    /**
     * @param list<EntryResult> $taken
     * @param list<array{stage: string|null, line: string|null, problem: Problem}> $refused
     * @param int $behind lines that stand behind a state that was refused, and were not looked at
     */
    public function __construct(public array $taken, public array $refused, public int $behind)
    {
    }

    /** Entries that are kept and decide nothing until the lead has looked at them. */
    public function inDoubt(): int
    {
        return count(array_filter(
            $this->taken,
            static fn (EntryResult $one): bool => $one->entry !== null && $one->entry->doubts() !== [],
        ));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'taken' => count($this->taken),
            'in_doubt' => $this->inDoubt(),
            'behind' => $this->behind,
            'refused' => array_map(
                static fn (array $one): array => ['problem' => $one['problem']->toArray()] + $one,
                $this->refused,
            ),
        ];
    }
}
