<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueWords;
use App\Contract\JsonObject;
use App\Contract\UnexpectedJson;
use App\Words;
use JadeLedger\Core\Quantity\Unit;

/** A sentence of the ledger in the language and the units of whoever reads it. */
final class PresentPhrase
{
    /** Before 0.6.0 these figures were written without their unit, which stood in the sentence. */
    private const UNITS_BEFORE_060 = [
        'fork_tips' => ['difference' => 'mm', 'limit' => 'mm'],
        'tread' => ['depth' => 'mm', 'least' => 'mm'],
        'track' => ['sag' => 'mm', 'least' => 'mm', 'most' => 'mm'],
        'belt' => ['give' => 'mm', 'least' => 'mm', 'most' => 'mm'],
        'pin' => ['play' => 'mm', 'most' => 'mm'],
        'electrolyte' => ['level' => 'mm'],
        'extinguisher' => ['pressure' => 'bar', 'least' => 'bar', 'most' => 'bar'],
        'tyre' => ['change' => 'kPa'],
        'freeze' => ['freeze' => 'degC', 'needed' => 'degC', 'litres' => 'l'],
        'speed' => ['speed' => 'm_s', 'most' => 'm_s'],
        'level' => ['volume' => 'l'],
        'column' => ['volume' => 'l'],
    ];

    /** @param  array<array-key, mixed>  $phrase as App\Ledger\JudgementRecord writes it */
    public static function sentence(array $phrase): string
    {
        $read = JsonObject::of($phrase);
        $units = self::UNITS_BEFORE_060[explode('.', $read->string('key'))[0]] ?? [];
        $figures = [];
        foreach ($read->object('figures')->byName() as $name => $figure) {
            $figures[$name] = match (true) {
                is_array($figure) => self::measured(JsonObject::of($figure)),
                is_string($figure) && isset($units[$name]) && is_numeric($figure) => WrittenFigure::of(
                    $figure,
                    Unit::named($units[$name]),
                ),
                // A gap brought its unit along, and levels are read in millimetres.
                $name === 'gap'
                    && is_string($figure)
                    && preg_match('/^(\d+(?:\.\d+)?) mm$/D', $figure, $gap) === 1 => WrittenFigure::of(
                        $gap[1],
                        Unit::Millimetre,
                    ),
                is_string($figure) && is_numeric($figure) => WrittenFigure::marked($figure),
                // What is no figure is a sentence of the catalogue, or what somebody said.
                is_string($figure) => CatalogueWords::say(WrittenDate::ifDay($figure)),
                is_int($figure) => $figure,
                default => throw new UnexpectedJson("figures.{$name}", 'a figure or a text', $figure),
            };
        }

        $inBraces = array_combine(
            array_map(static fn (string $name): string => "{{$name}}", array_keys($figures)),
            array_values($figures),
        );
        // A step of a test names figures of the model.
        $figures = array_map(
            static fn (string|int $words): string|int => is_string($words) ? strtr($words, $inBraces) : $words,
            $figures,
        );

        return Words::say('verdicts.'.$read->string('key'), $figures);
    }

    private static function measured(JsonObject $figure): string
    {
        return WrittenFigure::of($figure->string('value'), Unit::named($figure->string('unit')));
    }
}
