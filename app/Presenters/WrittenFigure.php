<?php

declare(strict_types=1);

namespace App\Presenters;

use App\People\ReadersUnits;
use App\Words;
use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Quantity\Unit;

/** A figure as whoever reads it writes it: in their units, with the decimal mark of their language. */
final class WrittenFigure
{
    public static function of(string $value, Unit $unit): string
    {
        return self::marked(app(ReadersUnits::class)->shown()->write(Quantity::of($value, $unit)));
    }

    /** A text of figures and signs. Source of the decimal marks: Unicode CLDR, numbers of each language. */
    public static function marked(string $figures): string
    {
        return (string) preg_replace('/(?<=\d)\.(?=\d)/', Words::say('words.decimal_mark'), $figures);
    }
}
