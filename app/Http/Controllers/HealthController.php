<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\CatalogueRepository;
use App\Ledger\RebuildProgress;
use App\Setting;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Whether the application runs, and whether it can do its work. Tells nothing else. */
final class HealthController
{
    private const ROOM_FOR_PHOTOS = 200 * 1024 * 1024;

    public function live(): JsonResponse
    {
        return response()->json(['status' => 'live']);
    }

    public function ready(CatalogueRepository $shelf, RebuildProgress $rebuild): JsonResponse
    {
        $parts = [
            'database' => self::works(static fn (): mixed => DB::selectOne('select 1')),
            'projections' => self::works(
                static fn (): bool => $rebuild->isUnderWay() ? throw RebuildProgress::underWay() : true,
            ),
            'catalogue' => self::works(static fn (): string => $shelf->current()->version),
            'photos' => self::works(static fn (): bool => self::hasRoomForPhotos()),
            'storage' => self::works(
                static fn (): bool => is_writable(storage_path('app')) || throw new \RuntimeException('not writable'),
            ),
        ];
        $isReady = ! in_array(false, $parts, true);

        return response()->json(
            ['status' => $isReady ? 'ready' : 'not_ready', 'parts' => $parts],
            $isReady ? 200 : 503,
        );
    }

    /** Where photos are on a disk of this machine: room for some hundred of them. */
    private static function hasRoomForPhotos(): bool
    {
        if (config('filesystems.disks.photos.driver') !== 'local') {
            return true;
        }
        $folder = Setting::text('filesystems.disks.photos.root');
        is_dir($folder) || mkdir($folder, 0o770, true);
        $free = (float) disk_free_space($folder);
        if ($free < self::ROOM_FOR_PHOTOS) {
            throw new \RuntimeException("Only {$free} bytes are free for photos in {$folder}.");
        }

        return true;
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
