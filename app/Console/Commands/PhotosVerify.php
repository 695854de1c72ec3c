<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\StorePhoto;
use App\Models\Photo;
use App\Texts;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;

final class PhotosVerify extends Command
{
    protected $signature = 'photos:verify';

    protected $description = 'Read every kept photo and see whether it still has the digest that it is named by';

    public function handle(): int
    {
        $disk = Storage::disk('photos');
        $wrong = 0;
        $read = 0;
        foreach (Texts::of(Photo::query()->distinct()->orderBy('sha256')->pluck('sha256')) as $sha256) {
            $read++;
            $path = StorePhoto::path($sha256);
            if (! $disk->exists($path) || hash('sha256', (string) $disk->get($path)) !== $sha256) {
                $wrong++;
                $this->error("{$sha256} is missing or is not what it was.");
            }
        }
        $this->line($wrong === 0 ? "{$read} photos are what they were." : "{$wrong} of {$read} photos are not.");

        return $wrong === 0 ? self::SUCCESS : self::FAILURE;
    }
}
