import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { get, type IncomingHttpHeaders } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { expect, test } from '@playwright/test';
import { ready } from './help';
import { DEMO } from './servers';

const post = (path: string, data: unknown, headers: Record<string, string> = {}) =>
  fetch(`${DEMO.url}${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: DEMO.url, ...headers },
    body: typeof data === 'string' ? data : JSON.stringify(data),
  });
const rename = (name: string) => ({ kind: 'setDoor', id: 'D08', patch: { name } });
const codeOf = async (response: Response) =>
  ((await response.json()) as { error: { code: string } }).error.code;

test('foreign origins, wrong types, bad bodies and large ones are refused with a code and a sentence', async () => {
  const path = '/api/sites/quillhaven/edits';
  const edits = { base: 0, author: '', edits: [{ id: 'edit-one-xyz', edit: rename('x') }] };
  expect(await codeOf(await post(path, edits, { origin: 'http://evil.example' }))).toBe('wrong-origin');
  expect(await codeOf(await post(path, edits, { 'content-type': 'text/plain' }))).toBe('not-json');
  expect(await codeOf(await post(path, '{'))).toBe('bad-json');
  expect(await codeOf(await post(path, { ...edits, edits: [{ kind: 'explode' }] }))).toBe('invalid');
  expect(await codeOf(await post(path, { ...edits, author: 'x'.repeat(1_100_000) }))).toBe('too-large');
  expect(await codeOf(await post(path, '['.repeat(200) + ']'.repeat(200)))).toBe('too-many');
  expect(await codeOf(await post('/api/sites/nowhere/edits', edits))).toBe('no-site');
});

test('every edit has an answer of its own, and what was missed comes with it', async () => {
  const path = '/api/sites/quillhaven/edits';
  const answer = await post(path, {
    base: 0,
    author: '',
    edits: [
      { id: 'bad-edit-xyz', edit: { kind: 'explode' } },
      { id: 'far-back-xyz', edit: rename('x') },
    ],
  });
  expect(answer.status).toBe(200);
  const body = (await answer.json()) as {
    answers: { code: string }[];
    catchUp: { plan: { site: { id: string } } };
  };
  expect(body.answers.map(({ code }) => code)).toEqual(['refused', 'stale']);
  expect(body.catchUp.plan.site.id).toBe('quillhaven');
});

test('codes stand in no page and in no open answer', async ({ request }) => {
  const secrets = await request.get(`${DEMO.url}/api/sites/quillhaven/changes?secrets=include`);
  expect(secrets.headers()['cache-control']).toBe('no-store');
  const { people } = ((await secrets.json()) as { secrets: { people: Record<string, { code: string }> } })
    .secrets;
  const codes = Object.values(people).flatMap(({ code }) => (code.length >= 4 ? [code] : []));
  expect(codes.length).toBeGreaterThan(3);
  for (const path of [
    '/s/quillhaven/doors/D05/program',
    '/s/quillhaven/people',
    '/api/sites/quillhaven',
    '/api/sites/quillhaven/changes',
    '/api/sites/quillhaven/export.json',
    '/api/sites/quillhaven/edits',
  ]) {
    const text = await (await request.get(`${DEMO.url}${path}`)).text();
    for (const code of codes) expect(text.includes(`"${code}"`), `${path} shows a code`).toBe(false);
  }
});

test('files get the same guards and headers as pages', async ({ request }) => {
  const page = await (await request.get(`${DEMO.url}/s/quillhaven`)).text();
  const file = /\/_astro\/[^"]+\.js/.exec(page)?.[0] ?? '';
  for (const path of [file, '/theme.js', '/icon.svg']) {
    const good = await request.get(`${DEMO.url}${path}`);
    expect(good.status()).toBe(200);
    expect(good.headers()['x-content-type-options']).toBe('nosniff');
    expect(good.headers()['content-security-policy']).toContain("default-src 'self'");
    const foreign = await request.get(`${DEMO.url}${path}`, { headers: { host: 'evil.example' } });
    expect(foreign.status()).toBe(421);
  }
  expect((await request.get(`${DEMO.url}/_image?href=/icon.svg`)).status()).toBe(404);
});

test('a page comes with a policy that runs no foreign script', async ({ request }) => {
  const response = await request.get(`${DEMO.url}/s/quillhaven`);
  const policy = response.headers()['content-security-policy'] ?? '';
  expect(policy).toContain("default-src 'self'");
  expect(policy).not.toMatch(/script-src[^;]*unsafe/);
  expect(response.headers()['x-content-type-options']).toBe('nosniff');
});

test('names, pictures and addresses that lead nowhere say so', async ({ request }) => {
  expect((await request.get(`${DEMO.url}/s/nowhere`)).status()).toBe(404);
  expect((await request.get(`${DEMO.url}/s/quillhaven/doors/D01/nonsense`)).status()).toBe(404);
  expect((await request.get(`${DEMO.url}/api/sites/quillhaven/doors/D99/pack.pdf`)).status()).toBe(404);
  const nothing = await request.get(`${DEMO.url}/api/nonsense`);
  expect(nothing.status()).toBe(404);
  expect(await nothing.json()).toMatchObject({ error: { code: 'no-such-address' } });
});

test('packs are made one after the other, and one that nobody waits for is not made', async ({ page }) => {
  await page.goto(`${DEMO.url}/s/quillhaven/doors/D02/hand-over`);
  await ready(page);
  // Others are before it.
  const others = ['D01', 'D03', 'D04', 'D05'].map((door) =>
    page.request.get(`${DEMO.url}/api/sites/quillhaven/doors/${door}/pack.pdf`),
  );
  await page.getByRole('link', { name: 'Pack as PDF' }).click();
  await expect(page.getByText(/before it$|^Making the pack/)).toBeVisible();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByText('Door sheet, loops, wire schedule')).toBeVisible();
  for (const answer of await Promise.all(others)) {
    expect(answer.status()).toBe(200);
    expect((await answer.body()).subarray(0, 5).toString()).toBe('%PDF-');
  }
  // Without a server it says so.
  await page.context().setOffline(true);
  await page.getByRole('link', { name: 'Pack as PDF' }).click();
  await expect(page.getByText('The server does not answer: no pack was made.')).toBeVisible();
});

test('kill -9 in the middle of edits loses none that was acknowledged', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'aldaba-crash-'));
  const port = DEMO.port + 5;
  const url = `http://127.0.0.1:${port}`;
  const start = async (): Promise<ChildProcess> => {
    const child = spawn(process.execPath, ['dist/server/main.mjs'], {
      stdio: 'ignore',
      env: { ...process.env, ALDABA_DATA: join(folder, 'aldaba.db'), HOST: '127.0.0.1', PORT: String(port) },
    });
    for (let tries = 0; tries < 300; tries += 1) {
      if (
        await fetch(`${url}/api/sites`).then(
          (r) => r.ok,
          () => false,
        )
      )
        return child;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error('the server did not start');
  };
  const send = (path: string, body: unknown) =>
    fetch(`${url}${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: url },
      body: JSON.stringify(body),
    });
  try {
    let server = await start();
    const made = (await (await send('/api/sites', { name: 'Crash' })).json()) as { site: string };
    const path = `/api/sites/${made.site}`;
    let acknowledged = 1;
    // The first request loads the endpoint; a refused one does that without changing anything.
    const warm = () => send(`${path}/edits`, {});
    await warm();
    for (let round = 0; round < 3; round += 1) {
      // Edits go one after the other without a pause. From the first answered one on a timer runs, so that
      // a slow machine has something to lose too; the process is killed at a moment it cannot choose.
      let killer: ReturnType<typeof setTimeout> | undefined;
      for (;;) {
        const id = `D${String(acknowledged).padStart(3, '0')}`;
        const door = {
          id,
          order: acknowledged,
          name: `Door ${acknowledged}`,
          brief: {},
          deadState: null,
          notes: '',
        };
        const answer = await send(`${path}/edits`, {
          base: acknowledged,
          author: '',
          edits: [{ id: `crash-${acknowledged}-xyz`, edit: { kind: 'addDoor', door } }],
        }).catch(() => null);
        // An answer counts once all of it has arrived: the process may end in the middle of one.
        const body = (await answer?.json().catch(() => null)) as { revision: number } | null | undefined;
        if (!answer?.ok || !body) break;
        acknowledged = body.revision;
        killer ??= setTimeout(() => server.kill('SIGKILL'), 40 + round * 60);
      }
      clearTimeout(killer);
      server = await start();
      await warm();
      const after = (await (await fetch(`${url}${path}`)).json()) as {
        revision: number;
        plan: { doors: Record<string, unknown> };
      };
      // An edit may have been stored whose answer never arrived; none that was answered may be gone.
      expect(after.revision).toBeGreaterThanOrEqual(acknowledged);
      expect(Object.keys(after.plan.doors)).toHaveLength(after.revision - 1);
      acknowledged = after.revision;
    }
    expect(acknowledged).toBeGreaterThan(3);
    server.kill('SIGKILL');
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});

/** What really goes over the wire, byte for byte: `fetch` would unpack it unsaid. */
const raw = (path: string, accepts: string) =>
  new Promise<{ headers: IncomingHttpHeaders; body: Buffer }>((resolve, reject) => {
    get(`${DEMO.url}${path}`, { headers: { 'accept-encoding': accepts } }, (response) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => resolve({ headers: response.headers, body: Buffer.concat(parts) }));
    }).on('error', reject);
  });
const unpack = { br: brotliDecompressSync, gzip: gunzipSync } as const;

test('pages, data and scripts are squeezed as the browser takes them, and come out the same', async () => {
  const page = await raw('/s/quillhaven/doors/D02/wire', 'identity');
  // The largest of its scripts: what is a line long cannot be squeezed.
  const scripts = [...new Set(page.body.toString().match(/\/_astro\/[\w.-]+\.js/g) ?? [])];
  const sized = await Promise.all(
    scripts.map(async (path) => ({ path, size: (await raw(path, 'identity')).body.length })),
  );
  const largest = sized.sort((a, b) => b.size - a.size)[0];
  expect(largest?.size).toBeGreaterThan(10_000);
  const paths = ['/api/sites/quillhaven', largest?.path ?? ''];
  for (const path of paths) {
    const plain = await raw(path, 'identity');
    expect(plain.headers['content-encoding']).toBeUndefined();
    for (const form of ['br', 'gzip'] as const) {
      const packed = await raw(path, form);
      expect([path, packed.headers['content-encoding']]).toEqual([path, form]);
      expect(String(packed.headers['vary']).toLowerCase()).toContain('accept-encoding');
      expect(packed.body.length).toBeLessThan(plain.body.length);
      expect(unpack[form](packed.body).equals(plain.body)).toBe(true);
    }
  }
  // A name with a hash in it is kept for good; an answer of the site is kept by nobody.
  expect((await raw(paths[1]!, 'gzip')).headers['cache-control']).toContain('immutable');
  expect((await raw(paths[0]!, 'gzip')).headers['cache-control']).toBe('no-store');
});

test('a stream of events is not held back until there is enough of it to squeeze', async () => {
  const first = await new Promise<{ encoding: string | undefined; text: string }>((resolve, reject) => {
    const request = get(
      `${DEMO.url}/api/sites/quillhaven/events`,
      { headers: { 'accept-encoding': 'br, gzip' }, agent: false },
      (response) =>
        response.once('data', (part: Buffer) => {
          resolve({ encoding: response.headers['content-encoding'], text: part.toString() });
          request.destroy();
        }),
    );
    request.on('error', reject);
  });
  expect(first.encoding).toBeUndefined();
  expect(first.text).toMatch(/^data: \d+/);
});

test('a page of a door carries that door, and no device of one that it does not feel', async () => {
  const page = (await raw('/s/quillhaven/doors/D05/wire', 'identity')).body.toString();
  const props = /<astro-island[^>]* props="([^"]*)"/.exec(page)?.[1] ?? '';
  expect(props).toContain('D05/L1');
  expect(props).not.toContain('D02/L1.');
  // Every door is in it for the ledger.
  expect(props).toContain('Reading room');
});
