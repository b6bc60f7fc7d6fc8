import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import Database from 'better-sqlite3';
import { readAldaba } from '#core/formats/index';
import { quillhaven } from '#demo/quillhaven';
import { openDatabase } from '../src/server/db/open';
import { createSite } from '../src/server/sites/siteList';
import { DEMO } from './servers';

const folder = mkdtempSync(join(tmpdir(), 'aldaba-open-'));
const data = join(folder, 'aldaba.db');
const port = DEMO.port + 7;
const url = `http://127.0.0.1:${port}`;

/** Starts a server and collects what it says; `env` says how. */
function start(env: Record<string, string>): {
  child: ChildProcess;
  said: () => string;
  ended: Promise<number | null>;
} {
  const text: string[] = [];
  const child = spawn(process.execPath, ['dist/server/main.mjs'], {
    stdio: ['ignore', 'ignore', 'pipe'],
    env: { ...process.env, ALDABA_DATA: data, PORT: String(port), NODE_ENV: 'production', ...env },
  });
  running.add(child);
  child.stderr?.on('data', (chunk) => text.push(String(chunk)));
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  return { child, said: () => text.join(''), ended };
}

const answers = async (path = '/sign-in') => {
  for (let tries = 0; tries < 300; tries += 1) {
    const ok = await fetch(`${url}${path}`, { redirect: 'manual' }).then(
      ({ status }) => status < 500,
      () => false,
    );
    if (ok) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('the server did not start');
};

test.describe.configure({ mode: 'serial' });
/** Servers that a test which failed may have left behind. */
const running = new Set<ChildProcess>();
test.afterEach(() => {
  for (const child of running) child.kill('SIGKILL');
  running.clear();
});
test.afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('a server that others reach does not start without a passphrase', async () => {
  const { said, ended } = start({ HOST: '0.0.0.0' });
  expect(await ended).toBe(1);
  expect(said()).toContain('it has no passphrase');
});

test('what keeps the database from being used is one sentence with the file in it', async () => {
  const broken = join(folder, 'broken.db');
  writeFileSync(broken, 'this is no database, and it is long enough to look at'.repeat(20));
  for (const [path, why] of [
    [broken, 'it is not a database'],
    [folder, 'it is a folder'],
    [join(broken, 'below.db'), 'a part of the path is a file'],
  ] as const) {
    const { said, ended } = start({ HOST: '127.0.0.1', ALDABA_DATA: path });
    expect(await ended).toBe(1);
    expect(said()).toContain(path);
    expect(said()).toContain(why);
    expect(said()).not.toContain('    at ');
  }
});

test('with a passphrase nobody reads or writes before signing in, whatever host the request names', async ({
  browser,
}) => {
  const { child, ended } = start({ HOST: '0.0.0.0', ALDABA_PASSPHRASE: 'seven brass knockers' });
  await answers();
  expect(statSync(data).mode & 0o077).toBe(0);
  for (const host of ['localhost', `127.0.0.1:${port}`]) {
    for (const path of [
      '/api/sites',
      '/api/sites/site/changes?secrets=include',
      '/api/sites/site/export.json?secrets=include',
    ])
      expect((await fetch(`${url}${path}`, { headers: { host } })).status).toBe(401);
    const write = await fetch(`${url}/api/sites`, {
      method: 'POST',
      headers: { host, origin: `http://${host}`, 'content-type': 'application/json' },
      body: '{"name":"x"}',
    });
    expect([401, 403]).toContain(write.status);
  }
  const page = await (await browser.newContext()).newPage();
  await page.goto(`${url}/`);
  await expect(page).toHaveURL(/\/sign-in\?to=%2F/);
  await page.getByLabel('Your name').fill('Mirela');
  await page.getByLabel('Passphrase').fill('something else');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toContainText('not the passphrase');
  await page.getByLabel('Your name').fill('Mirela');
  await page.getByLabel('Passphrase').fill('seven brass knockers');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('button', { name: 'Plan the first door' })).toBeVisible();
  await expect(page.locator('html[data-alive]')).toHaveCount(1);
  await page.getByRole('button', { name: 'Plan the first door' }).click();
  await expect(page.locator('header').getByText('Saved', { exact: true })).toBeVisible();
  // The log keeps who signed in, not what the request says.
  const log = (await (await page.request.get(`${url}/api/sites/site/edits`)).json()) as {
    edits: { author: string }[];
  };
  expect(log.edits[0]?.author).toBe('Mirela');
  // Signed out, the tab keeps what is typed, and says what to do.
  await page.context().clearCookies();
  await page.getByLabel('Name of the door').fill('Attic');
  await page.keyboard.press('Tab');
  await expect(page.getByText('Not saved: sign in')).toBeVisible();
  expect((await page.request.get(`${url}/api/sites`)).status()).toBe(401);
  await page.close();

  // Ended by a signal, everything is in the one file.
  child.kill('SIGTERM');
  expect(await ended).toBe(0);
  expect(existsSync(`${data}-wal`)).toBe(false);
  const db = new Database(data, { readonly: true });
  expect(db.prepare('select count(*) as n from edits').get()).toMatchObject({ n: 2 });
  db.close();
});

