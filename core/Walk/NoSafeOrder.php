<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Refusal;

final class NoSafeOrder extends \DomainException implements Refusal
{
    /** @param  list<string>  $checks */
    public static function among(string $stage, array $checks): self
    {
        return new self(
            "No order of the stage '{$stage}' puts each check after those it needs: ".implode(', ', $checks).'.',
        );
    }

    /** @param  list<string>  $checks */
    public static function inACircle(array $checks): self
    {
        return new self(
            'These checks wait for each other: '.implode(', ', $checks).'. Take one of them out of "after".',
        );
    }

    /** @param  list<string>  $checks */
    public static function betweenStates(array $checks): self
    {
        return new self(
            'No sequence of machine states puts each check behind those it waits for, among: '.
                implode(', ', array_slice($checks, 0, 12)).
                '.',
        );
    }

    public static function inNoState(Check $check): self
    {
        return new self(
            "The check '{$check->id}' needs the machine: {$check->needs->title}. No stage".
                ($check->standsBefore === null ? '' : " before '{$check->standsBefore}'").
                ' offers that.',
        );
    }

    public static function placeNowhere(string $check, string $family): self
    {
        return new self(
            "The check '{$check}' applies to the family '{$family}', but none of its places is reached from a station.",
        );
    }
}
