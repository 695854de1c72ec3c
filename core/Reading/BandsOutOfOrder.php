<?php

declare(strict_types=1);

namespace JadeLedger\Core\Reading;

use JadeLedger\Core\Sentence;

/** Limits that were written down do not rise; no rule's no, but a mistake in what was entered of the model. */
final class BandsOutOfOrder extends \DomainException
{
    private function __construct(string $message, public readonly Sentence $why)
    {
        parent::__construct($message);
    }

    public static function at(Band $band): self
    {
        if ($band->upTo === null) {
            return new self(
                "The limits of \"{$band->says}\" do not rise.",
                new Sentence('bands_out_of_order', ['band' => $band->says]),
            );
        }
        $at = "{$band->upTo->text()} {$band->upTo->unit->symbol()}";

        return new self(
            "The limits of \"{$band->says}\" do not rise at {$at}.",
            new Sentence('bands_out_of_order_at', ['band' => $band->says, 'at' => $at]),
        );
    }
}
