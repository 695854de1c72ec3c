<?php

declare(strict_types=1);

namespace App\Ledger\Judgements;

use App\Contract\JsonObject;
use JadeLedger\Core\Source\Source;
use JadeLedger\Core\Source\SourceKind;

/** The source of a rule or a figure, as it is written down. */
final class SourceRecord
{
    /** @return array{kind: string, words: string} */
    public static function of(Source $source): array
    {
        return ['kind' => $source->kind->value, 'words' => $source->words];
    }

    public static function read(JsonObject $json): Source
    {
        return new Source(SourceKind::from($json->string('kind')), $json->string('words'));
    }
}
