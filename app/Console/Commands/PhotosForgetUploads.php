<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\PhotoUpload;
use App\Photos\UploadChunks;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

final class PhotosForgetUploads extends Command
{
    /** A tablet that was away for longer begins anew; it still has the picture. */
    private const DAYS = 14;

    protected $signature = 'photos:forget-uploads';

    protected $description = 'Forget pieces of pictures that were never finished';

    public function handle(UploadChunks $chunks): int
    {
        $forgotten = 0;
        foreach (
            PhotoUpload::query()
                ->where('updated_at', '<', CarbonImmutable::now()->subDays(self::DAYS))
                ->lazyById(100) as $upload
        ) {
            $chunks->forget($upload);
            $upload->delete();
            $forgotten++;
        }
        $this->line("{$forgotten} forgotten.");

        return self::SUCCESS;
    }
}
