import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { openDatabase } from '../db/open';
import { asksWho, refusalOf } from './guard';
import { securityHeaders } from './headers';
import { isLoopback, isOpen, knownHosts } from './hosts';
import { keptCodesPassphrase, keptPassphrase, setCodesPassphrase, setPassphrase } from './keys';
import { hashPassphrase, isPassphrase } from './passphrase';
import { addressOf } from './address';
import { inTurn } from './inTurn';
import { afterFailure, afterSuccess, waitFor, type Tries } from './rateLimit';
import { cookieValue, idOf, sessionCookie, SESSION_COOKIE, SESSION_SECONDS } from './session';
import { beginSession, deviceOf, endSession, listSessions, onSessionEnd, sessionOf } from './sessions';

afterEach(() => vi.unstubAllEnvs());
const ines = { name: 'Ines', codes: false, device: 'computer', address: '10.0.0.7' } as const;
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
    const token = beginSession(db, ines, 0);
    await setPassphrase(db, 'seven brass knockers');
    expect(keptPassphrase(db)).toMatch(/^scrypt\$/);
    expect(sessionOf(db, token, 1)).toBeNull();
  });
});

describe('a passphrase that shows codes', () => {
  it('is kept beside the other, signs everybody out, and is taken away again', async () => {
    const db = openDatabase(':memory:');
    await setPassphrase(db, 'seven brass knockers');
    expect(keptCodesPassphrase(db)).toBeNull();
    const token = beginSession(db, ines, 0);
    await setCodesPassphrase(db, 'nine iron hinges');
    expect(sessionOf(db, token, 1)).toBeNull();
    expect(await isPassphrase('nine iron hinges', keptCodesPassphrase(db)!)).toBe(true);
    expect(await isPassphrase('seven brass knockers', keptPassphrase(db)!)).toBe(true);
    await setCodesPassphrase(db, null);
    expect(keptCodesPassphrase(db)).toBeNull();
  });
});

