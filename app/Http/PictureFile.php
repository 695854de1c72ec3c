<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A kept picture as an answer. Its name is its digest, so it may be kept by the reader for ever. */
final class PictureFile
{
    public static function respond(string $path): StreamedResponse
    {
        $disk = Storage::disk('photos');
        assert($disk instanceof FilesystemAdapter);

        return $disk->response($path, null, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }
}