test('wrong passphrases are slowed down', async () => {
  const { child, ended } = start({ HOST: '0.0.0.0' });
  await answers();
  const attempt = () =>
    fetch(`${url}/api/sign-in`, {
      method: 'POST',
      redirect: 'manual',
      headers: { origin: url, 'content-type': 'application/x-www-form-urlencoded' },
      body: 'name=x&passphrase=guess&to=/',
    });
  const statuses: number[] = [];
  for (let tries = 0; tries < 8; tries += 1) statuses.push((await attempt()).status);
  expect(statuses.slice(0, 5)).toEqual([303, 303, 303, 303, 303]);
  expect(statuses.at(-1)).toBe(429);
  // What a stranger says of where he comes from is not believed.
  const forged = await fetch(`${url}/api/sign-in`, {
    method: 'POST',
    redirect: 'manual',
    headers: {
      origin: url,
      'content-type': 'application/x-www-form-urlencoded',
      'x-forwarded-for': '9.9.9.9',
    },
    body: 'name=x&passphrase=guess&to=/',
  });
  expect(forged.status).toBe(429);
  // Somebody else, there too, is let in all the while, and any number side by side.
  const right = (name: string, forged: string) =>
    fetch(`${url}/api/sign-in`, {
      method: 'POST',
      redirect: 'manual',
      headers: {
        origin: url,
        'content-type': 'application/x-www-form-urlencoded',
        'x-forwarded-for': forged,
      },
      body: new URLSearchParams({ name, passphrase: 'seven brass knockers', to: '/' }).toString(),
    });
  const many = await Promise.all(Array.from({ length: 12 }, (_, n) => right(`Ines ${n % 3}`, `1.2.3.${n}`)));
  expect(many.map(({ headers }) => headers.get('set-cookie') !== null)).toEqual(many.map(() => true));
  child.kill('SIGTERM');
  await ended;
});

test('codes are shown to whoever signs in with the passphrase for them, and to nobody else', async ({
  browser,
}) => {
  const { child, ended } = start({ HOST: '0.0.0.0', ALDABA_CODES_PASSPHRASE: 'nine iron hinges' });
  await answers();
  const signedIn = async (name: string, passphrase: string) => {
    const page = await (await browser.newContext()).newPage();
    await page.goto(`${url}/sign-in`);
    await page.getByLabel('Your name').fill(name);
    await page.getByLabel('Passphrase').fill(passphrase);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.locator('html[data-alive]')).toHaveCount(1);
    return page;
  };
  const holder = await signedIn('Ines', 'nine iron hinges');
  const file = readFileSync(new URL('../demo/quillhaven.json', import.meta.url), 'utf8');
  const imported = await holder.request.post(`${url}/api/import`, {
    data: file,
    headers: { 'content-type': 'application/json', origin: url },
  });
  const { site } = (await imported.json()) as { site: string };
  await holder.goto(`${url}/s/${site}/doors/D05/program`);
  await expect(holder.getByRole('region', { name: 'Keys to press at K1' })).toBeVisible();
  const other = await signedIn('Odd', 'seven brass knockers');
  for (const path of ['changes?secrets=include', 'export.json?secrets=include', 'controllers/D02/K1'])
    expect([path, (await other.request.get(`${url}/api/sites/${site}/${path}`)).status()]).toEqual([
      path,
      403,
    ]);
  // Another way of writing an address leads nowhere.
  for (const path of ['//api', '/api/', '/api/.', '/api/%2e'])
    expect([
      path,
      (await other.request.get(`${url}${path}/sites/${site}/controllers/D02/K1`)).status(),
    ]).not.toEqual([path, 200]);
  await other.goto(`${url}/s/${site}/doors/D05/program`);
  await expect(other.getByText('are not shown with your passphrase')).toBeVisible();
  await expect(other.getByText('Signed in without codes')).toBeVisible();
  // What is no code they change like anybody.
  await other.goto(`${url}/s/${site}/doors/D05/brief`);
  await other.getByLabel('Name of the door').fill('Bindery');
  await other.keyboard.press('Tab');
  await expect(other.locator('header').getByText('Saved', { exact: true })).toBeVisible();
  child.kill('SIGTERM');
  await ended;
});

