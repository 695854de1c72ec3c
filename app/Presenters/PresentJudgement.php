<?php

declare(strict_types=1);

namespace App\Presenters;

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
            'may_be_read_later' => $record['may_be_read_later'] ?? false,
            'verdict' => [
                'outcome' => $verdict['outcome'],
                'reason' => PresentPhrase::sentence($verdict['reason']),
                'act' => $verdict['act'] === null ? null : PresentPhrase::sentence($verdict['act']),
                'working' => array_map(WrittenFigure::marked(...), $verdict['working']),
                'source' => $verdict['source'],
                'top_up' => $verdict['top_up'],
                'is_disputed' => $verdict['is_disputed'],
            ],
        ];
    }
}
