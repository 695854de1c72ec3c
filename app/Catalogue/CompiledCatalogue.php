<?php

declare(strict_types=1);

namespace App\Catalogue;

/**
 * The catalogue as one tree of plain values: what is cached, stored with each walk, and built into typed objects.
 */
final readonly class CompiledCatalogue
{
    /** @param  array<string, array<string, mixed>>  $trees by file name */
    private function __construct(public string $version, public array $trees)
    {
    }

    /** @param  array<string, array<string, mixed>>  $trees */
    public static function fromFiles(array $trees): self
    {
        ksort($trees);

        return new self(hash('sha256', json_encode($trees, JSON_THROW_ON_ERROR)), $trees);
    }

    /** @param  array<string, array<string, mixed>>  $trees */
    public static function stored(string $version, array $trees): self
    {
        return new self($version, $trees);
    }
}
