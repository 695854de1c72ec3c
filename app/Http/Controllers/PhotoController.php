<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StorePhoto;
use App\Http\PictureFile;
use App\Http\Requests\StorePhotoRequest;
use App\Models\Photo;
use App\Models\User;
use App\Presenters\Moment;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class PhotoController
{
    public function store(StorePhotoRequest $request, StorePhoto $keep, #[CurrentUser] User $user): JsonResponse
    {
        $photo = $keep($request->photo(), $user);

        return response()->json([
            'sha256' => $photo->sha256,
            'width' => $photo->width,
            'height' => $photo->height,
            'bytes' => $photo->bytes,
            'taken_at' => Moment::orNull($photo->taken_at),
        ], 201);
    }

    public function show(Photo $photo): StreamedResponse
    {
        Gate::authorize('view', $photo);

        return PictureFile::whole(StorePhoto::path($photo->sha256));
    }
}
