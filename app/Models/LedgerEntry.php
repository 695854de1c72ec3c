<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One line of the ledger. Appended by App\Ledger\AppendEntry, and by nothing else; never changed.
 *
 * @property int $position
 * @property string $id
 * @property string $machine_id
 * @property int $sequence
 * @property string $kind
 * @property string|null $hire_id
 * @property string|null $walk_id
 * @property string $actor_id
 * @property string|null $corrects
 * @property string $body
 * @property string $previous_hash
 * @property string $hash
 * @property Carbon $recorded_at
 * @property Carbon $received_at
 * @property-read User $actor
 */
final class LedgerEntry extends Projection
{
    /** @var array<string, mixed>|null */
    private ?array $laterJudgement = null;

    /** @var array<string, mixed>|null the text is decoded once: projecting asks for several members */
    private ?array $decoded = null;

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

    /** @return array<string, mixed> */
    public function payload(): array
    {
        return $this->member('payload');
    }

    /** @return array<string, mixed> what the core said of it when it was posted, or when the lead took it */
    public function judgement(): array
    {
        return $this->laterJudgement ?? $this->member('judgement');
    }

    /**
     * The same entry as it was judged when its doubt was settled.
     *
     * @param array<string, mixed> $judgement
     */
    public function judgedLater(array $judgement): self
    {
        $entry = clone $this;
        $entry->laterJudgement = $judgement;

        return $entry;
    }

    /** @return list<string> why it decides nothing until the lead has looked at it */
    public function doubts(): array
    {
        return array_values($this->member('doubts'));
    }

    /** @return array{device_at: string, seconds_ahead: int}|null what the tablet said, where its clock was off */
    public function clock(): ?array
    {
        $clock = $this->member('clock');

        return isset($clock['device_at'], $clock['seconds_ahead']) ? ['device_at' => (string) $clock['device_at'], 'seconds_ahead' => (int) $clock['seconds_ahead']] : null;
    }

    /** @return array<string, mixed> */
    private function member(string $name): array
    {
        $this->decoded ??= (array) json_decode($this->body, true, flags: JSON_THROW_ON_ERROR);

        return is_array($this->decoded[$name] ?? null) ? $this->decoded[$name] : [];
    }
}
