<?php

declare(strict_types=1);

namespace App\Catalogue;

use JadeLedger\Core\Catalogue\Catalogue;

/** The catalogues that were built last: a version names all that is in it, and what was built never changes. */
final class BuiltCatalogues
{
    /** Some megabytes each. A walk asks for its own version and for that of today. */
    private const MOST = 4;

    /** @var array<string, Catalogue> the one asked for last stands last */
    private array $built = [];

    public function of(CompiledCatalogue $compiled): Catalogue
    {
        return $this->named($compiled->version, static fn (): CompiledCatalogue => $compiled);
    }

    /** @param  \Closure(): CompiledCatalogue  $compiled asked for only where that version is not at hand */
    public function named(string $version, \Closure $compiled): Catalogue
    {
        $catalogue = $this->built[$version] ?? (new BuildCatalogue)->from($compiled());
        unset($this->built[$version]);
        $this->built[$version] = $catalogue;
        if (count($this->built) > self::MOST) {
            array_shift($this->built);
        }

        return $catalogue;
    }
}
