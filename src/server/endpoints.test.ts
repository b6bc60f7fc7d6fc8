import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { GET as getCompare } from '../pages/api/sites/[site]/compare';
import { GET as getChanges } from '../pages/api/sites/[site]/changes';
import { GET as getEdits, POST as postEdits } from '../pages/api/sites/[site]/edits';
import { DELETE as deleteSite, GET as getSite } from '../pages/api/sites/[site]/index';
import { POST as postSites } from '../pages/api/sites/index';
import { onChange } from './changes';
import { closeDatabase, database } from './db/shared';
import { createSite, listSites } from './sites/siteList';

type Handler = typeof postEdits;
let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'aldaba-endpoints-'));
  vi.stubEnv('ALDABA_DATA', join(folder, 'x.db'));
  createSite(database(), quillhaven(), { author: 'demo', at: '2026-11-24T10:00:00.000Z' });
});
afterEach(() => {
  closeDatabase();
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true, force: true });
});

async function call<T>(
  handler: unknown,
  {
    body,
    search = '',
    site = 'quillhaven',
    who = '',
    codes = true,
  }: { body?: unknown; search?: string; site?: string; who?: string; codes?: boolean } = {},
) {
  const url = new URL(`http://127.0.0.1/x${search}`);
  const headers = { 'content-type': 'application/json' };
  const request = new Request(
    url,
    body === undefined ? {} : { method: 'POST', headers, body: JSON.stringify(body) },
  );
  const response = await (handler as Handler)({
    params: { site },
    request,
    url,
    locals: { who, codes },
  } as unknown as Parameters<Handler>[0]);
  return {
    status: response.status,
    cache: response.headers.get('cache-control'),
    body: (await response.json()) as T,
  };
}
const edits = (base: number, ...list: object[]) => ({
  base,
  author: 'what the request says',
  edits: list.map((edit, index) => ({ id: `edit-${base}-${index}-x`, edit })),
});
const rename = (name: string) => ({ kind: 'setDoor', id: 'D05', patch: { name } });

describe('edits', () => {
  it('are answered one by one, logged newest first, and told to whoever listens', async () => {
    const heard: number[] = [];
    const off = onChange('quillhaven', (revision) => heard.push(revision));
    const { body } = await call<{ revision: number; answers: { code: string }[] }>(postEdits, {
      body: edits(1, rename('a'), { kind: 'explode' }, rename('b')),
    });
    expect(body.answers.map(({ code }) => code)).toEqual(['kept', 'refused', 'kept']);
    expect([body.revision, heard]).toEqual([3, [3]]);
    // Nothing kept, nothing told.
    await call(postEdits, { body: edits(3, { kind: 'explode' }) });
    expect(heard).toEqual([3]);
    off();
    const log = await call<{ edits: { revision: number; author: string }[] }>(getEdits, {
      search: '?limit=2',
    });
    expect(log.body.edits.map(({ revision }) => revision)).toEqual([3, 2]);
  });
  it('are by who signed in, whatever the request says; on a machine of one’s own by the name it gives', async () => {
    await call(postEdits, { body: edits(1, rename('a')), who: 'Mirela' });
    await call(postEdits, { body: edits(2, rename('b')) });
    const { body } = await call<{ edits: { author: string }[] }>(getEdits);
    expect(body.edits.slice(0, 2).map(({ author }) => author)).toEqual(['what the request says', 'Mirela']);
  });
  it('take a limit that makes no sense for the usual one', async () => {
    for (const search of ['?limit=', '?limit=x', '?limit=-7', '?limit=1e99', '?limit=0.5'])
      expect((await call(getEdits, { search })).status).toBe(200);
  });
  it('of a site that is not there are a 404 that says so', async () => {
    for (const handler of [getEdits, getSite, getChanges])
      expect(await call(handler, { site: 'nowhere' })).toMatchObject({
        status: 404,
        body: { error: { code: 'no-site' } },
      });
    expect(await call(postEdits, { site: 'nowhere', body: edits(1, rename('x')) })).toMatchObject({
      status: 404,
    });
  });
});

