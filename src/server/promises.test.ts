import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { secretTables, type Edit, type Plan } from '#core/plan/index';
import { everything } from '../../core/specimens/everything';
import { mustApply } from '../../core/specimens/doors';
import { refusalOf } from './access/guard';
import { keepHeld } from './controllers';
import { closeDatabase, database } from './db/shared';
import type { Endpoint } from './endpoint';
import { createSite } from './sites/siteList';
import { submitEdits } from './sites/submit';

/** What the server promises of codes, cards and what keypads and controllers hold: every endpoint, every right, every way of writing an address. */

const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE', 'ALL'] as const;
const root = join(import.meta.dirname, '../pages/api');
const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.ts'));
const endpoints = (
  await Promise.all(
    files.sort().map(async (file) => {
      const module = (await import(join(root, file))) as Partial<Record<(typeof METHODS)[number], Endpoint>>;
      return METHODS.flatMap((method) => {
        const act = module[method];
        return act ? [{ file, method, act }] : [];
      });
    }),
  )
).flat();

let folder: string;
const at = '2026-12-01T10:00:00.000Z';
/** Every secret of this site is a text that stands nowhere else. */
const SECRETS = ['480216', '731946', '7311', '54321', '98765', '616263'];
function site(): Plan {
  const plan = everything();
  const cards = plan.people['P1']!.cards.map((card, n) => ({
    ...card,
    facility: n === 0 ? 7311 : card.facility,
    number: [54_321, 98_765][n] ?? card.number,
  }));
  return mustApply(plan, { kind: 'setPerson', id: 'P1', patch: { cards } });
}
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'aldaba-promises-'));
  vi.stubEnv('ALDABA_DATA', join(folder, 'x.db'));
  createSite(database(), site(), { author: '', at });
  // The log holds codes of before.
  const edit: Edit = { kind: 'setPerson', id: 'P1', patch: { code: '616263' } };
  submitEdits(database(), 'test', { base: 1, author: '', at, edits: [{ id: 'edit-1-xxxx', edit }] });
});
afterEach(() => {
  closeDatabase();
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true, force: true });
});

async function call(act: Endpoint, codes: boolean, search = '', body?: unknown) {
  const url = new URL(`http://127.0.0.1/x${search}`);
  const headers = { 'content-type': 'application/json' };
  const request = new Request(
    url,
    body === undefined ? {} : { method: 'POST', headers, body: JSON.stringify(body) },
  );
  const params = { site: 'test', door: 'D01', tag: 'K1', revision: '2' };
  const response = await act({
    params,
    request,
    url,
    locals: { who: 'x', codes },
    clientAddress: '127.0.0.1',
  } as never);
  const stream = response.headers.get('content-type')?.startsWith('text/event-stream');
  if (stream) await response.body?.cancel();
  return { status: response.status, text: stream ? '' : await response.text() };
}
/** Ways of asking for more than is shown; what draws a picture, which takes long, is asked in the plain ones. */
const SEARCHES = [
  '',
  '?secrets=include',
  '?since=-1',
  '?since=0&secrets=include',
  '?from=1&to=2',
  '?limit=99',
];
const edits = (...list: readonly Edit[]) => ({
  base: 2,
  author: '',
  edits: list.map((edit, index) => ({ id: `edit-2-${index}-xx`, edit })),
});

