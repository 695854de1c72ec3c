<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Words;
use JadeLedger\Core\Hire\HireConflict;

final class PresentConflict
{
    /** @return array{kind: string, bars: bool, words: string} */
    public static function of(HireConflict $one): array
    {
        return [
            'kind' => $one->kind->value,
            'bars' => $one->kind->bars(),
            'words' => Words::say('words.conflict.'.$one->kind->value, [
                'folio' => (string) $one->folio,
                'minutes' => (string) $one->minutes,
                'paper' => $one->paper === null ? '' : Words::say('words.paper.'.$one->paper->kind),
                'date' => $one->paper === null ? '' : WrittenDate::ifDay($one->paper->validUntil->format('Y-m-d')),
            ]),
        ];
    }
}
