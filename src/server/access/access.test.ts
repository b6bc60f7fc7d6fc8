import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { openDatabase } from '../db/open';
import { asksWho, refusalOf } from './guard';
import { securityHeaders } from './headers';
import { isLoopback, isOpen, knownHosts } from './hosts';
import { keptCodesPassphrase, keptPassphrase, sessionKey, setCodesPassphrase, setPassphrase } from './keys';
import { hashPassphrase, isPassphrase } from './passphrase';
import { afterFailure, afterSuccess, waitFor, type Tries } from './rateLimit';
import { cookieValue, openSession, sealSession, sessionCookie, SESSION_COOKIE } from './session';

afterEach(() => vi.unstubAllEnvs());
const head = (over: Partial<Parameters<typeof refusalOf>[0]> = {}) => ({
  method: 'GET',
  host: '127.0.0.1:4321',
  origin: null,
  path: '/',
  ...over,
});

describe('where the server listens', () => {
  it('is this machine alone unless HOST says otherwise', () => {
    for (const host of ['127.0.0.1', 'localhost', '::1', '[::1]', '127.0.0.53'])
      expect(isLoopback(host)).toBe(true);
    for (const host of ['0.0.0.0', '::', '192.168.1.20', 'archive.local'])
      expect(isLoopback(host)).toBe(false);
    vi.stubEnv('HOST', '');
    expect(isOpen()).toBe(false);
    vi.stubEnv('HOST', '0.0.0.0');
    expect(isOpen()).toBe(true);
  });
  it('has names: loopback, ALDABA_HOSTS, and beyond loopback its own addresses', () => {
    vi.stubEnv('HOST', '127.0.0.1');
    vi.stubEnv('ALDABA_HOSTS', 'Plans.Example, other.example,');
    expect(knownHosts().has('plans.example')).toBe(true);
    expect(knownHosts().has('')).toBe(false);
    const alone = knownHosts().size;
    vi.stubEnv('HOST', '0.0.0.0');
    expect(knownHosts().size).toBeGreaterThan(alone);
  });
});

describe('refusalOf', () => {
  it('lets a request of this machine through, whatever its port', () => {
    expect(refusalOf(head())).toBeNull();
    expect(refusalOf(head({ host: 'LOCALHOST:80' }))).toBeNull();
  });
  it('refuses a foreign name, which a page elsewhere may have been given for this address', () => {
    expect(refusalOf(head({ host: 'evil.example' }))).toMatchObject({ status: 421 });
    expect(refusalOf(head({ host: '' }))).toMatchObject({ status: 421 });
    expect(refusalOf(head({ host: 'localhost.evil.example' }))).toMatchObject({ status: 421 });
  });
  it('refuses to be written to by another page, or by none that says where it is from', () => {
    for (const method of ['POST', 'PUT', 'DELETE', 'PATCH']) {
      expect(refusalOf(head({ method }))).toMatchObject({ status: 403 });
      expect(refusalOf(head({ method, origin: 'http://evil.example' }))).toMatchObject({ status: 403 });
      expect(refusalOf(head({ method, origin: 'null' }))).toMatchObject({ status: 403 });
      expect(refusalOf(head({ method, origin: 'http://127.0.0.1:4322' }))).toMatchObject({ status: 403 });
      expect(refusalOf(head({ method, origin: 'http://127.0.0.1:4321' }))).toBeNull();
      expect(refusalOf(head({ method, origin: 'https://127.0.0.1:4321' }))).toBeNull();
    }
  });
  it('has nothing at the image endpoint that no page uses', () => {
    expect(refusalOf(head({ path: '/_image' }))).toMatchObject({ status: 404 });
    expect(refusalOf(head({ path: '/_image/x' }))).toMatchObject({ status: 404 });
    expect(refusalOf(head({ path: '/_images' }))).toBeNull();
  });
});

describe('asksWho', () => {
  it('asks for everything but the sign-in page and its looks, where others reach the server', () => {
    vi.stubEnv('HOST', '0.0.0.0');
    for (const path of [
      '/',
      '/s/x',
      '/api/sites',
      '/_astro/App.js',
      '/api/sign-in/x',
      '/sign-in/../api/sites',
    ])
      expect([path, asksWho(path)]).toEqual([path, true]);
    for (const path of [
      '/sign-in',
      '/api/sign-in',
      '/icon.svg',
      '/theme.js',
      '/sw.js',
      '/manifest.webmanifest',
      '/icon-192.png',
      '/_astro/a.b.css',
      '/_astro/font.woff2',
    ])
      expect([path, asksWho(path)]).toEqual([path, false]);
  });
  it('asks for nothing on a server of one’s own', () => {
    vi.stubEnv('HOST', '127.0.0.1');
    expect(asksWho('/api/sites')).toBe(false);
  });
});

describe('securityHeaders', () => {
  it('let no foreign script run, and frame nothing', () => {
    for (const html of [true, false]) {
      const policy = securityHeaders(html)['content-security-policy'] ?? '';
      expect(policy).toContain("default-src 'self'");
      expect(policy).toContain("frame-ancestors 'none'");
      expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    }
  });
});

