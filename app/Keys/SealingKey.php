<?php

declare(strict_types=1);

namespace App\Keys;

/**
 * Opens what a tablet sealed to the yard while it was out of reach.
 *
 * Sealed text is base64 of an ephemeral P-256 point (65 bytes, uncompressed), a nonce (12) and AES-256-GCM ciphertext
 * with its tag (16); the key is HKDF-SHA-256 of the ECDH secret with an empty salt and the info "jade-ledger second
 * person". Sources: NIST SP 800-56A rev. 3 (ECDH), RFC 5869 (HKDF), NIST SP 800-38D (GCM).
 */
final class SealingKey
{
    public const INFO = 'jade-ledger second person';

    private const POINT = 65;

    private const NONCE = 12;

    private const TAG = 16;

    /** The DER prefix of a P-256 public key, before its point. Source: RFC 5480. */
    private const SPKI = '3059301306072a8648ce3d020106082a8648ce3d030107034200';

    /** The public point, base64 of 65 bytes, as WebCrypto imports it in the format "raw". */
    public function publicPoint(): string
    {
        $point = openssl_pkey_get_details($this->key())['ec'] ?? null;
        if (! is_array($point) || ! is_string($point['x']) || ! is_string($point['y'])) {
            throw new \RuntimeException('The sealing key is no key on P-256.');
        }

        return base64_encode(
            "\x04".str_pad($point['x'], 32, "\0", STR_PAD_LEFT).str_pad($point['y'], 32, "\0", STR_PAD_LEFT),
        );
    }

    /** @param  string  $bound what the sealed text belongs to; another text than it was sealed with opens nothing */
    public function open(string $sealed, string $bound): ?string
    {
        $bytes = base64_decode($sealed, true);
        if ($bytes === false || strlen($bytes) <= self::POINT + self::NONCE + self::TAG) {
            return null;
        }
        $pem = "-----BEGIN PUBLIC KEY-----\n"
            .chunk_split(base64_encode(hex2bin(self::SPKI).substr($bytes, 0, self::POINT)), 64)
            ."-----END PUBLIC KEY-----\n";
        $sender = openssl_pkey_get_public($pem);
        $shared = $sender === false ? false : openssl_pkey_derive($sender, $this->key(), 32);
        if ($shared === false) {
            return null;
        }
        $text = openssl_decrypt(
            substr($bytes, self::POINT + self::NONCE, -self::TAG),
            'aes-256-gcm',
            hash_hkdf('sha256', $shared, 32, self::INFO),
            OPENSSL_RAW_DATA,
            substr($bytes, self::POINT, self::NONCE),
            substr($bytes, -self::TAG),
            $bound,
        );

        return $text === false ? null : $text;
    }

    private function key(): \OpenSSLAsymmetricKey
    {
        $pem = KeyFile::read('second-person.pem', static function (): string {
            $made = openssl_pkey_new(['private_key_type' => OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1']);
            if ($made === false || ! openssl_pkey_export($made, $pem)) {
                throw new \RuntimeException('No key on P-256 could be made: '.openssl_error_string());
            }

            return is_string($pem) ? $pem : throw new \LogicException('A key is exported as text.');
        });
        $key = openssl_pkey_get_private($pem);

        return $key === false ? throw new \RuntimeException('The sealing key cannot be read.') : $key;
    }
}
