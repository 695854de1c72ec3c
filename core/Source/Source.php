<?php

declare(strict_types=1);

namespace JadeLedger\Core\Source;

/** On whose authority a number or a rule stands. */
final readonly class Source
{
    public function __construct(public SourceKind $kind, public string $words)
    {
    }
}
