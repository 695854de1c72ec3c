<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\Problem;
use App\Http\Problems\ProblemName;
use App\Models\PhotoUpload;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** Puts the next piece of a picture behind those before it; the last one makes the picture. */
final readonly class AppendUploadChunk
{
    public const LARGEST_PIECE = 1024 * 1024;

    public function __construct(private StorePhoto $keep)
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
                throw new ApiProblem(new Problem($problem->type, $problem->title, 409, $problem->detail, [], ['offset' => $upload->received]));
            }
            if ($piece === '' || strlen($piece) > self::LARGEST_PIECE || $offset + strlen($piece) > $upload->bytes) {
                throw ApiProblem::because(ProblemName::PieceHasWrongSize, 422, ['most' => self::LARGEST_PIECE]);
            }
            $this->write($upload, $piece);
            $upload->received += strlen($piece);
            if ($upload->received === $upload->bytes) {
                $upload->photo_sha256 = $this->finish($upload, $user);
            }
            $upload->save();

            return $upload;
        });
    }

    private function write(PhotoUpload $upload, string $piece): void
    {
        $path = $upload->path();
        is_dir(dirname($path)) || mkdir(dirname($path), 0o770, true);
        $file = fopen($path, 'c') ?: throw new \RuntimeException("{$path} cannot be written.");
        // A piece whose row was never saved is written over.
        ftruncate($file, max(0, $upload->received));
        fseek($file, $upload->received);
        fwrite($file, $piece) === strlen($piece) || throw new \RuntimeException("{$path} is not written whole.");
        fclose($file);
    }

    private function finish(PhotoUpload $upload, User $user): string
    {
        try {
            $sha256 = ($this->keep)(new UploadedFile($upload->path(), 'photo.jpg', null, null, true), $user)->sha256;
        } catch (ApiProblem $refused) {
            // What is no picture will not become one; what only has to wait is sent again.
            if ($refused->problem->status < 500) {
                @unlink($upload->path());
            }
            throw $refused;
        }
        @unlink($upload->path());

        return $sha256;
    }
}
