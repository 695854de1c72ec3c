<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use App\People\PersonRules;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class AddPersonRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('keep-people') ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['role' => ['required', Rule::enum(Role::class)]] +
            PersonRules::all(is_string($this->input('login')) ? $this->input('login') : '');
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return PersonRules::messages();
    }
}
