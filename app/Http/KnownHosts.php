<?php

declare(strict_types=1);

namespace App\Http;

use App\Setting;

/** The names under which the yard answers: its own address, those of the settings, and loopback. Of others, nothing. */
final class KnownHosts
{
    private const LOOPBACK = ['localhost', '127\.0\.0\.1', '\[::1\]'];

    /** @return list<string> patterns for the whole host */
    public static function patterns(): array
    {
        $named = array_map(trim(...), explode(',', Setting::text('jade.hosts')));
        $named[] = (string) parse_url(Setting::text('app.url'), PHP_URL_HOST);

        $quoted = array_map(preg_quote(...), array_filter($named, static fn (string $host): bool => $host !== ''));

        return array_map(
            static fn (string $host): string => "^{$host}\$",
            [...self::LOOPBACK, ...array_values($quoted)],
        );
    }
}
