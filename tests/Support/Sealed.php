<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * Seals a secret to the yard as a tablet does: ephemeral P-256, HKDF-SHA-256, AES-256-GCM bound to the id of the entry.
 */
final class Sealed
{
    public static function to(string $publicPoint, string $secret, string $entryId): string
    {
        $own = openssl_pkey_new(['private_key_type' => OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1']);
        $der = hex2bin('3059301306072a8648ce3d020106082a8648ce3d030107034200').base64_decode($publicPoint);
        $yard = openssl_pkey_get_public(
            "-----BEGIN PUBLIC KEY-----\n".chunk_split(base64_encode($der), 64)."-----END PUBLIC KEY-----\n",
        );
        assert($own !== false && $yard !== false);
        $point = openssl_pkey_get_details($own)['ec'] ?? [];
        $key = hash_hkdf('sha256', (string) openssl_pkey_derive($yard, $own, 32), 32, 'jade-ledger second person');
        $nonce = random_bytes(12);
        $text = openssl_encrypt($secret, 'aes-256-gcm', $key, OPENSSL_RAW_DATA, $nonce, $tag, $entryId);

        return base64_encode(
            "\x04".str_pad($point['x'], 32, "\0", STR_PAD_LEFT).str_pad($point['y'], 32, "\0", STR_PAD_LEFT).$nonce
                .$text.$tag,
        );
    }
}
