<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A kept picture as an answer. */
final class PictureFile
{
    /** In full, and on no tablet longer than it is looked at: the next person there did not ask for it. */
    public static function whole(string $path): StreamedResponse
    {
        return self::respond($path, 'private, no-store');
    }

    /** Its name is its digest, so a small one may be kept until somebody signs out. */
    public static function small(string $path): StreamedResponse
    {
        return self::respond($path, 'private, max-age=604800, immutable');
    }

    private static function respond(string $path, string $kept): StreamedResponse
    {
        $disk = Storage::disk('photos');
        assert($disk instanceof FilesystemAdapter);

        return $disk->response($path, null, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => $kept,
        ]);
    }
}
