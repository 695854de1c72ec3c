<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use App\Catalogue\BuiltCatalogues;
use App\Catalogue\CatalogueFiles;
use App\Catalogue\CompiledCatalogue;
use PHPUnit\Framework\TestCase;

final class BuiltCataloguesTest extends TestCase
{
    public function test_a_version_is_built_once_and_the_one_that_nobody_asked_for_longest_makes_room(): void
    {
        $compiled = CompiledCatalogue::fromFiles((new CatalogueFiles(__DIR__.'/../../../catalogue'))->read());
        $built = new BuiltCatalogues;
        $asked = [];
        $ask = function (string $version) use ($built, $compiled, &$asked): object {
            return $built->named($version, function () use ($version, $compiled, &$asked): CompiledCatalogue {
                $asked[] = $version;

                return $compiled;
            });
        };

        self::assertSame($ask('of May'), $ask('of May'));
        foreach (['of June', 'of July', 'of August', 'of May', 'of September'] as $version) {
            $ask($version);
        }
        self::assertSame(['of May', 'of June', 'of July', 'of August', 'of September'], $asked);
        $ask('of May');
        $ask('of June');
        self::assertSame('of June', end($asked), 'it had made room');
        self::assertCount(6, $asked);
    }
}
