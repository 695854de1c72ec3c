<?php

declare(strict_types=1);

namespace App\Photos;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Setting;
use App\Words;

/**
 * Reads an uploaded JPEG, PNG or WebP, upright and no larger than it is kept.
 *
 * What a file claims is looked at before anything is decoded, and one picture is decoded at a time: a small file can
 * hold a large picture, and the workers that decode are those that answer.
 */
final class DecodePicture
{
    private const TYPES = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** For how long an upload waits for its turn before it is asked to come again. */
    private const PATIENCE_MS = 1500;

    /**
     * @param string $path of the file
     * @param int $longestEdge in pixels; a smaller picture is not enlarged
     *
     * @throws ApiProblem when it is no picture that can be read, too large, or others are in front of it
     */
    public function __invoke(string $path, int $longestEdge): \GdImage
    {
        $size = @getimagesize($path);
        if ($size === false || ! in_array($size[2], self::TYPES, true) || $size[0] < 1 || $size[1] < 1) {
            throw self::notAPicture();
        }
        $most = Setting::number('jade.photos.largest_pixels');
        if ($most < $size[0] * $size[1]) {
            throw ApiProblem::because(
                ProblemName::TooManyPixels,
                422,
                ['megapixels' => intdiv($most, 1_000_000)],
                ['photo' => [Words::say('problems.too_many_pixels.title')]],
            );
        }
        $turn = $this->waitForTurn();
        try {
            $image = $this->decode($path, $size[2]);

            return $this->upright($this->scaled($image, $longestEdge), $size[2] === IMAGETYPE_JPEG ? $path : null);
        } finally {
            flock($turn, LOCK_UN);
            fclose($turn);
        }
    }

    /** The same picture with no edge longer than that; what shows through is white. */
    public function scaled(\GdImage $image, int $longestEdge): \GdImage
    {
        [$width, $height] = [imagesx($image), imagesy($image)];
        $share = min(1.0, $longestEdge / max($width, $height));
        [$newWidth, $newHeight] = [max(1, (int) round($width * $share)), max(1, (int) round($height * $share))];
        $scaled = imagecreatetruecolor($newWidth, $newHeight);
        if ($scaled === false) {
            throw self::notAPicture();
        }
        imagefill($scaled, 0, 0, (int) imagecolorallocate($scaled, 255, 255, 255));
        imagecopyresampled($scaled, $image, 0, 0, 0, 0, $newWidth, $newHeight, $width, $height);

        return $scaled;
    }

    /**
     * @return resource that is locked
     *
     * @throws ApiProblem when others are in front
     */
    private function waitForTurn(): mixed
    {
        $turn = fopen(storage_path('framework/picture.lock'), 'c');
        if ($turn === false) {
            throw new \RuntimeException('The lock of the pictures cannot be opened.');
        }
        for ($waited = 0; $waited < self::PATIENCE_MS; $waited += 50) {
            if (flock($turn, LOCK_EX | LOCK_NB)) {
                return $turn;
            }
            usleep(50_000);
        }
        fclose($turn);
        throw ApiProblem::because(ProblemName::PicturesWait, 503);
    }

    private function decode(string $path, int $type): \GdImage
    {
        // A broken file is a warning to the library, and bad input to us.
        $image = match ($type) {
            IMAGETYPE_PNG => @imagecreatefrompng($path),
            IMAGETYPE_WEBP => @imagecreatefromwebp($path),
            default => @imagecreatefromjpeg($path),
        };

        return $image === false ? throw self::notAPicture() : $image;
    }

    /** @param  string|null  $path  of a JPEG, which may say how the camera was held. Source: EXIF 2.3, tag 0x0112. */
    private function upright(\GdImage $image, ?string $path): \GdImage
    {
        $exif = $path === null ? false : @exif_read_data($path, 'IFD0');
        $said = is_array($exif) ? $exif['Orientation'] ?? null : null;
        $held = is_numeric($said) ? (int) $said : 1;
        if (in_array($held, [2, 4, 5, 7], true)) {
            imageflip($image, in_array($held, [4], true) ? IMG_FLIP_VERTICAL : IMG_FLIP_HORIZONTAL);
        }
        $turned = match ($held) {
            3 => imagerotate($image, 180, 0),
            5, 8 => imagerotate($image, 90, 0),
            6, 7 => imagerotate($image, -90, 0),
            default => $image,
        };

        return $turned === false ? throw self::notAPicture() : $turned;
    }

    private static function notAPicture(): ApiProblem
    {
        return ApiProblem::because(
            ProblemName::NotAPicture,
            422,
            [],
            ['photo' => [Words::say('problems.not_a_picture.title')]],
        );
    }
}
