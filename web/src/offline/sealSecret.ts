const INFO = new TextEncoder().encode('jade-ledger second person');

const toBase64 = (bytes: Uint8Array): string => btoa(String.fromCharCode(...bytes));
const fromBase64 = (text: string): Uint8Array<ArrayBuffer> => Uint8Array.from(atob(text), (one) => one.charCodeAt(0));

/**
 * Seals the PIN or password of a second person to the yard, so that it can wait on a tablet that is out of reach:
 * nobody but
 * the yard opens it, and only together with the entry whose id it is bound to.
 *
 * ECDH on P-256 with an ephemeral key, HKDF-SHA-256, AES-256-GCM; base64 of point, nonce and ciphertext with its tag.
 */
export async function sealSecret(yardPoint: string, secret: string, entryId: string): Promise<string> {
  const curve = { name: 'ECDH', namedCurve: 'P-256' };
  const yard = await crypto.subtle.importKey('raw', fromBase64(yardPoint), curve, false, []);
  const own = await crypto.subtle.generateKey(curve, true, ['deriveBits']);
  const shared = await crypto.subtle.deriveBits({ name: 'ECDH', public: yard }, own.privateKey, 256);
  const material = await crypto.subtle.importKey('raw', shared, 'HKDF', false, ['deriveKey']);
  const key = await crypto.subtle.deriveKey(
    { name: 'HKDF', hash: 'SHA-256', salt: new Uint8Array(), info: INFO },
    material,
    { name: 'AES-GCM', length: 256 },
    false,
    ['encrypt'],
  );
  const nonce = crypto.getRandomValues(new Uint8Array(12));
  const bound = new TextEncoder().encode(entryId);
  const text = await crypto.subtle.encrypt(
    { name: 'AES-GCM', iv: nonce, additionalData: bound },
    key,
    new TextEncoder().encode(secret),
  );
  const point = new Uint8Array(await crypto.subtle.exportKey('raw', own.publicKey));

  return toBase64(new Uint8Array([...point, ...nonce, ...new Uint8Array(text)]));
}
