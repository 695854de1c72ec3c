import { createDecipheriv, createECDH, hkdfSync } from 'node:crypto';
import { expect, it } from 'vitest';
import { sealSecret } from '../../src/offline/sealSecret';

/** Opened by another implementation than the one that seals: ECDH, HKDF (RFC 5869) and GCM of OpenSSL. */
function open(sealed: string, yard: ReturnType<typeof createECDH>, bound: string): string {
  const bytes = Buffer.from(sealed, 'base64');
  const key = Buffer.from(
    hkdfSync('sha256', yard.computeSecret(bytes.subarray(0, 65)), new Uint8Array(), 'jade-ledger second person', 32),
  );
  const decipher = createDecipheriv('aes-256-gcm', key, bytes.subarray(65, 77));
  decipher.setAAD(Buffer.from(bound));
  decipher.setAuthTag(bytes.subarray(-16));

  return Buffer.concat([decipher.update(bytes.subarray(77, -16)), decipher.final()]).toString();
}

it('seals a secret so that only the yard opens it, together with its own entry, and never twice alike', async () => {
  const yard = createECDH('prime256v1');
  const point = yard.generateKeys('base64');
  const sealed = await sealSecret(point, 'tern-quay ñ', 'entry-1');

  expect(open(sealed, yard, 'entry-1')).toBe('tern-quay ñ');
  expect(() => open(sealed, yard, 'entry-2')).toThrow();
  expect(await sealSecret(point, 'tern-quay ñ', 'entry-1')).not.toBe(sealed);
  expect(sealed).not.toContain('tern');
});