describe('changes', () => {
  const ask = (search: string) =>
    call<{
      catchUp: {
        revision: number;
        delta?: { set: object };
        plan?: { people: Record<string, { code: string }> };
      };
      secrets: { people: Record<string, { code: string }>; memories: object } | null;
    }>(getChanges, { search });
  it('since a revision are the difference; since one that nobody remembers, the site', async () => {
    await call(postEdits, { body: edits(1, rename('a')) });
    const { body } = await ask('?since=1');
    expect(Object.keys(body.catchUp.delta?.set ?? {})).toEqual(['doors']);
    for (const search of ['?since=99', '?since=x', '', '?since=-1'])
      expect((await ask(search)).body.catchUp.plan?.people).toBeDefined();
  });
  it('hold secrets only for who asks for them, and nobody keeps them', async () => {
    const open = await ask('');
    expect(open.body.secrets).toBeNull();
    expect(Object.values(open.body.catchUp.plan!.people).every(({ code }) => code === '')).toBe(true);
    const asked = await ask('?secrets=include');
    expect(asked.cache).toBe('no-store');
    expect(asked.body.secrets?.people).toEqual(quillhaven().people);
    expect(asked.body.secrets?.memories).toEqual(quillhaven().memories);
  });
});

describe('sites', () => {
  it('are made under an id that an address bears, and beside one of the same name', async () => {
    for (const id of ['archive-2', 'archive-2-2'])
      expect(await call(postSites, { body: { name: ' Archive 2! ' } })).toMatchObject({
        status: 201,
        body: { site: id },
      });
    expect(await call(postSites, { body: { name: '門' } })).toMatchObject({
      status: 201,
      body: { site: 'site' },
    });
    for (const name of ['', '   ', 'a\nb', '\ud800', 'x'.repeat(300)])
      expect([name.length, (await call(postSites, { body: { name } })).status]).toEqual([name.length, 422]);
  });
  it('are removed by their name alone, with a backup that holds them', async () => {
    expect(await call(deleteSite, { body: { name: 'quillhaven' } })).toMatchObject({ status: 422 });
    expect(listSites(database())).toHaveLength(1);
    const { body } = await call<{ backup: string }>(deleteSite, { body: { name: 'Quillhaven Archive' } });
    expect(body.backup).toMatch(/^backups\/x-before-removing-quillhaven-.*\.db$/);
    expect(existsSync(join(folder, body.backup))).toBe(true);
    expect(listSites(database())).toEqual([]);
    expect(await call(getSite)).toMatchObject({ status: 404 });
  });
});

describe('GET compare', () => {
  it('says what differs between two revisions, and refuses what is none', async () => {
    await call(postEdits, { body: edits(1, rename('Bindery'), rename('Bindery two')) });
    const get = (search: string) =>
      call<{ entries: { id: string; after: { name: string } }[]; error?: { code: string } }>(getCompare, {
        search,
      });
    const { body, cache } = await get('?from=1');
    expect(body).toMatchObject({ from: 1, to: 3, site: [] });
    expect(body.entries).toMatchObject([{ id: 'D05', after: { name: 'Bindery two' } }]);
    expect(cache).toBe('no-store');
    expect((await get('?from=1&to=2')).body.entries[0]?.after.name).toBe('Bindery');
    expect((await get('?from=2&to=2')).body.entries).toEqual([]);
    for (const search of ['?from=0', '?from=1&to=9', '?from=x', '?from=1e3'])
      expect(await get(search)).toMatchObject({ status: 422, body: { error: { code: 'no-such-revision' } } });
  });
});

describe('somebody whose passphrase does not show codes', () => {
  const person = Object.values(quillhaven().people).find(({ code }) => code !== '')!;
  it('reads none in what others have changed, and changes none', async () => {
    await call(postEdits, {
      body: edits(1, { kind: 'setPerson', id: person.id, patch: { code: '616263' } }),
    });
    const behind = await call(postEdits, { body: edits(1, rename('Elsewhere')), codes: false });
    expect(behind.status).toBe(200);
    expect(JSON.stringify(behind.body)).toContain(person.name);
    expect(JSON.stringify(behind.body)).not.toContain('616263');
    const seen = await call(postEdits, { body: edits(1, rename('Again')) });
    expect(JSON.stringify(seen.body)).toContain('616263');
    const memory = { device: 'D05/K1', programmingCode: '1', slots: {}, times: {} };
    for (const edit of [
      { kind: 'setPerson', id: person.id, patch: { code: '1' } },
      { kind: 'setPerson', id: person.id, patch: { cards: [] } },
      // As it was said before there could be several.
      { kind: 'setPerson', id: person.id, patch: { card: null } },
      { kind: 'setMemory', device: 'D05/K1', memory },
      { kind: 'batch', label: '', edits: [{ kind: 'setMemory', device: 'D05/K1', memory: null }] },
    ])
      expect([edit, (await call(postEdits, { body: edits(1, edit), codes: false })).status]).toEqual([
        edit,
        403,
      ]);
    const renamed = { kind: 'setPerson', id: person.id, patch: { group: 'Visitors' } };
    expect((await call(postEdits, { body: edits(1, renamed), codes: false })).status).toBe(200);
  });
});
