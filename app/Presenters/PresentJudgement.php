<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Ledger\JudgementRecord;

/**
 * A judgement of the ledger in the reader's language.
 *
 * @phpstan-import-type WrittenJudgement from JudgementRecord
 * @phpstan-import-type WrittenVerdict from JudgementRecord
 */
final class PresentJudgement
{
    /**
     * @param WrittenJudgement $record
     * @return array{is_valid: bool, missing_conditions: list<string>, may_be_read_later: bool,
     *     verdict: array{outcome: string, reason: string, act: string|null, working: list<string>,
     *     source: array{kind: string, words: string}, top_up: array<string, mixed>|null, is_disputed: bool}}
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
