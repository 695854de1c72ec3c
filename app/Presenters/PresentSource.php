<?php

declare(strict_types=1);

namespace App\Presenters;

use JadeLedger\Core\Source\Source;

final class PresentSource
{
    /** @return array{kind: string, words: string} */
    public static function of(Source $source): array
    {
        return ['kind' => $source->kind->value, 'words' => $source->words];
    }
}
