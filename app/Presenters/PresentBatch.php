<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Http\Problems\Problem;
use App\Ledger\EntryResult;
use App\Models\User;
use App\Models\Walk;
use Illuminate\Http\JsonResponse;

/** What became of a batch: entry by entry, and the walk as it stands now. */
final readonly class PresentBatch
{
    public function __construct(private PresentWalk $walk)
    {
    }

    /**
     * @param list<EntryResult> $results
     * @param int|null $known up to which entry of the machine the tablet knows the walk; nothing when it knows none of it
     */
    public function respond(array $results, Walk $walk, User $reader, ?int $known): JsonResponse
    {
        $presented = array_map($this->result(...), $results);
        $refused = array_values(array_filter($results, static fn (EntryResult $result): bool => $result->problem !== null));
        if (count($refused) === count($results) && $refused[0]->problem !== null) {
            $first = $refused[0]->problem;

            return (new Problem($first->type, $first->title, $first->status, $first->detail, $first->field, ['results' => $presented]))->respond();
        }

        return response()->json(['results' => $presented, 'state' => $this->walk->since($known, $walk->refresh(), $reader)]);
    }

    /** @return array<string, mixed> */
    private function result(EntryResult $result): array
    {
        if ($result->problem !== null) {
            return ['id' => $result->id, 'status' => $result->status, 'problem' => $result->problem->toArray()];
        }
        $judgement = $result->entry?->judgement() ?? [];

        return [
            'id' => $result->id,
            'status' => $result->status,
            'judgement' => isset($judgement['verdict']) ? PresentJudgement::of($judgement) : null,
        ];
    }
}
