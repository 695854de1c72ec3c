<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Catalogue\CatalogueWords;
use App\Words;

/** A judgement of the ledger in the reader's language. */
final class PresentJudgement
{
    /**
     * @param array<string, mixed> $record as App\Ledger\JudgementRecord writes it
     * @return array<string, mixed>
     */
    public static function of(array $record): array
    {
        $verdict = $record['verdict'];

        return [
            'is_valid' => $record['is_valid'],
            'missing_conditions' => $record['missing_conditions'],
            'verdict' => [
                'outcome' => $verdict['outcome'],
                'reason' => self::sentence($verdict['reason']),
                'act' => $verdict['act'] === null ? null : self::sentence($verdict['act']),
                'working' => $verdict['working'],
                'source' => $verdict['source'],
                'top_up' => $verdict['top_up'],
                'is_disputed' => $verdict['is_disputed'],
            ],
        ];
    }

    /** @param  array<string, mixed>  $phrase */
    public static function sentence(array $phrase): string
    {
        // Figures are figures, or sentences of the catalogue.
        return Words::say('verdicts.'.$phrase['key'], array_map(static fn (mixed $figure): mixed => is_string($figure) ? CatalogueWords::say($figure) : $figure, (array) $phrase['figures']));
    }
}
