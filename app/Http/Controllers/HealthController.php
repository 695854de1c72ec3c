<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueRepository;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Whether the application runs, and whether it can do its work. Tells nothing else. */
final class HealthController
{
    public function live(): JsonResponse
    {
        return response()->json(['status' => 'live']);
    }

    public function ready(CatalogueRepository $shelf): JsonResponse
    {
        $parts = [
            'database' => self::works(static fn (): mixed => DB::selectOne('select 1')),
            'catalogue' => self::works(static fn (): string => $shelf->current()->version),
            'storage' => self::works(static fn (): bool => is_writable(storage_path('app')) || throw new \RuntimeException('not writable')),
        ];
        $isReady = ! in_array(false, $parts, true);

        return response()->json(['status' => $isReady ? 'ready' : 'not_ready', 'parts' => $parts], $isReady ? 200 : 503);
    }

    /** @param  callable(): mixed  $part */
    private static function works(callable $part): bool
    {
        try {
            $part();

            return true;
        } catch (\Throwable $fault) {
            report($fault);

            return false;
        }
    }
}
