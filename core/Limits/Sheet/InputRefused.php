<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Refusal;
use JadeLedger\Core\Verdict\Phrase;

/** What was entered cannot be computed with; says which field, and what to do. */
final class InputRefused extends \DomainException implements Refusal
{
    private function __construct(public readonly string $field, public readonly Phrase $phrase)
    {
        parent::__construct("{$field}: {$phrase->key}");
    }

    /** @param  array<string, Quantity>  $figures that the sentence names */
    public static function because(Field $field, string $key, array $figures = []): self
    {
        return new self($field->name, new Phrase("limits.{$key}", ['asks' => $field->asks] + $figures));
    }
}
