<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\Photo;
use App\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

final class StorePhotoRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', Photo::class) ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws ApiProblem when there is no file, or one that is too large */
    public function photo(): UploadedFile
    {
        $file = $this->file('photo');
        $most = (int) config('jade.photos.largest_upload_bytes');
        if ($file instanceof UploadedFile && ($file->getError() === UPLOAD_ERR_INI_SIZE || $file->getSize() > $most)) {
            throw ApiProblem::because(ProblemName::TooLarge, 413, ['megabytes' => intdiv($most, 1024 * 1024)]);
        }
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw ApiProblem::because(ProblemName::NotAPicture, 422, [], ['photo' => [Words::say('problems.not_a_picture.title')]]);
        }

        return $file;
    }
}