describe('a session', () => {
  const now = 1_000_000;
  const over = now + SESSION_SECONDS * 1000;
  it('goes on with its token until it is over, and the server keeps no token', () => {
    const db = openDatabase(':memory:');
    const token = beginSession(db, ines, now);
    expect(sessionOf(db, token, over - 1)).toMatchObject({ name: 'Ines', codes: false, id: idOf(token) });
    expect(sessionOf(db, token, over)).toBeNull();
    expect(JSON.stringify(listSessions(db, now))).not.toContain(token);
    // The next to sign in sweeps out what is over.
    beginSession(db, ines, over);
    expect(db.$client.prepare('select count(*) as n from sessions').get()).toEqual({ n: 1 });
  });
  it('is nothing once a single character of its token differs', () => {
    const db = openDatabase(':memory:');
    const token = beginSession(db, ines, now);
    fc.assert(
      fc.property(fc.nat(token.length - 1), fc.constantFrom('A', 'b', '-', '.', '0'), (at, char) => {
        const forged = token.slice(0, at) + char + token.slice(at + 1);
        if (forged !== token) expect(sessionOf(db, forged, now)).toBeNull();
      }),
    );
  });
  it('never throws, whatever the cookie holds', () => {
    const db = openDatabase(':memory:');
    fc.assert(fc.property(fc.string(), (text) => sessionOf(db, text, now) === null));
    for (const value of [undefined, '', '.', "' or 1=1 --"]) expect(sessionOf(db, value, now)).toBeNull();
  });
  it('is ended by itself, closes its lines, and leaves the others', () => {
    const db = openDatabase(':memory:');
    const [first, other] = [beginSession(db, ines, now), beginSession(db, { ...ines, name: 'Odd' }, now)];
    const heard: string[] = [];
    const [off, quiet] = [
      onSessionEnd(idOf(first), () => heard.push('first')),
      onSessionEnd(idOf(first), () => heard.push('quiet')),
    ];
    quiet();
    expect(endSession(db, idOf(first))).toBe(true);
    expect([heard, sessionOf(db, first, now)]).toEqual([['first'], null]);
    expect(listSessions(db, now).map(({ name }) => name)).toEqual(['Odd']);
    off();
    expect(endSession(db, idOf(first))).toBe(false);
    expect([heard, sessionOf(db, other, now)?.name]).toEqual([['first'], 'Odd']);
  });
  it('is noted as seen now and then, and not with every request', () => {
    const db = openDatabase(':memory:');
    const token = beginSession(db, ines, now);
    const seen = (at: number) => {
      sessionOf(db, token, at);
      return listSessions(db, at)[0]?.lastSeen;
    };
    expect([seen(now + 60_000), seen(now + 301_000), seen(now + 400_000)]).toEqual([
      now,
      now + 301_000,
      now + 301_000,
    ]);
  });
  it('says on what it was begun, without the browser’s name', () => {
    expect(deviceOf('Mozilla/5.0 (Linux; Android 15) Mobile')).toBe('phone or tablet');
    expect([deviceOf('Mozilla/5.0 (X11; Linux x86_64)'), deviceOf(null)]).toEqual(['computer', 'computer']);
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
  const by = (address: string, name = 'x', isKnown = false) => ({ address, name, isKnown });
  const fail = (times: number, it = by('a'), start: Tries = new Map(), now = 0) =>
    Array.from({ length: times }).reduce<Tries>((tries) => afterFailure(tries, it, now), start);

  it('cost nothing at first, then ever more, a quarter of an hour at most', () => {
    expect(waitFor(fail(5), by('a'), 0)).toBe(0);
    const waits = [6, 7, 8, 9, 10].map((times) => waitFor(fail(times), by('a'), 0));
    expect(waits).toEqual([2000, 4000, 8000, 16_000, 32_000]);
    expect(waitFor(fail(60), by('a'), 0)).toBe(15 * 60_000);
  });
  it('of one address, or of one name there, keep nobody else out', () => {
    expect(waitFor(fail(12), by('b'), 0)).toBe(0);
    expect(waitFor(fail(12), by('a', 'y'), 0)).toBe(0);
  });
  it('under ever new names slow their address, and not a name that signed in from there before', () => {
    const names = Array.from({ length: 200 }).reduce<Tries>(
      (tries, _, n) => afterFailure(tries, by('a', `n${n}`), 0),
      new Map(),
    );
    expect(waitFor(names, by('a', 'new'), 0)).toBe(60_000);
    expect(waitFor(names, by('a', 'new', true), 0)).toBe(0);
    expect(waitFor(names, by('b', 'new'), 0)).toBe(0);
  });
  it('of ever new addresses slow a stranger by seconds, and whoever is known not at all', () => {
    const crowd = Array.from({ length: 1000 }).reduce<Tries>(
      (tries, _, n) => afterFailure(tries, by(`a${n}`, `n${n}`), 0),
      new Map(),
    );
    expect(waitFor(crowd, by('new'), 0)).toBe(5000);
    expect(waitFor(crowd, by('new', 'x', true), 0)).toBe(0);
  });
  it('are forgotten in time, and of a name with the right passphrase at once', () => {
    const tries = fail(8);
    expect(waitFor(tries, by('a'), 8000)).toBe(0);
    expect(waitFor(afterSuccess(tries, by('a')), by('a'), 0)).toBe(0);
    const later = 15 * 60_000 + 1;
    expect(waitFor(afterFailure(fail(60), by('a'), later), by('a'), later)).toBe(0);
  });
  it('are remembered of two thousand lanes at most', () => {
    const many = Array.from({ length: 5000 }).reduce<Tries>(
      (tries, _, n) => afterFailure(tries, by(`a${n}`), 0),
      new Map(),
    );
    expect(many.size).toBeLessThanOrEqual(2000);
    expect(waitFor(many, by('x'), 0)).toBeGreaterThan(0);
  });
  it('of one address are made one after the other, in their order, whatever becomes of one', async () => {
    const done: number[] = [];
    const work = [30, 1, 10].map((ms, n) =>
      inTurn('a', async () => {
        await new Promise((resolve) => setTimeout(resolve, ms));
        done.push(n);
        if (n === 1) throw new Error('wrong');
      }).catch(() => undefined),
    );
    await Promise.all(work);
    expect(done).toEqual([0, 1, 2]);
  });
});

describe('where a request comes from', () => {
  const request = (end: string, said?: string) =>
    ({
      socket: { remoteAddress: end },
      headers: said === undefined ? {} : { 'x-forwarded-for': said },
    }) as never;
  afterEach(() => vi.unstubAllEnvs());
  it('is the other end of the line, whatever it says of itself', () => {
    expect(addressOf(request('::ffff:10.0.0.7'))).toBe('10.0.0.7');
    expect(addressOf(request('10.0.0.7', '1.2.3.4'))).toBe('10.0.0.7');
  });
  it('is what a proxy says that the server is told of: the last it names, which it saw itself', () => {
    vi.stubEnv('ALDABA_PROXY', '10.0.0.1, 10.0.0.2');
    expect(addressOf(request('10.0.0.2', '6.6.6.6, 1.2.3.4'))).toBe('1.2.3.4');
    expect(addressOf(request('10.0.0.2'))).toBe('10.0.0.2');
    expect(addressOf(request('10.0.0.9', '1.2.3.4'))).toBe('10.0.0.9');
  });
});
