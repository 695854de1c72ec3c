<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\LedgerEntry;
use App\Models\Tag;
use App\Models\Walk;
use App\Setting;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Figures for a collector, in the Prometheus text format 0.0.4; shut without the token. */
final class MetricsController
{
    public function __invoke(Request $request): Response
    {
        $token = Setting::text('jade.metrics_token');
        abort_if($token === '' || ! hash_equals($token, (string) $request->bearerToken()), 401);
        /** @var object{holds: int, at: string}|null $verified */
        $verified = DB::table('verification_reports')->orderByDesc('id')->first();
        $figures = [
            ['jade_ledger_entries_total', 'counter', 'Entries in the ledger', LedgerEntry::query()->count()],
            [
                'jade_walks_open',
                'gauge',
                'Walks that are not decided',
                Walk::query()->whereNull('decision')->whereNull('given_back_at')->count(),
            ],
            ['jade_tags_hanging', 'gauge', 'Tags that hang on machines', Tag::query()->whereNull('lifted_at')->count()],
            [
                'jade_ledger_verified',
                'gauge',
                'Whether the last verification held: 1, 0, or 2 where there was none',
                $verified->holds ?? 2,
            ],
            [
                'jade_ledger_verified_timestamp_seconds',
                'gauge',
                'When it was made',
                $verified === null ? 0 : CarbonImmutable::parse($verified->at, 'UTC')->getTimestamp(),
            ],
        ];
        $lines = array_map(
            static fn (
                array $one,
            ): string => "# HELP {$one[0]} {$one[2]}.\n# TYPE {$one[0]} {$one[1]}\n{$one[0]} {$one[3]}\n",
            $figures,
        );

        return response(implode('', $lines), 200, ['Content-Type' => 'text/plain; version=0.0.4; charset=utf-8']);
    }
}
