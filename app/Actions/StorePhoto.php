<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Photo;
use App\Models\User;
use App\Words;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Intervention\Image\Constraint;
use Intervention\Image\Image;
use Intervention\Image\ImageManager;

/**
 * Re-encodes an uploaded picture and keeps it under the SHA-256 of what is kept.
 *
 * Nothing of the original file survives but its pixels and the time it was taken: no place, no device, no owner.
 */
final class StorePhoto
{
    public function __construct(private readonly CurrentYard $yard)
    {
    }

    public function __invoke(UploadedFile $upload, User $user): Photo
    {
        $path = $upload->getRealPath();
        $size = $path === false ? false : @getimagesize($path);
        if ($path === false || $size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw ApiProblem::because(ProblemName::NotAPicture, 422, [], ['photo' => [Words::say('problems.not_a_picture.title')]]);
        }
        $most = (int) config('jade.photos.largest_pixels');
        if ($most < $size[0] * $size[1]) {
            throw ApiProblem::because(ProblemName::TooManyPixels, 422, ['megapixels' => intdiv($most, 1_000_000)], ['photo' => [Words::say('problems.too_many_pixels.title')]]);
        }
        $takenAt = $size[2] === IMAGETYPE_JPEG ? $this->takenAt($path) : null;
        $image = (new ImageManager(['driver' => 'gd']))->make($path)->orientate();
        $jpeg = $this->encode($image, (int) config('jade.photos.longest_edge'));

        return $this->keep($jpeg, $image, $takenAt, $user);
    }

    private function encode(Image $image, int $edge): string
    {
        $image->resize($edge, $edge, static function (Constraint $constraint): void {
            $constraint->aspectRatio();
            $constraint->upsize();
        });

        return (string) $image->encode('jpg', (int) config('jade.photos.quality'));
    }

    private function keep(string $jpeg, Image $image, ?CarbonImmutable $takenAt, User $user): Photo
    {
        $sha256 = hash('sha256', $jpeg);
        [$width, $height] = [$image->width(), $image->height()];
        $disk = Storage::disk('photos');
        $disk->put(self::path($sha256), $jpeg);
        $small = $this->encode($image, (int) config('jade.photos.thumbnail_edge'));
        $disk->put(self::path($sha256, 'small-'), $small);

        return Photo::query()->firstOrCreate(['sha256' => $sha256], [
            'bytes' => strlen($jpeg),
            'width' => $width,
            'height' => $height,
            'taken_at' => $takenAt,
            'thumbnail_sha256' => hash('sha256', $small),
            'uploaded_by_id' => $user->id,
        ]);
    }

    public static function path(string $sha256, string $prefix = ''): string
    {
        return 'photos/'.substr($sha256, 0, 2)."/{$prefix}{$sha256}.jpg";
    }

    private function takenAt(string $path): ?CarbonImmutable
    {
        $exif = @exif_read_data($path, 'EXIF');
        $taken = is_array($exif) ? ($exif['DateTimeOriginal'] ?? null) : null;
        if (! is_string($taken) || preg_match('/^\d{4}:\d\d:\d\d \d\d:\d\d:\d\d$/', $taken) !== 1) {
            return null;
        }
        $moment = CarbonImmutable::createFromFormat('Y:m:d H:i:s', $taken, $this->yard->timezone());

        return $moment instanceof CarbonImmutable ? $moment->utc() : null;
    }
}
