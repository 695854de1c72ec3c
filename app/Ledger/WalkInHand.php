<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\HireStanding;
use App\Models\HireState;
use App\Models\LedgerEntry;
use App\Models\Walk;

/**
 * A walk while a batch is posted to it: read once under the machine's lock, and anew only after an entry that moved it.
 */
final class WalkInHand
{
    public readonly ChainHead $head;

    private ?HireStanding $standing = null;

    private bool $isFresh = false;

    private ?bool $another = null;

    /** @param  array<string, LedgerEntry>  $known those of the batch's entries that the ledger has already, by id */
    private function __construct(private readonly Walk $walk, private readonly array $known)
    {
        $this->head = ChainHead::of($walk->machine_id);
    }

    /** @param  list<mixed>  $batch decoded JSON, objects as \stdClass */
    public static function forBatch(Walk $walk, array $batch): self
    {
        $ids = array_filter(array_map(static fn (mixed $raw): mixed => $raw instanceof \stdClass ? ($raw->id ?? null) : null, $batch), is_string(...));
        $uuids = array_filter($ids, static fn (string $id): bool => preg_match('/^[0-9a-f-]{36}$/i', $id) === 1);

        return new self($walk->withoutRelations(), LedgerEntry::query()->whereIn('id', array_values($uuids))->get()->keyBy('id')->all());
    }

    public function walk(): Walk
    {
        if (! $this->isFresh) {
            $this->walk->refresh();
            $this->standing = null;
            $this->isFresh = true;
        }

        return $this->walk;
    }

    public function standing(): HireStanding
    {
        return $this->standing ??= HireState::query()->where('hire_id', $this->walk()->hire_id)->first()->standing ?? HireStanding::Booked;
    }

    /** Whether a walk of another hire of the machine was opened after this one. */
    public function anotherHireHasBegun(): bool
    {
        return $this->another ??= Walk::query()->where('machine_id', $this->walk->machine_id)->where('hire_id', '!=', $this->walk->hire_id)
            ->where('opened_at', '>', $this->walk->opened_at->format('Y-m-d H:i:s.u'))->exists();
    }

    /** The entry that stands under this id, if there is one: from before, or from earlier in the batch. */
    public function known(string $id): ?LedgerEntry
    {
        return $this->known[$id] ?? ($this->head->has($id) ? LedgerEntry::query()->where('id', $id)->first() : null);
    }

    public function posted(LedgerEntry $entry, EntryKind $kind): void
    {
        $this->head->moveTo($entry);
        $this->isFresh = $this->isFresh && $kind instanceof AnswersALine;
    }
}
