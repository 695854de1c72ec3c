<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Ledger\Kinds\DoubtSettled;
use App\Models\HireState;
use App\Models\HireStatus;
use App\Models\LedgerEntry;
use App\Models\Walk;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Reading\Outcome;

/**
 * A walk while a batch is posted to it: read once under the machine's lock, and anew only after an entry that moved it.
 */
final class PostingSession
{
    public readonly ChainHead $head;

    private ?HireStatus $standing = null;

    private bool $isFresh = false;

    private ?bool $another = null;

    private ?RestingOn $resting = null;

    /** @var array<string, true>|null by line */
    private ?array $stopped = null;

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

    public function standing(): HireStatus
    {
        return $this->standing ??= HireState::query()->where('hire_id', $this->walk()->hire_id)->first()->standing ?? HireStatus::Booked;
    }

    /** Whether a walk of another hire of the machine was opened after this one. */
    public function anotherHireHasBegun(): bool
    {
        return $this->another ??= Walk::query()->where('machine_id', $this->walk->machine_id)->where(
            'hire_id',
            '!=',
            $this->walk->hire_id,
        )
            ->where('opened_at', '>', $this->walk->opened_at->format('Y-m-d H:i:s.u'))->exists();
    }

    /** The entry that stands under this id, if there is one: from before, or from earlier in the batch. */
    public function known(string $id): ?LedgerEntry
    {
        return $this->known[$id] ?? ($this->head->has($id) ? LedgerEntry::query()->where('id', $id)->first() : null);
    }

    /**
     * What the entries of this person rest on; asked for once, and again after something that is in doubt or settles a
     * doubt.
     */
    public function restingOn(string $actorId): RestingOn
    {
        return $this->resting ??= RestingOn::of($this->walk->id, $actorId);
    }

    /** Whether this line says stop now; which ones do is asked for once in a batch and kept up with what is posted. */
    public function isStopped(string $line): bool
    {
        $this->stopped ??= array_fill_keys(
            DB::table('walk_lines')->where('walk_id', $this->walk->id)
                ->where('outcome', Outcome::Stop->value)
                ->pluck('key')
                ->all(),
            true,
        );

        return isset($this->stopped[$line]);
    }

    public function posted(LedgerEntry $entry, EntryKind $kind): void
    {
        if (
            ! $kind instanceof AnswersALine
            || ($entry->judgement()['verdict']['outcome'] ?? null) === Outcome::Stop->value
        ) {
            $this->stopped = null;
        }
        if ($entry->doubts() !== [] || $kind instanceof DoubtSettled) {
            $this->resting = null;
        }
        $this->head->moveTo($entry);
        $this->isFresh = $this->isFresh && $kind instanceof AnswersALine;
    }
}
