<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Problems\ApiProblem;
use App\Models\Photo;
use App\Models\User;
use App\Photos\DecodePicture;
use App\Setting;
use App\Yards\CurrentYard;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

/**
 * Re-encodes an uploaded picture and keeps it under the SHA-256 of what is kept.
 *
 * Nothing of the original file survives but its pixels and the time it was taken: no place, no device, no owner.
 */
final class StorePhoto
{
    public function __construct(private readonly CurrentYard $yard, private readonly DecodePicture $decode)
    {
    }

    /**
     * @param User|null $user nobody of the yard, where a hirer sends it
     *
     * @throws ApiProblem when it is no picture that can be read
     */
    public function __invoke(UploadedFile $upload, ?User $user = null): Photo
    {
        $path = (string) $upload->getRealPath();
        $image = ($this->decode)($path, Setting::number('jade.photos.longest_edge'));

        return $this->keep(self::encoded($image), $image, $this->takenAt($path), $user);
    }

    private static function encoded(\GdImage $image): string
    {
        ob_start();
        imagejpeg($image, null, Setting::number('jade.photos.quality'));

        return (string) ob_get_clean();
    }

    private function keep(string $jpeg, \GdImage $image, ?CarbonImmutable $takenAt, ?User $user): Photo
    {
        $sha256 = hash('sha256', $jpeg);
        $disk = Storage::disk('photos');
        $disk->put(self::path($sha256), $jpeg);
        $small = self::encoded($this->decode->scaled($image, Setting::number('jade.photos.thumbnail_edge')));
        $disk->put(self::path($sha256, 'small-'), $small);

        return Photo::query()->firstOrCreate(['sha256' => $sha256], [
            'bytes' => strlen($jpeg),
            'width' => imagesx($image),
            'height' => imagesy($image),
            'taken_at' => $takenAt,
            'thumbnail_sha256' => hash('sha256', $small),
            'uploaded_by_id' => $user?->id,
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
