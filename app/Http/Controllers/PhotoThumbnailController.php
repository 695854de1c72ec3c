<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepPhoto;
use App\Models\Photo;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class PhotoThumbnailController
{
    public function __invoke(Photo $photo): StreamedResponse
    {
        Gate::authorize('view', $photo);

        return Storage::disk('local')->response(KeepPhoto::path($photo->sha256, 'small-'), headers: ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }
}