test('who is signed in is listed, and a session that is ended shows, saves and hears nothing any more', async ({
  browser,
}) => {
  const { child, ended } = start({
    HOST: '0.0.0.0',
    ALDABA_PASSPHRASE: 'seven brass knockers',
    ALDABA_CODES_PASSPHRASE: 'nine iron hinges',
  });
  await answers();
  const signedIn = async (name: string, passphrase: string) => {
    const page = await (await browser.newContext()).newPage();
    await page.goto(`${url}/sign-in`);
    await page.getByLabel('Your name').fill(name);
    await page.getByLabel('Passphrase').fill(passphrase);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.locator('html[data-alive]')).toHaveCount(1);
    return page;
  };
  const ines = await signedIn('Ines', 'nine iron hinges');
  const odd = await signedIn('Odd', 'seven brass knockers');
  const cookie = (await odd.context().cookies())[0]?.value ?? '';
  // A line that Odd's session opened, as a tab has it.
  const line = await fetch(`${url}/api/sites/site/events`, {
    headers: { cookie: `aldaba_session=${cookie}` },
  });
  expect(line.status).toBe(200);
  const heard = line.text();
  await ines.getByRole('button', { name: 'Settings' }).click();
  await ines.getByRole('menuitem', { name: 'Who is signed in…' }).click();
  const list = ines.getByRole('dialog', { name: 'Who is signed in' });
  await expect(list.getByRole('listitem').filter({ hasText: 'This browser' })).toBeVisible();
  // Whose passphrase does not show codes ends sessions of their own name only.
  const ids = (await (await odd.request.get(`${url}/api/sessions`)).json()) as {
    sessions: { id: string; name: string; mayEnd: boolean }[];
  };
  const other = ids.sessions.find(({ name }) => name === 'Ines')!;
  expect(other.mayEnd).toBe(false);
  const refused = await odd.request.delete(`${url}/api/sessions/${other.id}`, { headers: { origin: url } });
  expect(refused.status()).toBe(403);
  await list
    .getByRole('button', { name: /^Sign out Odd/ })
    .first()
    .click();
  await expect(list.getByRole('button', { name: /^Sign out Odd/ })).toHaveCount(
    ids.sessions.filter(({ name }) => name === 'Odd').length - 1,
  );
  expect(await heard).toContain('data:');
  for (const path of ['/api/sites', '/api/sites/site/events', '/api/sites/site/export.json'])
    expect((await odd.request.get(`${url}${path}`)).status()).toBe(401);
  // Signing out ends the session at the server, not only in the browser that forgets it.
  const own = (await ines.context().cookies())[0]?.value ?? '';
  await ines.keyboard.press('Escape');
  await ines.getByRole('button', { name: 'Settings' }).click();
  await ines.getByRole('menuitem', { name: 'Sign out Ines' }).click();
  await expect(ines).toHaveURL(/\/sign-in/);
  const kept = await fetch(`${url}/api/sites`, { headers: { cookie: `aldaba_session=${own}` } });
  expect(kept.status).toBe(401);
  child.kill('SIGTERM');
  await ended;
});

test('a damaged file opens as far as it can be read, says what is whole, and is written to no more', async ({
  page,
}) => {
  const file = join(folder, 'damaged.db');
  const db = openDatabase(file);
  createSite(db, quillhaven(), { author: '', at: new Date().toISOString() });
  const leaf = db.$client
    .prepare("select pageno from dbstat where name = 'conductors' order by pageno desc")
    .get() as { pageno: number };
  db.$client.pragma('wal_checkpoint(TRUNCATE)');
  db.$client.close();
  const bytes = readFileSync(file);
  bytes.fill(0xa5, (leaf.pageno - 1) * 4096, leaf.pageno * 4096);
  writeFileSync(file, bytes);
  const { child, ended } = start({ HOST: '127.0.0.1', ALDABA_DATA: file });
  await answers('/');
  await page.goto(`${url}/s/quillhaven/doors/D01/wire`);
  await expect(page.locator('html[data-alive]')).toHaveCount(1);
  await expect(page.getByText('nothing can be saved until a backup is put back')).toBeVisible();
  // A door of which a wire may be missing passes nothing.
  await expect(page.getByText('Not judged', { exact: true })).toBeVisible();
  await page.goto(`${url}/s/quillhaven/doors/D01/prove`);
  await expect(page.getByText('is not judged while the database file is damaged')).toBeVisible();
  await page.getByRole('button', { name: 'What to do' }).click();
  const dialog = page.getByRole('dialog', { name: 'The database file is damaged' });
  await expect(dialog.getByText(/D01, D02/)).toBeVisible();
  await expect(dialog.getByText('restore FILE')).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('link', { name: 'Export what can be read' }).click(),
  ]);
  expect(readAldaba(JSON.parse(readFileSync(await download.path(), 'utf8')))).toMatchObject({ ok: true });
  expect((await page.request.get(`${url}/api/health`)).status()).toBe(503);
  expect((await page.request.get(`${url}/api/sites/quillhaven/doors/D01/pack.pdf`)).status()).toBe(503);
  await page.keyboard.press('Escape');
  const answer = await page.request.post(`${url}/api/sites/quillhaven/edits`, {
    data: { base: 1, author: '', edits: [] },
    headers: { origin: url },
  });
  expect([answer.status(), ((await answer.json()) as { error: { code: string } }).error.code]).toEqual([
    503,
    'damaged',
  ]);
  child.kill('SIGTERM');
  await ended;
});
