<?php

declare(strict_types=1);

namespace JadeLedger\Core\Briefing;

/** Strokes of a pen on a field that is a thousand wide. */
final readonly class Signature
{
    /** Thousandths of the field: a touch by mistake covers less. Our own choice. */
    private const LEAST = 12;

    /** @param  list<list<int>>  $strokes  each as x and y by turns */
    public function __construct(private array $strokes)
    {
    }

    /** Whether somebody drew something: not nothing, and not a dot. */
    public function isDrawn(): bool
    {
        $extent = function (int $axis): int {
            $values = [];
            foreach ($this->strokes as $stroke) {
                for ($at = $axis; $at < count($stroke); $at += 2) {
                    $values[] = $stroke[$at];
                }
            }

            return $values === [] ? 0 : max($values) - min($values);
        };

        return max($extent(0), $extent(1)) >= self::LEAST;
    }
}
