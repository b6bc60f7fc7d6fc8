import { createHash, randomBytes } from 'node:crypto';

export const SESSION_COOKIE = 'aldaba_session';
/** How long somebody stays signed in, seconds: thirty days. */
export const SESSION_SECONDS = 30 * 24 * 3600;

/** What a browser keeps: 32 random bytes that say nothing by themselves. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** What the server keeps of a token: whoever reads the database cannot sign in with it. */
export const idOf = (token: string): string => createHash('sha256').update(token).digest('base64url');

/** The value of a cookie in a Cookie header. */
export function cookieValue(header: string | null | undefined, name: string): string | undefined {
  for (const part of (header ?? '').split(';')) {
    const [key, ...rest] = part.trim().split('=');
    if (key === name) return rest.join('=');
  }
  return undefined;
}

/** The Set-Cookie header that keeps a session, or with an empty value ends it. */
export const sessionCookie = (value: string, secure: boolean): string =>
  [
    `${SESSION_COOKIE}=${value}`,
    'Path=/',
    'HttpOnly',
    'SameSite=Strict',
    `Max-Age=${value === '' ? 0 : SESSION_SECONDS}`,
    ...(secure ? ['Secure'] : []),
  ].join('; ');
