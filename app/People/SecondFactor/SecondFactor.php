<?php

declare(strict_types=1);

namespace App\People\SecondFactor;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Http\Problems\ApiProblem;
use App\Http\Problems\ProblemName;
use App\Models\User;
use App\Presenters\PresentSession;
use App\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;

/**
 * What a lead and an auditor show beside the password: a code of their device, or one from paper.
 *
 * A device's code opens once: a second use of it within its time is refused. Source: RFC 6238 section 5.2.
 */
final readonly class SecondFactor
{
    /** For how long a real yard's lead may put it off, in days. Common practice, no source. */
    public const DAYS_TO_SET_IT = 7;

    /** Wrong codes behind a right password, in an hour, before nothing is looked at any more. */
    private const TRIES = 20;

    private const SECRET_BYTES = 20;

    public function __construct(private RecoveryCodes $paper, private WriteAudit $audit)
    {
    }

    /**
     * Whoever has set it shows it; whoever has not goes on, and from the first sign-in their days are counted.
     *
     * @throws ApiProblem
     */
    public function atSignIn(User $user, string $code): void
    {
        if ($user->totp_secret !== null) {
            $this->show($user, $code);
        } elseif ($user->role->asksSecondFactor() && $user->second_factor_due_at === null && ! self::isDemo()) {
            $user->update(['second_factor_due_at' => CarbonImmutable::now()->addDays(self::DAYS_TO_SET_IT)]);
        }
    }

    /** Whether this person may do nothing else until it is set. */
    public static function isDue(User $user): bool
    {
        return $user->role->asksSecondFactor() && $user->totp_secret === null
            && $user->second_factor_due_at !== null && $user->second_factor_due_at->isPast();
    }

    /**
     * Proposes a secret for a device. It counts for nothing until {@see confirm()}.
     *
     * @throws ApiProblem
     */
    public function propose(User $user, string $code): DeviceSecret
    {
        if ($user->totp_secret !== null) {
            $this->show($user, $code);
        }
        $secret = random_bytes(self::SECRET_BYTES);
        $user->update(['totp_pending' => base64_encode($secret)]);

        return new DeviceSecret($secret, $user->login);
    }

    /**
     * The device shows what it should: from now on it is asked for.
     *
     * @return list<string> the codes for the paper
     *
     * @throws ApiProblem
     */
    public function confirm(User $user, string $code): array
    {
        $pending = $user->totp_pending;
        if ($pending === null) {
            throw ApiProblem::because(ProblemName::NoDeviceProposed, 409);
        }
        $step = (new OneTimeCode((string) base64_decode($pending, true)))->stepOf(
            self::digits($code),
            CarbonImmutable::now(),
        );
        if ($step === null) {
            throw self::refused(ProblemName::WrongCode);
        }

        return DB::transaction(function () use ($user, $pending, $step): array {
            $user->update(['totp_secret' => $pending, 'totp_pending' => null, 'totp_step' => $step]);
            ($this->audit)(AuditKind::SecondFactorSet, $user, $user->name);

            return $this->paper->renew($user);
        });
    }

    public function forget(User $user): void
    {
        $user->update(['totp_secret' => null, 'totp_pending' => null, 'second_factor_due_at' => null]);
        $this->paper->forget($user);
    }

    /** Where the demo's people are shown with their password, a second factor proves nothing. */
    public static function isDemo(): bool
    {
        return PresentSession::demoAccounts() !== [];
    }

    /** @throws ApiProblem */
    private function show(User $user, string $code): void
    {
        if (trim($code) === '') {
            throw self::refused(ProblemName::CodeNeeded);
        }
        $key = "second-factor|{$user->id}";
        if (RateLimiter::hit($key, 3600) > self::TRIES) {
            throw ApiProblem::because(ProblemName::TooManyCodes, 429);
        }
        if ($this->isOfDevice($user, self::digits($code))) {
            RateLimiter::clear($key);
        } elseif ($this->paper->use($user, $code)) {
            RateLimiter::clear($key);
            ($this->audit)(
                AuditKind::RecoveryCodeUsed,
                $user,
                $user->name,
                after: ['left' => $this->paper->left($user)],
            );
        } else {
            ($this->audit)(AuditKind::SecondFactorRefused, $user, $user->name);
            throw self::refused(ProblemName::WrongCode);
        }
    }

    private function isOfDevice(User $user, string $digits): bool
    {
        $secret = (string) base64_decode((string) $user->totp_secret, true);
        $step = (new OneTimeCode($secret))->stepOf($digits, CarbonImmutable::now());

        // In the database, so that of two that come at once with the same code one goes away.
        return $step !== null
            && User::query()->withoutGlobalScopes()->whereKey($user->id)->where('totp_step', '<', $step)
                ->update(['totp_step' => $step]) === 1;
    }

    private static function digits(string $code): string
    {
        return (string) preg_replace('/\s+/', '', $code);
    }

    private static function refused(ProblemName $name): ApiProblem
    {
        return ApiProblem::because($name, 422, [], ['code' => [Words::say("problems.{$name->value}.detail")]]);
    }
}