describe('every endpoint', () => {
  it('says what it needs and what it gives', () => {
    expect(files.length).toBeGreaterThan(15);
    const silent = endpoints
      .filter(({ act }) => !('declared' in act))
      .map(({ file, method }) => `${method} ${file}`);
    expect(silent).toEqual([]);
  });
  it('that needs codes answers nobody else', async () => {
    const needing = endpoints.filter(({ act }) => act.declared.needs === 'codes');
    expect(needing.map(({ file, method }) => `${method} ${file}`).sort()).toEqual([
      'DELETE sites/[site]/index.ts',
      'GET sites/[site]/controllers/[door]/[tag].ts',
      'PATCH sites/[site]/controllers/[door]/[tag].ts',
      'POST sites/[site]/controllers/[door]/[tag].ts',
      'PUT sites/[site]/controllers/[door]/[tag].ts',
    ]);
    for (const { act } of needing) expect(await call(act, false, '', {})).toMatchObject({ status: 403 });
  });
  it('gives no secret to whoever may not see them, asked for or not', async () => {
    expect(JSON.stringify(secretTables(site()))).toContain('480216');
    keepHeld(database(), 'test', 'D01/K1', { configuration: { code: '731946' } as never });
    for (const { file, method, act } of endpoints.filter((one) => one.method === 'GET'))
      for (const search of SEARCHES.filter(
        (one) => !/\.(pdf|svg)/.test(file) || ['', '?secrets=include'].includes(one),
      )) {
        const { status, text } = await call(act, false, search);
        expect([file, method, search, status < 500]).toEqual([file, method, search, true]);
        expect([file, search, SECRETS.filter((secret) => text.includes(secret))]).toEqual([file, search, []]);
      }
  });
  it('gives them to whoever may', async () => {
    const of = (name: string) => endpoints.find(({ file, method }) => file === name && method === 'GET')!.act;
    expect((await call(of('sites/[site]/changes.ts'), true, '?secrets=include')).text).toContain('616263');
    expect((await call(of('sites/[site]/export.json.ts'), true, '?secrets=include')).text).toContain('54321');
    expect((await call(of('sites/[site]/edits/[revision]/back.ts'), true)).text).toContain('480216');
  });
});

describe('whoever may not see codes', () => {
  const post = endpoints.find(
    ({ file, method }) => file === 'sites/[site]/edits.ts' && method === 'POST',
  )!.act;
  it.each<[string, Edit]>([
    ['a person who has one', { kind: 'removePerson', id: 'P1' }],
    ['a keypad that holds some', { kind: 'removeDevice', id: 'D01/K1' }],
    ['a door with both', { kind: 'removeDoor', id: 'D01' }],
    [
      'a card, in a batch',
      { kind: 'batch', label: '', edits: [{ kind: 'setPerson', id: 'P1', patch: { cards: [] } }] },
    ],
  ])('takes none away with %s', async (_, edit) => {
    expect((await call(post, false, '', edits(edit))).status).toBe(403);
    const still = submitEdits(database(), 'test', { base: 2, author: '', at, edits: [] });
    expect(still?.revision).toBe(2);
  });
  it('still names, moves and takes out what holds none', async () => {
    const { status, text } = await call(
      post,
      false,
      '',
      edits(
        { kind: 'setPerson', id: 'P1', patch: { name: 'Ines R.' } },
        { kind: 'setDoor', id: 'D01', patch: { name: 'Elsewhere' } },
      ),
    );
    expect([status, text.includes('"kept"')]).toEqual([200, true]);
    expect(SECRETS.filter((secret) => text.includes(secret))).toEqual([]);
  });
});

describe('an address', () => {
  const at_ = (path: string) =>
    refusalOf({ method: 'GET', host: '127.0.0.1:4321', origin: null, path }, new Set(['127.0.0.1']));
  it.each([
    '//api/sites/test/controllers/D01/K1',
    '/api//sites/test/controllers/D01/K1',
    '/api/./sites/test',
    '/api/x/../sites/test/edits/2/back',
    '/api/%2e%2e/sites/test',
    '/api/%2E/sites',
    '/api/sites%2ftest/controllers/D01/K1',
    '/api\\sites\\test',
    '/api/sites/test%5Ccontrollers',
  ])('written as %s is none', (path) => {
    expect(at_(path)).toMatchObject({ status: 404 });
  });
  it.each([
    '/',
    '/s/test/doors/D01/wire',
    '/api/sites/test/changes',
    '/s/T%C3%BCr%203/doors',
    '/s/a.b/doors',
  ])('written as %s is one', (path) => expect(at_(path)).toBeNull());
});
