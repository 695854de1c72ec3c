<?php

declare(strict_types=1);

namespace App\Models;

use App\Contract\JsonObject;
use App\Ledger\EntryKinds;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One line of the ledger. Appended by App\Ledger\AppendEntry, and by nothing else; never changed.
 *
 * @property int $position
 * @property string $id
 * @property string|null $machine_id
 * @property string|null $yard_id of entries of the yard itself
 * @property string $chain_id the machine, or the yard
 * @property int $sequence
 * @property string $kind
 * @property string|null $hire_id
 * @property string|null $walk_id
 * @property string|null $actor_id nothing of what no person posted
 * @property string|null $actor_kind nothing of what a person posted
 * @property string|null $actor_name
 * @property string|null $entered_by only of what was entered from a sheet of paper
 * @property string|null $corrects
 * @property string $body
 * @property string $previous_hash
 * @property string $hash
 * @property Carbon $recorded_at
 * @property Carbon $received_at
 * @property-read User|null $actor
 * @property-read User|null $enteredBy
 */
final class LedgerEntry extends Projection
{
    protected $table = 'ledger_entries';

    private ?JsonObject $laterJudgement = null;

    /** The text is decoded once: projecting asks for several members. */
    private ?JsonObject $decoded = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['recorded_at' => 'datetime', 'received_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function actor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'actor_id');
    }

    /** @return BelongsTo<User, $this> */
    public function enteredBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'entered_by');
    }

    /** @throws \LogicException of an entry that is of no machine: its kind asks for one */
    public function machineId(): string
    {
        return $this->machine_id ?? throw new \LogicException("The entry {$this->id} is of no machine.");
    }

    /** @throws \LogicException of an entry of no walk */
    public function walkId(): string
    {
        return $this->walk_id ?? throw new \LogicException("The entry {$this->id} is of no walk.");
    }

    /** What was said, in the present form of its kind. */
    public function payload(): JsonObject
    {
        return EntryKinds::inPresentForm($this->kind, $this->version(), $this->decoded()->object('payload'));
    }

    /** @return positive-int of the form in which it was written */
    public function version(): int
    {
        return max(1, $this->decoded()->optionalInteger('version') ?? 1);
    }

    /** What the core said of it when it was posted, or when the lead took it. */
    public function judgement(): JsonObject
    {
        return $this->laterJudgement ?? $this->decoded()->object('judgement');
    }

    /** The same entry as it was judged when its doubt was settled. */
    public function judgedLater(JsonObject $judgement): self
    {
        $entry = clone $this;
        $entry->laterJudgement = $judgement;

        return $entry;
    }

    /** @return list<string> why it decides nothing until the lead has looked at it */
    public function doubts(): array
    {
        return $this->decoded()->strings('doubts');
    }

    /** @return array{device_at: string, seconds_ahead: int}|null what the tablet said, where its clock was off */
    public function clock(): ?array
    {
        $clock = $this->decoded()->optionalObject('clock');

        return $clock === null
            ? null
            : ['device_at' => $clock->string('device_at'), 'seconds_ahead' => $clock->integer('seconds_ahead')];
    }

    private function decoded(): JsonObject
    {
        return $this->decoded ??= JsonObject::parse($this->body);
    }
}
