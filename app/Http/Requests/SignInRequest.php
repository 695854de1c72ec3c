<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FormRequest
{
    /** Wrong passwords for one name from one address before it has to wait a minute. */
    private const TRIES = 5;

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['login' => ['required', 'string', 'max:80'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @throws ValidationException|ThrottleRequestsException */
    public function authenticate(): User
    {
        $key = 'sign-in|'.mb_strtolower($this->string('login')->value()).'|'.$this->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw new ThrottleRequestsException(headers: ['Retry-After' => (string) RateLimiter::availableIn($key)]);
        }
        if (! Auth::attempt(['login' => $this->string('login')->value(), 'password' => $this->string('password')->value()])) {
            RateLimiter::hit($key);
            throw ValidationException::withMessages(['password' => Words::say('problems.wrong_password.detail')]);
        }
        RateLimiter::clear($key);
        $user = Auth::user();
        assert($user instanceof User);

        return $user;
    }
}
