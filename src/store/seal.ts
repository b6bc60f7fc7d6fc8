import { xchacha20poly1305 } from '@noble/ciphers/chacha.js';
import { managedNonce } from '@noble/ciphers/utils.js';

/** Makes texts unreadable, and readable again with the same key. */
export interface Sealer {
  seal(text: string): string;
  /** Null where it was sealed with another key, or altered. */
  open(sealed: string): string | null;
}

const bytesOf = (base64: string): Uint8Array => Uint8Array.from(atob(base64), (char) => char.charCodeAt(0));
const base64Of = (bytes: Uint8Array): string =>
  btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''));

/**
 * Seals with a key of 32 bytes, base64. XChaCha20-Poly1305 with a nonce of its own for each text: in script, since browsers offer no
 * cipher on plain HTTP from another machine.
 */
export function sealerOf(key: string): Sealer {
  const cipher = () => managedNonce(xchacha20poly1305)(bytesOf(key));
  return {
    seal: (text) => base64Of(cipher().encrypt(new TextEncoder().encode(text))),
    open(sealed) {
      try {
        return new TextDecoder().decode(cipher().decrypt(bytesOf(sealed)));
      } catch {
        return null;
      }
    },
  };
}
