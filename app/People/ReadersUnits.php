<?php

declare(strict_types=1);

namespace App\People;

use App\Catalogue\CatalogueRepository;
use App\Models\HouseRuleChoice;
use App\Models\Units;
use App\Models\User;
use Brick\Math\RoundingMode;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;
use JadeLedger\Core\Quantity\UnitSchool;
use JadeLedger\Core\Quantity\UnitsShown;

/** The units in which whoever signed in reads figures: their own choice, or what the yard's house rule says. */
final class ReadersUnits
{
    private ?User $reader = null;

    private ?UnitsShown $shown = null;

    public function __construct(private readonly CatalogueRepository $shelf)
    {
    }

    public function readBy(User $reader): void
    {
        $this->reader = $reader;
        $this->shown = null;
    }

    public function shown(): UnitsShown
    {
        return $this->shown ??= $this->chosen();
    }

    private function chosen(): UnitsShown
    {
        return match ($this->reader?->units) {
            null, Units::Si => UnitsShown::Si,
            Units::Us => UnitsShown::Us,
            Units::Both => $this->school() === UnitSchool::UsFirst ? UnitsShown::UsFirst : UnitsShown::SiFirst,
            Units::Yard => UnitsShown::asTheYardReads($this->school()),
        };
    }

    private function school(): UnitSchool
    {
        return UnitSchool::of(
            $this->shelf->giftsOf(
                'units',
                HouseRuleChoice::query()->where('rule', 'units')->orderByDesc('id')->first()?->value,
            ),
        );
    }

    /**
     * Every unit that has another one beside it: a figure of the first, times `per`, plus `offset`.
     *
     * @return list<array{unit: string, other: string, symbol: string, per: float, offset: float, places: int}>
     */
    public static function pairs(): array
    {
        $pairs = [];
        foreach (Unit::cases() as $unit) {
            $other = $unit->customary();
            if ($other !== null) {
                $offset = Quantity::zero($unit)->in($other);
                $pairs[] = [
                    'unit' => $unit->value,
                    'other' => $other->value,
                    'symbol' => $other->symbol(),
                    'per' => Quantity::of(1, $unit)
                        ->in($other)
                        ->minus($offset)
                        ->decimal(9, RoundingMode::HALF_UP)
                        ->toFloat(),
                    'offset' => $offset->decimal(9, RoundingMode::HALF_UP)->toFloat(),
                    'places' => UnitsShown::placesAdded($unit, $other),
                ];
            }
        }

        return $pairs;
    }
}
