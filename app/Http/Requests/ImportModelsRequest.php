<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\ImportMode;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class ImportModelsRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('keep-models') ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['csv' => ['required', 'string', 'max:1000000'], 'mode' => ['required', Rule::enum(ImportMode::class)]];
    }
}
