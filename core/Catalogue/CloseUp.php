<?php

declare(strict_types=1);

namespace JadeLedger\Core\Catalogue;

use JadeLedger\Core\Equipment\Features;

/** A part of a machine as it is seen from where one stands, and where on it checks look. */
final readonly class CloseUp
{
    /**
     * @param Side|null $side of the machine that it shows, where that matters
     * @param list<CloseUpVariant> $draws the first that applies is taken
     * @param array<string, string> $anchors names of places on the drawing, by check
     */
    public function __construct(public string $id, public ?Side $side, public array $draws, public array $anchors)
    {
    }

    public function drawingFor(Features $features): ?string
    {
        foreach ($this->draws as $one) {
            if ($one->applies->holdsFor($features)) {
                return $one->drawing;
            }
        }

        return null;
    }
}
