import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';

/** Cost of one hash: 2^15 rounds over 8 blocks take 32 MB and about a tenth of a second. */
const COST = { N: 2 ** 15, r: 8, p: 1 } as const;
const BYTES = 32;
const MEMORY = 64 * 1024 * 1024;

/** Shortest passphrase that is taken. */
export const SHORTEST = 10;

const derive = (text: string, salt: Buffer, N: number, r: number, p: number): Promise<Buffer> =>
  new Promise((resolve, reject) =>
    scrypt(text.normalize('NFKC'), salt, BYTES, { N, r, p, maxmem: MEMORY }, (error, key) =>
      error ? reject(error) : resolve(key),
    ),
  );

/** A passphrase as it is kept: `scrypt$N$r$p$salt$hash`, salt and hash in base64. */
export async function hashPassphrase(text: string): Promise<string> {
  const salt = randomBytes(16);
  const key = await derive(text, salt, COST.N, COST.r, COST.p);
  return ['scrypt', COST.N, COST.r, COST.p, salt.toString('base64'), key.toString('base64')].join('$');
}

/** True where the text is the passphrase that was hashed. Takes the same time either way. */
export async function isPassphrase(text: string, kept: string): Promise<boolean> {
  const [scheme, N, r, p, salt, hash] = kept.split('$');
  if (scheme !== 'scrypt' || !salt || !hash) return false;
  const wanted = Buffer.from(hash, 'base64');
  const key = await derive(text, Buffer.from(salt, 'base64'), Number(N), Number(r), Number(p));
  return key.length === wanted.length && timingSafeEqual(key, wanted);
}
