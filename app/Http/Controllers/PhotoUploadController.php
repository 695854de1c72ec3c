<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AppendUploadChunk;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Photo;
use App\Models\PhotoUpload;
use App\Models\User;
use App\Photos\UploadChunks;
use App\Setting;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Pictures in pieces. */
final class PhotoUploadController
{
    /** Pictures of one person that may be on their way at once; of twenty megabytes each at most. */
    private const UNFINISHED = 12;

    public function __construct(private readonly UploadChunks $chunks)
    {
    }

    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', Photo::class);
        $most = Setting::number('jade.photos.largest_upload_bytes');
        $request->validate(['bytes' => ['required', 'integer', 'min:1']]);
        $bytes = $request->integer('bytes');
        if ($bytes > $most) {
            throw ApiProblem::because(ProblemName::TooLarge, 413, ['megabytes' => intdiv($most, 1024 * 1024)]);
        }
        $this->forgetTheOldest($user);
        $upload = PhotoUpload::query()->create(
            ['user_id' => $user->id, 'bytes' => $bytes, 'received' => 0, 'pieces' => 0],
        );

        return response()->json($this->presented($upload), 201);
    }

    public function show(PhotoUpload $upload, #[CurrentUser] User $user): JsonResponse
    {
        return response()->json($this->presented($this->own($upload, $user)));
    }

    public function update(
        PhotoUpload $upload,
        Request $request,
        AppendUploadChunk $take,
        #[CurrentUser] User $user,
    ): JsonResponse {
        $request->validate(['offset' => ['required', 'integer', 'min:0']]);
        $offset = $request->integer('offset');

        return response()->json(
            $this->presented($take($this->own($upload, $user), $offset, $request->getContent(), $user)),
        );
    }

    /** A tablet begins a picture anew when its pieces are gone: so the oldest that were never finished make room. */
    private function forgetTheOldest(User $user): void
    {
        $unfinished = PhotoUpload::query()
            ->where('user_id', $user->id)
            ->whereNull('photo_sha256')
            ->orderBy('created_at')
            ->get();
        foreach ($unfinished->take(max(0, $unfinished->count() - self::UNFINISHED + 1)) as $old) {
            $this->chunks->forget($old);
            $old->delete();
        }
    }

    /** Somebody else's is not there. */
    private function own(PhotoUpload $upload, User $user): PhotoUpload
    {
        return $upload->user_id === $user->id ? $upload : throw ApiProblem::because(ProblemName::NotFound, 404);
    }

    /** @return array<string, mixed> */
    private function presented(PhotoUpload $upload): array
    {
        return [
            'id' => $upload->id,
            'bytes' => $upload->bytes,
            'offset' => $upload->received,
            'photo' => $upload->photo_sha256,
        ];
    }
}
