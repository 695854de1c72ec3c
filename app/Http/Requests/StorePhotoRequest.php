<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Problems\Refused;
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

    /** @throws Refused when there is no file, or one that is too large */
    public function photo(): UploadedFile
    {
        $file = $this->file('photo');
        $most = (int) config('jade.photos.largest_upload_bytes');
        if ($file instanceof UploadedFile && ($file->getError() === UPLOAD_ERR_INI_SIZE || $file->getSize() > $most)) {
            throw Refused::because('too_large', 413, ['megabytes' => intdiv($most, 1024 * 1024)]);
        }
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw Refused::because('not_a_picture', 422, [], ['photo' => [Words::say('problems.not_a_picture.title')]]);
        }

        return $file;
    }
}
