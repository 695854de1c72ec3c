<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Http\Problems\ApiProblem;
use App\Models\User;
use App\People\PersonRules;
use App\People\SecondFactor\SecondFactor;
use App\Words;
use Illuminate\Auth\SessionGuard;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FormRequest
{
    /** Tries for one account before it has to wait a minute, from wherever they come. */
    private const TRIES_OF_ACCOUNT = 5;

    /** Tries from one address, for whatever accounts. */
    private const TRIES_OF_ADDRESS = 30;

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'login' => ['required', 'string', 'max:80'],
            'password' => ['required', 'string', 'max:200'],
            'code' => ['sometimes', 'string', 'max:40'],
        ];
    }

    /** @throws ValidationException|ThrottleRequestsException|ApiProblem */
    public function authenticate(WriteAudit $audit, SecondFactor $factor): User
    {
        $login = $this->canonicalLogin();
        $keys = [
            "sign-in|account|{$login}" => self::TRIES_OF_ACCOUNT,
            "sign-in|address|{$this->ip()}" => self::TRIES_OF_ADDRESS,
        ];
        foreach ($keys as $key => $most) {
            // Counted before anything is looked at: many tries at once are as many tries.
            if (RateLimiter::hit($key) > $most) {
                throw new ThrottleRequestsException(
                    headers: ['Retry-After' => (string) RateLimiter::availableIn($key)],
                );
            }
        }
        // By name: the default guard may be one that signs nobody in.
        $guard = Auth::guard('web');
        assert($guard instanceof SessionGuard);
        $credentials = ['login' => $login, 'left_at' => null, 'password' => $this->string('password')->value()];
        $isShown = function (User $user) use ($factor): bool {
            $factor->atSignIn($user, $this->string('code')->value());

            return true;
        };
        if (! $guard->attemptWhen($credentials, $isShown)) {
            $known = User::query()->where('login', $login)->first();
            $known === null || $audit(AuditKind::SignInRefused, $known, $known->name);
            throw ValidationException::withMessages(['password' => Words::say('problems.wrong_password.detail')]);
        }
        RateLimiter::clear("sign-in|account|{$login}");
        // A yard comes from one address: who gets in is no guess.
        RateLimiter::decrement("sign-in|address|{$this->ip()}");
        $user = $guard->user();
        assert($user instanceof User);
        // Whoever has the password has forgotten nothing: the PIN may be tried again.
        $user->update(['pin_tries' => 0]);
        $audit(AuditKind::SignedIn, $user, $user->name);

        return $user;
    }

    /** The one form in which an account is named. What no account can be called is looked for all the same: nobody. */
    private function canonicalLogin(): string
    {
        $login = strtolower(trim($this->string('login')->value()));

        return preg_match(PersonRules::LOGIN, $login) === 1 ? $login : '';
    }
}
