<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\Problem;
use App\Http\Problems\ProblemName;
use App\Keys\SealingKey;
use App\Models\LedgerEntry;
use App\Models\User;
use App\People\CheckSecret;

/**
 * Opens the sealed secrets of a batch and checks each, before the transaction that takes the entries: a wrong try stays
 * counted whatever becomes of the entry, and nobody waits for a machine while a password is hashed.
 */
final readonly class CheckSeconds
{
    public function __construct(private SealingKey $key, private CheckSecret $check)
    {
    }

    /**
     * @param list<mixed> $batch decoded JSON, objects as \stdClass
     * @return array<string, SecondCheck> by entry id
     */
    public function __invoke(array $batch): array
    {
        $checks = [];
        foreach ($batch as $raw) {
            $payload = $raw instanceof \stdClass ? ($raw->payload ?? null) : null;
            if (
                ! $payload instanceof \stdClass
                || ! is_string($payload->second_sealed ?? null)
                || ! is_string($payload->second ?? null)
                || ! is_string($raw->id ?? null)
            ) {
                continue;
            }
            $id = strtolower($raw->id);
            if (
                ! isset($checks[$id])
                && preg_match('/^[0-9a-f-]{36}$/D', $id) === 1
                && ! LedgerEntry::query()->where('id', $id)->exists()
            ) {
                $checks[$id] = $this->one($payload->second, $payload->second_sealed, $id);
            }
        }

        return $checks;
    }

    private function one(string $personId, string $sealed, string $entryId): SecondCheck
    {
        $person = preg_match('/^[0-9a-f-]{36}$/iD', $personId) === 1 ? User::query()->find($personId) : null;
        $secret = $this->key->open($sealed, $entryId);
        if ($person === null || $secret === null) {
            return SecondCheck::wrong(
                $personId,
                Problem::named(ProblemName::SecondNotConfirmed, 422, ['name' => $person->name ?? '–']),
            );
        }
        try {
            ($this->check)($person, $secret);

            return SecondCheck::right($person->id);
        } catch (ApiProblem $refused) {
            return SecondCheck::wrong($person->id, $refused->problem);
        }
    }
}
