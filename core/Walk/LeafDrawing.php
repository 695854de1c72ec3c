<?php

declare(strict_types=1);

namespace JadeLedger\Core\Walk;

use JadeLedger\Core\Catalogue\CloseUp;
use JadeLedger\Core\Catalogue\Side;
use JadeLedger\Core\Equipment\Features;

/** The close-up beside a page, and where on it the lines of the page look. */
final readonly class LeafDrawing
{
    /** Fewer marks than this say nothing: the plan of the machine is the better drawing then. */
    private const LEAST_MARKS = 2;

    /** @param  array<string, string>  $anchors  by line key */
    private function __construct(public string $drawing, public bool $isMirrored, public array $anchors)
    {
    }

    /**
     * The one on which most lines of the page have their place; none where no drawing shows them.
     *
     * @param list<CloseUp> $closeUps
     */
    public static function of(Leaf $leaf, array $closeUps, Features $features): ?self
    {
        $best = null;
        foreach ($closeUps as $closeUp) {
            $drawing = $closeUp->drawingFor($features);
            $anchors = $drawing === null ? [] : self::anchors($leaf, $closeUp);
            if ($drawing !== null && count($anchors) >= max(self::LEAST_MARKS, count($best->anchors ?? []) + 1)) {
                $side = Side::ofPlace($leaf->lines[0]->place);
                $isOther = $closeUp->side !== null && $side !== null && $side !== $closeUp->side;
                $best = new self($drawing, $isOther, $anchors);
            }
        }

        return $best;
    }

    /** @return array<string, string> */
    private static function anchors(Leaf $leaf, CloseUp $closeUp): array
    {
        $anchors = [];
        foreach ($leaf->lines as $line) {
            $anchor = $closeUp->anchors[$line->check->id] ?? null;
            if ($anchor !== null) {
                $anchors[$line->key] = $anchor;
            }
        }

        return $anchors;
    }
}
