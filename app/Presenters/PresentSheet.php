<?php

declare(strict_types=1);

namespace App\Presenters;

/** What a sheet of limits came to, in the reader's words and units. */
final class PresentSheet
{
    /**
     * @param array<string, mixed> $result as App\Limits\SheetRecord writes it
     * @return array<string, mixed>
     */
    public static function result(array $result): array
    {
        return [
            'fits' => $result['fits'],
            'says' => PresentPhrase::sentence($result['says']),
            'ledger' => array_map(static fn (array $line): array => [
                'what' => PresentPhrase::sentence($line['what']),
                'maker' => $line['maker'],
                'less' => array_map(static fn (array $one): array => [
                    'by' => $one['by'], 'why' => PresentPhrase::sentence($one['why']),
                ], $line['less']),
                'yours' => $line['yours'],
            ], $result['ledger']),
            'working' => array_map(PresentPhrase::sentence(...), $result['working']),
            'advice' => array_map(PresentPhrase::sentence(...), $result['advice']),
            // What was kept before there were others is a reach.
            'picture' => $result['picture'] === null ? null : $result['picture'] + ['kind' => 'reach'],
        ];
    }
}
