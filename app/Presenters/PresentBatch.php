<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Http\Problems\Problem;
use App\Ledger\EntryResult;
use App\Ledger\JudgementRecord;
use App\Models\LedgerEntry;
use App\Models\User;
use App\Models\Walk;
use Illuminate\Http\JsonResponse;

/**
 * What became of a batch: entry by entry, and the walk as it stands now.
 *
 * @phpstan-import-type WrittenJudgement from JudgementRecord
 */
final readonly class PresentBatch
{
    public function __construct(private PresentWalk $walk)
    {
    }

    /** @param  list<EntryResult>  $results */
    public function results(array $results): JsonResponse
    {
        return $this->allRefused($results) ?? response()->json(['results' => array_map($this->result(...), $results)]);
    }

    /**
     * @param list<EntryResult> $results
     * @param int|null $known up to which entry of the machine the tablet knows the walk; nothing when it knows none of it
     */
    public function ofWalk(array $results, Walk $walk, User $reader, ?int $known): JsonResponse
    {
        return $this->allRefused($results) ?? response()->json([
            'results' => array_map($this->result(...), $results),
            'state' => $this->walk->since($known, $walk, $reader),
        ]);
    }

    /**
     * A batch of which nothing was taken is answered as its first entry is.
     *
     * @param list<EntryResult> $results
     */
    private function allRefused(array $results): ?JsonResponse
    {
        foreach ($results as $result) {
            if ($result->problem === null) {
                return null;
            }
        }
        $first = $results[0]->problem ?? null;

        return $first === null ? null : (new Problem(
            $first->type,
            $first->title,
            $first->status,
            $first->detail,
            $first->field,
            ['results' => array_map($this->result(...), $results)],
        ))->respond();
    }

    /** @return array<string, mixed> what the tablet holds against the ledger later */
    private static function receipt(LedgerEntry $entry): array
    {
        return [
            'chain' => $entry->machine_id ?? $entry->yard_id,
            'sequence' => $entry->sequence,
            'hash' => $entry->hash,
        ];
    }

    /** @return array<string, mixed> */
    private function result(EntryResult $result): array
    {
        if ($result->problem !== null) {
            return ['id' => $result->id, 'status' => $result->status, 'problem' => $result->problem->toArray()];
        }
        /** @var WrittenJudgement|array{} $judgement */
        $judgement = $result->entry?->judgement()->toArray() ?? [];

        return [
            'id' => $result->id,
            'status' => $result->status,
            'judgement' => isset($judgement['verdict']) ? PresentJudgement::of($judgement) : null,
        ] + ($result->entry === null ? [] : ['receipt' => self::receipt($result->entry)]);
    }
}