describe('a passphrase', () => {
  it('is known by its hash, and by nothing else', async () => {
    const kept = await hashPassphrase('seven brass knockers');
    expect(kept).not.toContain('brass');
    expect(await isPassphrase('seven brass knockers', kept)).toBe(true);
    for (const other of ['seven brass knocker', 'Seven brass knockers', '', 'x'.repeat(500)])
      expect(await isPassphrase(other, kept)).toBe(false);
    // Two hashes of one passphrase differ: each has a salt of its own.
    expect(await hashPassphrase('seven brass knockers')).not.toBe(kept);
  });
  it('is the same however its letters were put together', async () => {
    expect(await isPassphrase('Tu\u0308r und Tor', await hashPassphrase('T\u00fcr und Tor'))).toBe(true);
  });
  it('is never right against what is no hash', async () => {
    for (const kept of ['', 'x', 'scrypt$1$1$1$$', 'md5$1$1$1$a$b'])
      expect(await isPassphrase('x', kept)).toBe(false);
  });
  it('signs everybody out when it is changed', async () => {
    const db = openDatabase(':memory:');
    expect(keptPassphrase(db)).toBeNull();
    const before = sessionKey(db);
    expect(sessionKey(db)).toBe(before);
    await setPassphrase(db, 'seven brass knockers');
    expect(keptPassphrase(db)).toMatch(/^scrypt\$/);
    expect(sessionKey(db)).not.toBe(before);
  });
});

describe('a passphrase that shows codes', () => {
  it('is kept beside the other, signs everybody out, and is taken away again', async () => {
    const db = openDatabase(':memory:');
    await setPassphrase(db, 'seven brass knockers');
    expect(keptCodesPassphrase(db)).toBeNull();
    const before = sessionKey(db);
    await setCodesPassphrase(db, 'nine iron hinges');
    expect(sessionKey(db)).not.toBe(before);
    expect(await isPassphrase('nine iron hinges', keptCodesPassphrase(db)!)).toBe(true);
    expect(await isPassphrase('seven brass knockers', keptPassphrase(db)!)).toBe(true);
    await setCodesPassphrase(db, null);
    expect(keptCodesPassphrase(db)).toBeNull();
  });
});

describe('a session', () => {
  const key = 'a key';
  const now = 1_000_000;
  const session = { name: 'Mirela Văduva', until: now + 1000 };
  it('opens with the key it was sealed with, until it is over', () => {
    const value = sealSession(session, key);
    expect(openSession(value, key, now)).toEqual(session);
    expect(openSession(value, 'another', now)).toBeNull();
    expect(openSession(value, key, now + 1000)).toBeNull();
  });
  it('is nothing once a single character differs', () => {
    const value = sealSession(session, key);
    fc.assert(
      fc.property(fc.nat(value.length - 1), fc.constantFrom('A', 'b', '-', '.', '0'), (at, char) => {
        const forged = value.slice(0, at) + char + value.slice(at + 1);
        // The last letter of base64 may stand for bits that are not there.
        if (forged === value || at === value.length - 1 || at === value.indexOf('.') - 1) return;
        expect(openSession(forged, key, now)).toBeNull();
      }),
    );
  });
  it('never throws, whatever the cookie holds', () => {
    fc.assert(fc.property(fc.string(), (text) => openSession(text, key, now) === null));
    for (const value of [undefined, '', '.', 'a.b', 'a.b.c']) expect(openSession(value, key, now)).toBeNull();
  });
  it('stands in a cookie that scripts and other sites do not see', () => {
    const cookie = sessionCookie('value', true);
    for (const part of ['HttpOnly', 'SameSite=Strict', 'Path=/', 'Secure']) expect(cookie).toContain(part);
    expect(sessionCookie('', false)).toContain('Max-Age=0');
    expect(cookieValue(`a=1; ${SESSION_COOKIE}=x.y; b=2`, SESSION_COOKIE)).toBe('x.y');
    expect(cookieValue(`not${SESSION_COOKIE}=x`, SESSION_COOKIE)).toBeUndefined();
    expect(cookieValue(null, SESSION_COOKIE)).toBeUndefined();
  });
});

describe('tries at the passphrase', () => {
  const fail = (times: number, address = 'a', start: Tries = new Map(), now = 0) =>
    Array.from({ length: times }).reduce<Tries>((tries) => afterFailure(tries, address, now), start);

  it('cost nothing at first, then ever more, a quarter of an hour at most', () => {
    expect(waitFor(fail(5), 'a', 0)).toBe(0);
    const waits = [6, 7, 8, 9, 10].map((times) => waitFor(fail(times), 'a', 0));
    expect(waits).toEqual([2000, 4000, 8000, 16_000, 32_000]);
    expect(waitFor(fail(60), 'a', 0)).toBe(15 * 60_000);
  });
  it('of one address do not keep another out, but many addresses together are slowed down', () => {
    expect(waitFor(fail(12), 'b', 0)).toBe(0);
    const crowd = Array.from({ length: 60 }).reduce<Tries>(
      (tries, _, n) => afterFailure(tries, `a${n}`, 0),
      new Map(),
    );
    expect(waitFor(crowd, 'new', 0)).toBeGreaterThan(0);
  });
  it('are forgotten in time, and with the right passphrase at once', () => {
    const tries = fail(8);
    expect(waitFor(tries, 'a', 8000)).toBe(0);
    expect(waitFor(afterSuccess(tries, 'a'), 'a', 0)).toBe(0);
  });
  it('are remembered of a thousand addresses at most', () => {
    const many = Array.from({ length: 1500 }).reduce<Tries>(
      (tries, _, n) => afterFailure(tries, `a${n}`, 0),
      new Map(),
    );
    expect(many.size).toBeLessThanOrEqual(1000);
    expect(waitFor(many, 'x', 0)).toBeGreaterThan(0);
  });
});
