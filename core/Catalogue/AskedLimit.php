<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

/** Limits that a model has to know, because something that is done to it is judged by them. */
final readonly class AskedLimit
{
    /**
     * @param string $name under which the model keeps them
     * @param string $kind of limits: that of the reading, or "wait"
     * @param non-empty-list<string> $askedBy titles of the checks, or words of the steps, that ask for them
     */
    public function __construct(public string $name, public string $kind, public array $askedBy)
    {
    }

    public function by(string $title): self
    {
        return new self($this->name, $this->kind, array_values(array_unique([...$this->askedBy, $title])));
    }
}
