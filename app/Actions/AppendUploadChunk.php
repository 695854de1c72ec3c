<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\Problem;
use App\Http\Problems\ProblemName;
use App\Models\PhotoUpload;
use App\Models\User;
use App\Photos\UploadChunks;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** Puts the next piece of a picture behind those before it; the last one makes the picture. */
final readonly class AppendUploadChunk
{
    public const LARGEST_PIECE = 1024 * 1024;

    public function __construct(private StorePhoto $keep, private UploadChunks $chunks)
    {
    }

    /**
     * @param int $offset where the piece begins
     *
     * @throws ApiProblem when the piece does not follow those that are here, or the whole is no picture
     */
    public function __invoke(PhotoUpload $upload, int $offset, string $piece, User $user): PhotoUpload
    {
        return DB::transaction(function () use ($upload, $offset, $piece, $user): PhotoUpload {
            PhotoUpload::query()->whereKey($upload->id)->lockForUpdate()->firstOrFail();
            $upload->refresh();
            if ($upload->photo_sha256 !== null) {
                return $upload;
            }
            if ($offset !== $upload->received) {
                $problem = Problem::named(ProblemName::PieceDoesNotFollow, 409, ['offset' => $upload->received]);
                throw new ApiProblem(
                    new Problem(
                        $problem->type,
                        $problem->title,
                        409,
                        $problem->detail,
                        [],
                        ['offset' => $upload->received],
                    ),
                );
            }
            if ($piece === '' || strlen($piece) > self::LARGEST_PIECE || $offset + strlen($piece) > $upload->bytes) {
                throw ApiProblem::because(ProblemName::PieceHasWrongSize, 422, ['most' => self::LARGEST_PIECE]);
            }
            $this->chunks->put($upload, $piece);
            $upload->pieces++;
            $upload->received += strlen($piece);
            if ($upload->received === $upload->bytes) {
                $upload->photo_sha256 = $this->finish($upload, $user);
            }
            $upload->save();

            return $upload;
        });
    }

    private function finish(PhotoUpload $upload, User $user): string
    {
        $whole = $this->chunks->joined($upload);
        try {
            $sha256 = ($this->keep)(new UploadedFile($whole, 'photo.jpg', null, null, true), $user)->sha256;
        } catch (ApiProblem $refused) {
            // What is no picture will not become one; what only has to wait is sent again.
            if ($refused->problem->status < 500) {
                $this->chunks->forget($upload);
            }
            throw $refused;
        } finally {
            @unlink($whole);
        }
        $this->chunks->forget($upload);

        return $sha256;
    }
}
