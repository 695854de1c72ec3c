<?php

declare(strict_types=1);

namespace App\Ledger;

use JadeLedger\Core\Quantity\Quantity;
use JadeLedger\Core\Verdict\Phrase;
use JadeLedger\Core\Verdict\Verdict;
use JadeLedger\Core\Walk\Judgement;

/**
 * A judgement as it is written to the ledger: keys and figures, no language.
 *
 * @phpstan-type WrittenPhrase array{key: string, figures: array<string, mixed>}
 * @phpstan-type WrittenTopUp array{litres: string, fluid: string, reread_after_minutes: int}
 * @phpstan-type WrittenVerdict array{outcome: string, reason: WrittenPhrase, act: WrittenPhrase|null,
 *     working: list<string>, source: array{kind: string, words: string}, top_up: WrittenTopUp|null, is_disputed: bool}
 * @phpstan-type WrittenJudgement array{kind?: string, is_valid: bool, missing_conditions: list<string>,
 *     verdict: WrittenVerdict, may_be_read_later?: bool}
 */
final class JudgementRecord
{
    /** @return array<string, mixed> */
    public static function of(Judgement $judgement): array
    {
        return [
            'is_valid' => $judgement->isValid,
            'missing_conditions' => $judgement->validity->missing ?? [],
            'verdict' => self::verdict($judgement->verdict),
        ] + ($judgement->mayBeReadLater ? ['may_be_read_later' => true] : []);
    }

    /** @return array<string, mixed> */
    private static function verdict(Verdict $verdict): array
    {
        return [
            'outcome' => $verdict->outcome->value,
            'reason' => self::phrase($verdict->reason),
            'act' => $verdict->act === null ? null : self::phrase($verdict->act),
            'working' => $verdict->working,
            'source' => ['kind' => $verdict->source->kind->value, 'words' => $verdict->source->words],
            'top_up' => $verdict->topUp === null
                    ? null
                    : [
                        'litres' => $verdict->topUp->volume->text(),
                        'fluid' => $verdict->topUp->fluid,
                        'reread_after_minutes' => $verdict->topUp->rereadAfterMinutes,
                    ],
            'is_disputed' => $verdict->isDisputed,
        ];
    }

    /** @return array<string, mixed> */
    public static function phrase(Phrase $phrase): array
    {
        return [
            'key' => $phrase->key,
            'figures' => (object) array_map(
                static fn (string|Quantity $figure): string|array => is_string($figure)
                    ? $figure
                    : ['value' => $figure->text(), 'unit' => $figure->unit->value],
                $phrase->figures,
            ),
        ];
    }
}
