<?php

declare(strict_types=1);

namespace JadeLedger\Core\Limits\Sheet;

use JadeLedger\Core\Equipment\Features;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** Something that a sheet asks for. */
final readonly class Field
{
    /**
     * @param string $asks the question, in the words of the trade
     * @param Unit|null $unit in which a quantity is asked for
     * @param string|null $ofModel the limit of the model that answers it
     * @param string|null $ofSite the question of the site that answers it
     * @param string|null $stated what holds until somebody says otherwise
     * @param Quantity|null $most above this a figure is taken for a slip
     * @param array<string, string> $choices words by value
     * @param array<string, string> $statedWhere in its place, by a feature that the machine or the yard has
     */
    public function __construct(
        public string $name,
        public FieldKind $kind,
        public string $asks,
        public FieldNeed $need,
        public ?Unit $unit = null,
        public ?string $ofModel = null,
        public ?string $ofSite = null,
        public ?string $stated = null,
        public ?Quantity $most = null,
        public array $choices = [],
        public array $statedWhere = [],
    ) {
    }

    public function statedFor(Features $features): ?string
    {
        foreach ($this->statedWhere as $feature => $value) {
            if ($features->has($feature)) {
                return $value;
            }
        }

        return $this->stated;
    }
}
