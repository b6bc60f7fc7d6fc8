import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { readAldaba, writeAldaba } from '#core/formats/index';
import type { Plan } from '#core/plan/index';
import { POST } from '../../pages/api/sites/[site]/edits';
import { GET } from '../../pages/api/sites/[site]/export.json';
import { health, noteHealth } from '../health';
import { rescueOf } from '../rescue';
import { liveSite } from '../sites/liveSite';
import { createSite } from '../sites/siteList';
import { openDatabase, type Db } from './open';
import { loadWhatIsLeft } from './salvage';
import { closeDatabase, database } from './shared';

/** A site in a file whose pages are spoilt: what can be read is read, what is missing is named, and nothing is written any more. */

const PAGE = 4096;
let folder: string;
let path: string;
let site: Plan;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'aldaba-salvage-'));
  path = join(folder, 'x.db');
  vi.spyOn(console, 'error').mockImplementation(() => undefined);
  vi.stubEnv('ALDABA_DATA', path);
  site = quillhaven();
  createSite(database(), site, { author: '', at: '2026-12-01T10:00:00.000Z' });
  closeDatabase();
});
afterEach(() => {
  closeDatabase();
  // The damage is remembered for the whole process.
  noteHealth({ checked: null, damage: null });
  vi.unstubAllEnvs();
  vi.restoreAllMocks();
  rmSync(folder, { recursive: true, force: true });
});

/** Numbers of the pages of a table or index, the first of them its root. */
function pagesOf(name: string): number[] {
  const db = openDatabase(path);
  const rows = db.$client.prepare('select pageno from dbstat where name = ? order by pageno').all(name);
  db.$client.close();
  return (rows as { pageno: number }[]).map(({ pageno }) => pageno);
}

function spoil(pages: readonly number[]): void {
  const bytes = readFileSync(path);
  for (const page of pages) bytes.fill(0xa5, (page - 1) * PAGE + (page === 1 ? 100 : 0), page * PAGE);
  writeFileSync(path, bytes);
}
const left = (db: Db = database()) => loadWhatIsLeft(db, 'quillhaven');

describe('a site of a damaged file', () => {
  it('that is whole loses nothing', () => {
    expect(left()).toMatchObject({ plan: site, damage: { hurt: [], lost: {} } });
    expect(left()?.damage.whole).toHaveLength(Object.keys(site.doors).length);
  });
  it('with a spoilt page of wires opens, names the doors that are not whole, and is not written to', async () => {
    const leaf = pagesOf('conductors').at(-1)!;
    spoil([leaf]);
    const live = liveSite(database(), 'quillhaven')!;
    const kept = Object.keys(live.plan.conductors);
    const gone = Object.keys(site.conductors).filter((id) => !kept.includes(id));
    expect(gone.length).toBeGreaterThan(0);
    expect(kept.length).toBeGreaterThan(0);
    const hurt = new Set(gone.map((id) => id.split('/')[0]));
    expect(new Set(live.damage?.hurt)).toEqual(hurt);
    expect(live.damage?.lost).toEqual({ conductors: gone.length });
    expect(live.damage?.whole).toEqual(Object.keys(site.doors).filter((id) => !hurt.has(id)));
    // What is whole is as it was.
    for (const id of kept) expect(live.plan.conductors[id]).toEqual(site.conductors[id]);
    expect(health().damage).not.toBeNull();
    expect(rescueOf(live, path)).toMatchObject({
      hurt: [...hurt].sort(),
      lost: [{ what: 'wires', count: gone.length }],
      backup: null,
    });
    const body = JSON.stringify({ base: 1, author: '', edits: [] });
    const headers = { 'content-type': 'application/json' };
    const context = { params: { site: 'quillhaven' }, locals: { who: '', codes: true, session: '' } };
    const url = new URL('http://127.0.0.1/api/sites/quillhaven/edits');
    const post = new Request(url, { method: 'POST', headers, body });
    const refused = await POST({ ...context, url, request: post } as never);
    expect([refused.status, await refused.text()]).toEqual([
      503,
      expect.stringContaining('damaged') as string,
    ]);
    // What is exported can be taken in again.
    const got = await GET({ ...context, url, request: new Request(url) } as never);
    expect(readAldaba(await got.json())).toMatchObject({ ok: true });
  });
  it('that no longer tells the names of its wires says so, and calls no door whole', () => {
    spoil([...pagesOf('conductors').slice(-1), ...pagesOf('sqlite_autoindex_conductors_1')]);
    const found = left()!;
    expect(Object.keys(found.plan.conductors).length).toBeGreaterThan(0);
    expect(found.damage).toMatchObject({ whole: [], hurt: [], lost: { conductors: null } });
  });
  it('without its own row is gone', () => {
    spoil(pagesOf('sites'));
    expect(left()).toBeNull();
  });
  it('whatever was spoilt never gives what was not there, and what it gives fits together', () => {
    const whole = readFileSync(path);
    const pages = whole.length / PAGE;
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 2, max: pages }), { minLength: 1, maxLength: 6 }),
        (spoilt) => {
          closeDatabase();
          writeFileSync(path, whole);
          rmSync(`${path}-wal`, { force: true });
          rmSync(`${path}-shm`, { force: true });
          spoil(spoilt);
          let db: Db;
          try {
            db = database();
          } catch {
            // A file whose tables cannot even be counted does not open, and says so.
            return;
          }
          const found = left(db);
          if (!found) return;
          const { plan } = found;
          expect(readAldaba(JSON.parse(JSON.stringify(writeAldaba(plan, { secrets: true }))))).toMatchObject({
            ok: true,
          });
          for (const id of found.damage.whole)
            for (const [wire, one] of Object.entries(site.conductors))
              if (one.door === id) expect(plan.conductors[wire]).toEqual(one);
          for (const [id, one] of Object.entries(plan.devices))
            expect(one).toEqual(site.devices[id as keyof typeof site.devices]);
        },
      ),
      { numRuns: 15 },
    );
  });
});
