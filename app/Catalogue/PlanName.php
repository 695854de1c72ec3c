<?php

declare(strict_types=1);

namespace App\Catalogue;

/** Which plan a walk was opened with: that of a model in a catalogue, and the hash of its text. */
final readonly class PlanName
{
    public function __construct(public string $catalogueVersion, public string $modelId, public string $sha256)
    {
    }
}
