<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Contract\JsonObject;

/** What a sheet of limits came to, in the reader's words and units. */
final class PresentSheet
{
    /**
     * @param array<string, mixed> $result as App\Limits\SheetRecord writes it
     * @return array{fits: mixed, says: string, ledger: list<array{what: string, maker: mixed,
     *     less: list<array{by: mixed, why: string}>, yours: mixed}>, working: list<string>, advice: list<string>,
     *     picture: array<string, mixed>|null}
     */
    public static function result(array $result): array
    {
        $read = JsonObject::of($result);
        $said = static fn (JsonObject $phrase): string => PresentPhrase::sentence($phrase->toArray());

        return [
            'fits' => $result['fits'],
            'says' => $said($read->object('says')),
            'ledger' => array_map(static fn (JsonObject $line): array => [
                'what' => $said($line->object('what')),
                'maker' => $line->toArray()['maker'],
                'less' => array_map(static fn (JsonObject $one): array => [
                    'by' => $one->toArray()['by'], 'why' => $said($one->object('why')),
                ], $line->objects('less')),
                'yours' => $line->toArray()['yours'],
            ], $read->objects('ledger')),
            'working' => array_map($said, $read->objects('working')),
            'advice' => array_map($said, $read->objects('advice')),
            // What was kept before there were others is a reach.
            'picture' => $read->has('picture') ? $read->object('picture')->byName() + ['kind' => 'reach'] : null,
        ];
    }
}
