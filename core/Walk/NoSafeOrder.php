<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Check\Check;
use JadeLedger\Core\Refused;
use JadeLedger\Core\Sentence;

final class NoSafeOrder extends Refused
{
    /** @param  list<string>  $checks */
    public static function among(string $stage, array $checks): self
    {
        $among = implode(', ', $checks);

        return new self(
            "No order of the stage \"{$stage}\" puts each check after those it needs: {$among}.",
            new Sentence('no_order_of_stage', ['stage' => $stage, 'checks' => $among]),
        );
    }

    /** @param  list<string>  $checks */
    public static function inACircle(array $checks): self
    {
        $among = implode(', ', $checks);

        return new self(
            "These checks wait for each other: {$among}. Take one of them out of \"after\".",
            new Sentence('order_in_a_circle', ['checks' => $among]),
        );
    }

    /** @param  list<string>  $checks */
    public static function betweenStates(array $checks): self
    {
        $among = implode(', ', array_slice($checks, 0, 12));

        return new self(
            "No sequence of machine states puts each check behind those it waits for, among: {$among}.",
            new Sentence('no_order_of_states', ['checks' => $among]),
        );
    }

    public static function inNoState(Check $check): self
    {
        $needs = "The check \"{$check->id}\" needs the machine: {$check->needs->title}.";
        $figures = ['check' => $check->id, 'state' => $check->needs->title];

        return $check->standsBefore === null
            ? new self("{$needs} No stage offers that.", new Sentence('in_no_state', $figures))
            : new self(
                "{$needs} No stage before \"{$check->standsBefore}\" offers that.",
                new Sentence('in_no_state_before', $figures + ['before' => $check->standsBefore]),
            );
    }

    public static function placeNowhere(string $check, string $family): self
    {
        return new self(
            "The check \"{$check}\" applies to the family \"{$family}\", ".
                'but none of its places is reached from a station.',
            new Sentence('place_nowhere', ['check' => $check, 'family' => $family]),
        );
    }
}
