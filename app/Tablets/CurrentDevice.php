<?php

declare(strict_types=1);

namespace App\Tablets;

use App\Models\Tablet;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Cookie as CookieOfResponse;

/** The enrolled tablet that a request comes from, told by a cookie that only this tablet has. */
final readonly class CurrentDevice
{
    public const COOKIE = 'jade_tablet';

    private const MINUTES_KEPT = 400 * 24 * 60;

    public function __construct(private Request $request)
    {
    }

    public function tablet(): ?Tablet
    {
        $value = $this->request->cookie(self::COOKIE);
        [$id, $secret] = is_string($value) ? explode('|', $value, 2) + [1 => ''] : ['', ''];
        $tablet = Str::isUuid($id)
            ? Tablet::query()->withoutGlobalScope('yard')->whereKey($id)->whereNull('revoked_at')->first()
            : null;

        return $tablet !== null && hash_equals($tablet->secret_sha256, hash('sha256', $secret)) ? $tablet : null;
    }

    public static function cookie(Tablet $tablet, string $secret): CookieOfResponse
    {
        return Cookie::make(
            self::COOKIE,
            "{$tablet->id}|{$secret}",
            self::MINUTES_KEPT,
            '/',
            null,
            (bool) config('session.secure'),
            true,
            false,
            'lax',
        );
    }
}
