import { createHmac, timingSafeEqual } from 'node:crypto';

export const SESSION_COOKIE = 'aldaba_session';
/** How long somebody stays signed in, seconds: thirty days. */
export const SESSION_SECONDS = 30 * 24 * 3600;

/** Who has signed in, and until when, ms since 1970. */
export interface Session {
  readonly name: string;
  readonly until: number;
  /** Whether they signed in with the passphrase that shows codes. */
  readonly codes?: boolean;
}

const sign = (body: string, key: string): Buffer => createHmac('sha256', key).update(body).digest();

/** The cookie's value: the session and its signature, both base64url. */
export function sealSession(session: Session, key: string): string {
  const body = Buffer.from(JSON.stringify(session)).toString('base64url');
  return `${body}.${sign(body, key).toString('base64url')}`;
}

/** The session in a cookie's value; null where it is forged, mangled or over. */
export function openSession(value: string | undefined, key: string, now: number): Session | null {
  const [body, seal] = (value ?? '').split('.');
  if (!body || !seal) return null;
  const [given, wanted] = [Buffer.from(seal, 'base64url'), sign(body, key)];
  if (given.length !== wanted.length || !timingSafeEqual(given, wanted)) return null;
  const session = JSON.parse(Buffer.from(body, 'base64url').toString()) as Session;
  return session.until > now ? session : null;
}

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
