<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\JsonObject;
use App\Http\JsonBody;
use App\Ledger\Contexts\ContextOfWalk;
use App\Ledger\JudgementRecord;
use App\Ledger\JudgeReadingOfWalk;
use App\Ledger\Payloads\ReadingPostedPayload;
use App\Models\User;
use App\Models\Walk;
use App\Presenters\PresentJudgement;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/**
 * The verdict on a reading before it is posted.
 *
 * @phpstan-import-type WrittenJudgement from JudgementRecord
 */
final class VerdictController
{
    public function __invoke(
        Request $request,
        Walk $walk,
        JsonBody $body,
        ContextOfWalk $context,
        JudgeReadingOfWalk $judge,
        #[CurrentUser] User $user,
    ): JsonResponse {
        Gate::authorize('view', $walk);
        $judgement = $judge(
            ReadingPostedPayload::read(JsonObject::of($body->of($request, 'ReadingPostedPayload'))),
            $context($walk, $user),
            CarbonImmutable::now(),
        );
        /** @var WrittenJudgement $record */
        $record = json_decode(json_encode(JudgementRecord::of($judgement), JSON_THROW_ON_ERROR), true);

        return response()->json(PresentJudgement::of($record));
    }
}
