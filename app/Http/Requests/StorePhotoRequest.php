<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Problems\ApiProblem;
use App\Http\UploadedPicture;
use App\Models\Photo;
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
        return UploadedPicture::of($this);
    }
}
