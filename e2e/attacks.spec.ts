import { spawn, type ChildProcess } from 'node:child_process';
import { createHmac, randomBytes } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { request as ask, type OutgoingHttpHeaders } from 'node:http';
import { connect, type Socket } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { expect, test } from '@playwright/test';
import { DEMO } from './servers';

/**
 * What an open server promises to a stranger, line by line. Which endpoint gives what to whom, however its address is written, stands in
 * src/server/promises.test.ts; this list is about what a stranger sends.
 */

const folder = mkdtempSync(join(tmpdir(), 'aldaba-attacks-'));
const port = DEMO.port + 17;
const url = `http://127.0.0.1:${port}`;
const PASSPHRASE = 'seven brass knockers';
let server: ChildProcess;
const said: string[] = [];
let cookie = '';

interface Answer {
  readonly status: number;
  readonly text: string;
}
/** One request with nothing added to its headers. */
const send = (method: string, path: string, headers: OutgoingHttpHeaders = {}, body?: string | Buffer) =>
  new Promise<Answer>((resolve, reject) => {
    const one = ask({
      agent: false,
      host: '127.0.0.1',
      port,
      method,
      path,
      headers: { host: `127.0.0.1:${port}`, ...headers },
    });
    one.on('response', (response) => {
      let text = '';
      response.on('data', (chunk) => (text += String(chunk)));
      response.on('end', () => resolve({ status: response.statusCode ?? 0, text }));
    });
    one.on('error', reject);
    one.end(body);
  });
const json = { 'content-type': 'application/json', origin: url };
const signedIn = (more: OutgoingHttpHeaders = {}) => ({ cookie: `aldaba_session=${cookie}`, ...more });

test.describe.configure({ mode: 'serial' });
test.beforeAll(async () => {
  server = spawn(process.execPath, ['dist/server/main.mjs'], {
    stdio: ['ignore', 'ignore', 'pipe'],
    env: {
      ...process.env,
      ALDABA_DATA: join(folder, 'aldaba.db'),
      PORT: String(port),
      HOST: '0.0.0.0',
      ALDABA_PASSPHRASE: PASSPHRASE,
      NODE_ENV: 'production',
    },
  });
  server.stderr?.on('data', (chunk) => said.push(String(chunk)));
  await expect
    .poll(
      () =>
        send('GET', '/sign-in').then(
          ({ status }) => status,
          () => 0,
        ),
      { timeout: 30_000 },
    )
    .toBe(200);
  const answer = await fetch(`${url}/api/sign-in`, {
    method: 'POST',
    redirect: 'manual',
    headers: { origin: url, 'content-type': 'application/x-www-form-urlencoded' },
    body: new URLSearchParams({ name: 'Ines', passphrase: PASSPHRASE, to: '/' }).toString(),
  });
  cookie = /aldaba_session=([^;]+)/.exec(answer.headers.get('set-cookie') ?? '')?.[1] ?? '';
  expect((await send('GET', '/api/sites', signedIn())).status).toBe(200);
});
test.afterAll(() => {
  server.kill('SIGKILL');
  rmSync(folder, { recursive: true, force: true });
});

test('a cookie that the server did not give opens nothing', async () => {
  const body = Buffer.from(JSON.stringify({ name: 'Ines', until: 9e15, codes: true })).toString('base64url');
  const forged = [
    '',
    randomBytes(32).toString('base64url'),
    `${cookie}x`,
    cookie.slice(0, -1),
    cookie.toUpperCase(),
    // Cookies of an older version were signed, not looked up.
    `${body}.${createHmac('sha256', '').update(body).digest('base64url')}`,
    "' or 1=1 --",
    'a'.repeat(8000),
    '%00',
  ];
  for (const one of forged)
    expect([
      one.slice(0, 20),
      (await send('GET', '/api/sites', { cookie: `aldaba_session=${one}` })).status,
    ]).toEqual([one.slice(0, 20), 401]);
  // Nor does the right one under another name, or a passphrase sent as if it were one.
  for (const header of [`session=${cookie}`, `aldaba_session_=${cookie}`, `aldaba_session=${PASSPHRASE}`])
    expect((await send('GET', '/api/sites', { cookie: header })).status).toBe(401);
  expect((await send('GET', '/api/sites', { authorization: `Bearer ${cookie}` })).status).toBe(401);
});

test('a name that is not the server’s is not answered, with a session or without', async () => {
  for (const host of [
    'evil.example',
    'localhost.evil.example',
    '127.0.0.1.evil.example',
    '0x7f.1',
    'evil.example:80',
  ])
    expect([host, (await send('GET', '/api/sites', signedIn({ host }))).status]).toEqual([host, 421]);
});

test('a page from elsewhere writes nothing with the session of whoever looks at it', async () => {
  const origins = [
    'http://evil.example',
    'null',
    `${url}.evil.example`,
    `http://127.0.0.1:${port + 1}`,
    `http://evil.example/${url}`,
  ];
  for (const origin of [undefined, ...origins])
    for (const [method, path] of [
      ['POST', '/api/sites'],
      ['POST', '/api/sites/site/edits'],
      ['DELETE', '/api/sites/site'],
      ['POST', '/api/import'],
      ['POST', '/api/sign-out'],
      ['POST', '/api/sign-in'],
    ] as const)
      expect([
        origin,
        method,
        path,
        (await send(method, path, signedIn(origin === undefined ? {} : { origin }), '{}')).status,
      ]).toEqual([origin, method, path, 403]);
  // A form of another page sends what needs no question: it is not read as JSON.
  const form = signedIn({ origin: url, 'content-type': 'text/plain' });
  expect((await send('POST', '/api/sites', form, '{"name":"x"}')).status).toBe(415);
});

