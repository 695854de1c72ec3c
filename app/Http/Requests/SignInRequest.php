<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Models\User;
use App\Words;
use Illuminate\Contracts\Auth\StatefulGuard;
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
    public function authenticate(WriteAudit $audit): User
    {
        $key = 'sign-in|'.mb_strtolower($this->string('login')->value()).'|'.$this->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw new ThrottleRequestsException(headers: ['Retry-After' => (string) RateLimiter::availableIn($key)]);
        }
        // By name: the default guard may be one that signs nobody in.
        $guard = Auth::guard('web');
        assert($guard instanceof StatefulGuard);
        if (! $guard->attempt(['login' => $this->string('login')->value(), 'password' => $this->string('password')->value()])) {
            RateLimiter::hit($key);
            $known = User::query()->where('login', $this->string('login')->value())->first();
            $known === null || $audit(AuditKind::SignInRefused, $known, $known->name);
            throw ValidationException::withMessages(['password' => Words::say('problems.wrong_password.detail')]);
        }
        RateLimiter::clear($key);
        $user = $guard->user();
        assert($user instanceof User);
        // Whoever has the password has forgotten nothing: the PIN may be tried again.
        $user->update(['pin_tries' => 0]);
        $audit(AuditKind::SignedIn, $user, $user->name);

        return $user;
    }
}
