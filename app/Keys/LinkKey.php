<?php

declare(strict_types=1);

namespace App\Keys;

/**
 * Makes the token of a link from its id: an HMAC (RFC 2104, SHA-256) under a key that the database does not hold. So
 * the card and the label can show the link again, and a copy of the database opens none.
 */
final class LinkKey
{
    private ?string $key = null;

    /** 43 letters that need no escaping in an address (RFC 4648 section 5); 256 bits, which nobody guesses. */
    public function tokenOf(string $linkId): string
    {
        $this->key ??= KeyFile::read('hirer-link.key', static fn (): string => bin2hex(random_bytes(32)));

        return rtrim(strtr(base64_encode(hash_hmac('sha256', $linkId, $this->key, true)), '+/', '-_'), '=');
    }

    /** What is kept of a token. */
    public static function digestOf(string $token): string
    {
        return hash('sha256', $token);
    }
}