test('headers that claim another address, path, method or machine change nothing', async () => {
  const claims: OutgoingHttpHeaders[] = [
    { 'x-forwarded-for': '127.0.0.1' },
    { 'x-forwarded-host': 'localhost' },
    { forwarded: 'for=127.0.0.1;host=localhost' },
    { 'x-original-url': '/sign-in' },
    { 'x-rewrite-url': '/sign-in' },
    { 'x-real-ip': '127.0.0.1' },
    { 'x-astro-path': '/sign-in' },
  ];
  for (const claim of claims) expect((await send('GET', '/api/sites', claim)).status).toBe(401);
  const override = { ...signedIn(json), 'x-http-method-override': 'DELETE' };
  expect((await send('POST', '/api/sites/site', override, '{}')).status).not.toBe(200);
  for (const method of ['TRACE', 'OPTIONS', 'PROPFIND', 'PURGE'])
    expect([method, (await send(method, '/api/sites', signedIn())).status]).toEqual([method, 405]);
});

test('bodies that are made to cost much are refused at once', async () => {
  const bombs: [string, string | Buffer, OutgoingHttpHeaders][] = [
    ['deep', `${'['.repeat(200_000)}${']'.repeat(200_000)}`, {}],
    ['many keys', `{${Array.from({ length: 90_000 }, (_, n) => `"k${n}":0`).join(',')}}`, {}],
    ['a proto', '{"__proto__":{"name":"x"},"constructor":{"prototype":{}}}', {}],
    ['squeezed', gzipSync(Buffer.alloc(20_000_000)), { 'content-encoding': 'gzip' }],
    ['cut off', '{"name":"x', {}],
    ['no text', randomBytes(20_000), {}],
    ['a number as long as a book', `{"name":${'9'.repeat(500_000)}}`, {}],
  ];
  for (const [what, body, more] of bombs)
    for (const path of ['/api/sites', '/api/import', '/api/sites/site/edits']) {
      const start = Date.now();
      const { status } = await send('POST', path, signedIn({ ...json, ...more }), body);
      expect([what, path, status >= 400 && status < 500]).toEqual([what, path, true]);
      expect(Date.now() - start).toBeLessThan(3000);
    }
  // What says that it is larger than anything that is taken is not waited for.
  const large = signedIn({ ...json, 'content-length': String(10 ** 12) });
  const answer = await new Promise<number>((resolve) => {
    const one = ask({
      host: '127.0.0.1',
      port,
      method: 'POST',
      path: '/api/import',
      headers: { host: `127.0.0.1:${port}`, ...large },
    });
    one.on('response', ({ statusCode }) => resolve(statusCode ?? 0));
    one.on('error', () => resolve(-1));
    one.write('{');
    setTimeout(() => one.destroy(), 5000);
  });
  expect(answer).toBe(413);
});

test('whoever sends drop by drop, or hangs up in the middle, holds up nobody', async () => {
  const head = `POST /api/sites HTTP/1.1\r\nhost: 127.0.0.1:${port}\r\ncookie: aldaba_session=${cookie}\r\norigin: ${url}\r\ncontent-type: application/json\r\ncontent-length: 90000\r\n`;
  const slow: Socket[] = Array.from({ length: 120 }, (_, n) => {
    const socket = connect(port, '127.0.0.1');
    socket.on('error', () => undefined);
    // Half of them never end their headers.
    socket.write(n % 2 ? `${head}\r\n{"name":"` : head);
    return socket;
  });
  await new Promise((resolve) => setTimeout(resolve, 500));
  const start = Date.now();
  expect((await send('GET', '/api/sites', signedIn())).status).toBe(200);
  expect(Date.now() - start).toBeLessThan(2000);
  for (const socket of slow) socket.destroy();
  await new Promise((resolve) => setTimeout(resolve, 500));
  // That somebody has gone is no trouble of the server's.
  expect(said.join('')).not.toContain('    at ');
  expect((await send('GET', '/api/sites', signedIn())).text).not.toContain('"name":"x"');
});

test('five hundred open lines hold up nobody, and are let go', async () => {
  const lines: Socket[] = await Promise.all(
    Array.from(
      { length: 500 },
      () =>
        new Promise<Socket>((resolve) => {
          const socket = connect(port, '127.0.0.1');
          socket.on('error', () => undefined);
          socket.write(
            `GET /api/sites/site/events HTTP/1.1\r\nhost: 127.0.0.1:${port}\r\ncookie: aldaba_session=${cookie}\r\n\r\n`,
          );
          socket.once('data', () => resolve(socket));
        }),
    ),
  );
  const start = Date.now();
  for (let n = 0; n < 5; n += 1) expect((await send('GET', '/', signedIn())).status).toBeLessThan(400);
  expect(Date.now() - start).toBeLessThan(5000);
  for (const socket of lines) socket.destroy();
  // Signed out, the session's own lines would have ended: none is left that could hear anything.
  const out = await send('POST', '/api/sign-out', signedIn({ origin: url }));
  expect(out.status).toBe(303);
  expect((await send('GET', '/api/sites', signedIn())).status).toBe(401);
  expect(said.join('')).not.toContain('    at ');
});
