<?php

declare(strict_types=1);

namespace App\Hires;

use JadeLedger\Core\Hire\ConflictKind;

/** Over which conflicts a hire is booked all the same. */
final readonly class BookedOver
{
    /** @param  list<ConflictKind>  $kinds */
    private function __construct(private array $kinds)
    {
    }

    /** @param  list<string>  $knowing kinds that whoever books has read; those that bar are booked over by nobody */
    public static function knowing(array $knowing): self
    {
        return new self(array_values(array_filter(
            ConflictKind::cases(),
            static fn (ConflictKind $kind): bool => ! $kind->bars() && in_array($kind->value, $knowing, true),
        )));
    }

    /**
     * What was promised with no network stands: nobody could be told what was in the way, and it is settled
     * afterwards. Only a machine that has left the fleet goes out to nobody.
     */
    public static function outOfReach(): self
    {
        return new self(array_values(array_filter(
            ConflictKind::cases(),
            static fn (ConflictKind $kind): bool => $kind !== ConflictKind::Left,
        )));
    }

    public function allows(ConflictKind $kind): bool
    {
        return in_array($kind, $this->kinds, true);
    }
}
