<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Catalogue\BuildCatalogue;
use App\Catalogue\CatalogueFiles;
use App\Catalogue\CompiledCatalogue;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Catalogue\Corner;
use JadeLedger\Core\Catalogue\FirstVisit;
use JadeLedger\Core\Catalogue\HouseRules;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\Turn;
use JadeLedger\Core\Equipment\Features;

/** The catalogue that ships, read once for a whole run. */
final class RealCatalogue
{
    private static ?CompiledCatalogue $compiled = null;

    private static ?Catalogue $built = null;

    public static function get(): Catalogue
    {
        return self::$built ??= (new BuildCatalogue)->from(self::compiled());
    }

    /** The same catalogue in a yard that begins at another corner, or walks the other way round. */
    public static function inYard(Corner $corner, Turn $turn, FirstVisit $first = FirstVisit::KeyOut): Catalogue
    {
        $catalogue = self::get();

        return new Catalogue(
            $catalogue->version,
            $catalogue->checks,
            $catalogue->stages,
            $catalogue->conditions,
            $catalogue->families,
            $catalogue->models,
            $catalogue->briefingSteps,
            $catalogue->findingKinds,
            $catalogue->triageRules,
            new HouseRules($corner, $turn, 15, $first, $catalogue->houseRules->all),
            qualifications: $catalogue->qualifications,
        );
    }

    /** The same catalogue in a yard that follows another school of a rule. */
    public static function with(string $rule, string $school): Catalogue
    {
        return (new BuildCatalogue)->from(self::compiled()->withChoices([$rule => $school]));
    }

    /** @param  list<string>  $more features beside its own */
    public static function withFeatures(MachineModel $model, array $more): MachineModel
    {
        return new MachineModel(
            $model->id, $model->familyId, $model->maker, $model->name, $model->describes, $model->massKilograms,
            $model->features->with(new Features($more)), $model->limits, $model->plate, $model->servicePlaces,
            $model->moved(),
        );
    }

    public static function compiled(): CompiledCatalogue
    {
        return self::$compiled ??= CompiledCatalogue::fromFiles(
            (new CatalogueFiles(__DIR__.'/../../catalogue'))->read(),
        );
    }
}
