<?php

declare(strict_types=1);

namespace App\Limits;

use App\Catalogue\BuildLimitSheets;
use App\Models\ModelPlate;
use JadeLedger\Core\Catalogue\MachineModel;
use JadeLedger\Core\Catalogue\Plate;

/** The plate of a model: what the yard took from its manual, over what the catalogue says. */
final readonly class PlateOfModel
{
    public function of(MachineModel $model): ?Plate
    {
        $own = ModelPlate::lastOf($model->id);
        if ($own === null) {
            return $model->plate;
        }
        $plate = self::built($own->figures, $own->reach, $own->load_zones, $own->source);

        return new Plate(
            $plate->figures + ($model->plate->figures ?? []),
            $plate->source,
            $plate->reach ?? $model->plate?->reach,
            $plate->loads ?? $model->plate?->loads,
        );
    }

    /**
     * @param array<string, string> $figures
     * @param list<list<string>>|null $reach each point its outreach and its height, in metres
     * @param list<array{load: string, where: list<list<string>>}>|null $zones
     */
    public static function built(array $figures, ?array $reach, ?array $zones, string $source): Plate
    {
        return (new BuildLimitSheets)->plate([
            'figures' => $figures, 'source' => ['kind' => 'maker', 'words' => $source],
        ] + ($reach === null ? [] : ['reach' => $reach]) + ($zones === null ? [] : ['load_zones' => $zones]));
    }
}
