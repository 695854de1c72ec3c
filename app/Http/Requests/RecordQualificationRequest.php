<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class RecordQualificationRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('keep-qualifications') ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'valid_until' => ['required', 'string', 'max:20'],
            'proof' => ['required', 'string', 'min:3', 'max:200'],
        ];
    }
}
