<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class ChooseHouseRuleRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('choose-house-rules') ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['value' => ['required', 'string', 'max:60'], 'reason' => ['required', 'string', 'min:3', 'max:500']];
    }
}
