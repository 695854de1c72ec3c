<?php

declare(strict_types=1);

namespace JadeLedger\Core\Carry;

/** Something that happened to a machine. */
final readonly class Change
{
    /** @param  string|null  $place  the only place that it concerns; none where it concerns the whole machine */
    private function __construct(public ChangeKind $kind, public int $sequence, public ?string $place)
    {
    }

    /** @param  int  $sequence  of its entry in the chain of the machine */
    public static function ofMachine(ChangeKind $kind, int $sequence): self
    {
        return new self($kind, $sequence, null);
    }

    public static function at(string $place, ChangeKind $kind, int $sequence): self
    {
        return new self($kind, $sequence, $place);
    }

    /** Whether an answer that was given before says nothing any more. */
    public function voids(EarlierAnswer $answer, string $place): bool
    {
        return $this->sequence > $answer->sequence && ($this->place === null || $this->place === $place);
    }
}
