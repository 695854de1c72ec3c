<?php

declare(strict_types=1);

namespace App\Keys;

/**
 * What only the application can write beside an entry: an HMAC (RFC 2104, SHA-256) of its hash under a key that the
 * database does not hold. Whoever can write to the database alone cannot forge an entry, however well it follows.
 */
final class EntrySeal
{
    private ?string $key = null;

    public function of(string $hash): string
    {
        return hash_hmac(
            'sha256',
            $hash,
            $this->key ??= KeyFile::read('entry-seal.key', static fn (): string => bin2hex(random_bytes(32))),
        );
    }
}
