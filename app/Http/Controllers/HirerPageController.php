<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PostEntries;
use App\Actions\StorePhoto;
use App\Http\EntryBatch;
use App\Http\Middleware\HoldsLink;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Http\UploadedPicture;
use App\Ledger\Actor;
use App\Models\HirerReport;
use App\Presenters\PresentBatch;
use App\Presenters\PresentHirerPage;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What somebody with the link of a hire reads and sends, without an account. */
final readonly class HirerPageController
{
    /** Beyond that the yard is rung: nobody reads them any more. */
    private const MOST_OPEN_REPORTS = 20;

    public function show(Request $request, PresentHirerPage $present): JsonResponse
    {
        $link = HoldsLink::link($request);
        $now = CarbonImmutable::now();
        if ($link->opened_at === null) {
            $link->update(['opened_at' => $now]);
        }

        return response()->json($present->of($link->hire, $now));
    }

    public function post(Request $request, PostEntries $post, PresentBatch $present): JsonResponse
    {
        $link = HoldsLink::link($request);
        $batch = EntryBatch::of($request);
        $open = HirerReport::query()->where('hire_id', $link->hire_id)->whereNull('settled_at')->count();
        if ($open >= self::MOST_OPEN_REPORTS) {
            throw ApiProblem::because(ProblemName::TooManyReports, 409, ['most' => self::MOST_OPEN_REPORTS]);
        }

        return $present->results($post($link->hire, $batch->entries, Actor::linkHolder($link->id)));
    }

    public function photo(Request $request, StorePhoto $keep): JsonResponse
    {
        HoldsLink::link($request);

        return response()->json(['sha256' => $keep(UploadedPicture::of($request))->sha256], 201);
    }
}
