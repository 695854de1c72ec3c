<?php

declare(strict_types=1);

namespace JadeLedger\Core\Service;

/** What the stores lay out for a point. */
final readonly class KitItem
{
    /**
     * @param string $name the kind of part or fluid, with its grade
     * @param string|null $quantity decimal text; none where it is filled to a mark that the manual gives
     * @param string $unit L, kg or pieces
     */
    public function __construct(public string $name, public ?string $quantity, public string $unit)
    {
    }
}
