<?php

declare(strict_types=1);

namespace App\Keys;

/** Signs checkpoints: Ed25519 (RFC 8032), by libsodium. */
final class CheckpointKey
{
    /** Base64 of 64 bytes. */
    public function sign(string $text): string
    {
        return base64_encode(sodium_crypto_sign_detached($text, sodium_crypto_sign_secretkey($this->pair())));
    }

    public function hasSigned(string $text, string $signature): bool
    {
        $bytes = base64_decode($signature, true);

        return is_string($bytes)
            && strlen($bytes) === SODIUM_CRYPTO_SIGN_BYTES
            && sodium_crypto_sign_verify_detached($bytes, $text, sodium_crypto_sign_publickey($this->pair()));
    }

    /** Base64 of 32 bytes: with it anybody can check a checkpoint. */
    public function publicKey(): string
    {
        return base64_encode(sodium_crypto_sign_publickey($this->pair()));
    }

    /** @return non-empty-string */
    private function pair(): string
    {
        $pair = base64_decode(
            KeyFile::read('checkpoint.key', static fn (): string => base64_encode(sodium_crypto_sign_keypair())),
            true,
        );

        return is_string($pair) && strlen($pair) === SODIUM_CRYPTO_SIGN_KEYPAIRBYTES
            ? $pair
            : throw new \RuntimeException('The checkpoint key is no pair of Ed25519 keys.');
    }
}
