<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StorePhoto;
use App\Http\PictureFile;
use App\Models\Photo;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class PhotoThumbnailController
{
    public function __invoke(Photo $photo): StreamedResponse
    {
        Gate::authorize('view', $photo);

        return PictureFile::small(StorePhoto::path($photo->sha256, 'small-'));
    }
}
