<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use App\People\GoodPassword;
use App\Words;
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
        return [
            'name' => ['required', 'string', 'max:80'],
            // Names to sign in with are one for the whole firm: the sign-in page does not ask for a yard.
            'login' => ['required', 'string', 'regex:/^[a-z][a-z0-9._-]{1,39}$/D', Rule::unique('users', 'login')],
            'initials' => ['required', 'string', 'regex:/^\p{Lu}{1,3}$/Du'],
            'role' => ['required', Rule::enum(Role::class)],
            'password' => ['required', 'string', 'max:200', new GoodPassword(is_string($this->input('login')) ? $this->input('login') : '')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'login.regex' => Words::say('problems.login_letters.detail'),
            'login.unique' => Words::say('problems.login_taken.detail'),
            'initials.regex' => Words::say('problems.initials_letters.detail'),
        ];
    }
}
