<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Setting;
use App\Words;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** The picture that a request brings. */
final class UploadedPicture
{
    /** @throws ApiProblem when there is no file, or one that is too large */
    public static function of(Request $request): UploadedFile
    {
        $file = $request->file('photo');
        $most = Setting::number('jade.photos.largest_upload_bytes');
        if ($file instanceof UploadedFile && ($file->getError() === UPLOAD_ERR_INI_SIZE || $file->getSize() > $most)) {
            throw ApiProblem::because(ProblemName::TooLarge, 413, ['megabytes' => intdiv($most, 1024 * 1024)]);
        }
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw ApiProblem::because(
                ProblemName::NotAPicture,
                422,
                [],
                ['photo' => [Words::say('problems.not_a_picture.title')]],
            );
        }

        return $file;
    }
}
