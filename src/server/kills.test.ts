import { spawn } from 'node:child_process';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writeAldaba } from '#core/formats/index';
import { siteOf } from '../../core/specimens/site';
import { isSoak } from '../../scripts/testSlice';
import { openDatabase } from './db/open';
import { loadPlan } from './db/planRepository';
import { inspect } from './inspect';
import { createSite, listSites } from './sites/siteList';
import { bundled, bundledAldaba } from '../../scripts/bundledCli';

/** What becomes of files where a process is killed in the middle of a backup, a restore, a migration or an import: all or nothing. */

const folder = mkdtempSync(join(tmpdir(), 'aldaba-kills-'));
const [before, after, old] = ['before.db', 'after.db', 'old.db'].map((name) => join(folder, name)) as [
  string,
  string,
  string,
];
const plan = siteOf({ doors: 40 });
const other = siteOf({ doors: 12 });
const at = '2026-12-01T10:00:00.000Z';

function write(file: string, ...plans: readonly (typeof plan)[]): void {
  const db = openDatabase(file);
  for (const one of plans) createSite(db, one, { author: '', at });
  db.$client.close();
}
beforeAll(() => {
  write(before, plan);
  write(after, { ...other, site: { ...other.site, id: 'other', name: 'Other' } }, plan);
  // A file as the version before this one left it.
  copyFileSync(before, old);
  const raw = new Database(old);
  raw.exec(
    'drop table sessions; delete from __drizzle_migrations where created_at = (select max(created_at) from __drizzle_migrations)',
  );
  raw.close();
  bundledAldaba();
  removal = bundled('removal', REMOVAL);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Takes a site out, as the server does. */
const REMOVAL = `
  import { removeSite } from './src/server/sites/siteList';
  import { database } from './src/server/db/shared';
  removeSite(database(), process.argv[2]);
`;
let removal = '';

/** Runs a command, or the removal of a site, on a database as a process of its own; killed after so many ms. How long it took, or null where it was killed. */
const run = (data: string, args: readonly string[], kill: number | null): Promise<number | null> =>
  new Promise((resolve) => {
    const start = performance.now();
    const script = args[0] === 'remove' ? [removal, ...args.slice(1)] : [bundledAldaba(), ...args];
    const child = spawn(process.execPath, script, {
      stdio: 'ignore',
      env: { ...process.env, ALDABA_DATA: data },
    });
    const timer = kill === null ? undefined : setTimeout(() => child.kill('SIGKILL'), kill);
    child.on('exit', (code) => {
      clearTimeout(timer);
      resolve(code === null ? null : performance.now() - start);
    });
  });

let made = 0;
/** A folder of its own with a database in it. */
function workshop(from: string): { readonly at: string; readonly data: string } {
  const place = join(folder, `w${(made += 1)}`);
  mkdirSync(place);
  const data = join(place, 'aldaba.db');
  copyFileSync(from, data);
  return { at: place, data };
}

/** Kills a command at moments spread over the time that it takes, and looks at what is left each time. */
async function killed(
  from: string,
  args: (place: string) => string[],
  look: (place: string, data: string, whole: boolean) => void,
): Promise<number> {
  const calm = workshop(from);
  const takes = (await run(calm.data, args(calm.at), null)) ?? 0;
  look(calm.at, calm.data, true);
  const times = isSoak ? 40 : 3;
  let cut = 0;
  // A machine whose speed swings can be through with it before the last of these: then sooner, until one is cut short.
  for (let n = 0; n < times || (cut === 0 && n < times + 8); n += 1) {
    const { at: place, data } = workshop(from);
    const share = n < times ? 0.3 + (0.75 * n) / times : 0.3 / 2 ** (n - times + 1);
    const ended = await run(data, args(place), takes * share);
    if (ended === null) cut += 1;
    look(place, data, ended !== null);
    rmSync(place, { recursive: true, force: true });
  }
  return cut;
}

/** The sites of a database, opened as the next start would; each read whole. */
function sitesOf(data: string): string[] {
  const db = openDatabase(data);
  try {
    expect(db.$client.pragma('integrity_check', { simple: true })).toBe('ok');
    expect(db.$client.pragma('foreign_key_check')).toEqual([]);
    const sites = listSites(db).map(({ id }) => id);
    for (const id of sites)
      expect(Object.keys(loadPlan(db, id)!.plan.doors)).toHaveLength(id === 'other' ? 12 : 40);
    return sites.sort();
  } finally {
    db.$client.close();
  }
}
const both = ['other', plan.site.id].sort();

describe('a process that is killed in the middle', () => {
  it('of a backup leaves none, or a whole one', async () => {
    const cut = await killed(
      before,
      (place) => ['backup', join(place, 'copy.db')],
      (place, data, whole) => {
        const copy = join(place, 'copy.db');
        if (whole) expect(existsSync(copy)).toBe(true);
        if (existsSync(copy)) {
          const found = inspect(copy);
          expect(found).toMatchObject({ ok: true });
          if (found.ok) found.done();
        }
        expect(sitesOf(data)).toEqual([plan.site.id]);
      },
    );
    expect(cut).toBeGreaterThan(0);
  }, 600_000);
  it('of a restore leaves what was there, or what comes back', async () => {
    await killed(
      before,
      () => ['restore', after, '--as-it-is'],
      (_, data, whole) => {
        const sites = sitesOf(data);
        if (whole || sites.length > 1) expect(sites).toEqual(both);
        else expect(sites).toEqual([plan.site.id]);
      },
    );
  }, 600_000);
  it('of a migration leaves a file that the next start brings up to date, and of its backup all or none', async () => {
    await killed(
      old,
      (place) => ['backup', join(place, 'copy.db')],
      (place, data) => {
        const backups = join(place, 'backups');
        for (const name of existsSync(backups)
          ? readdirSync(backups).filter((one) => one.endsWith('.db'))
          : []) {
          const raw = new Database(join(backups, name), { readonly: true });
          expect(raw.pragma('integrity_check', { simple: true })).toBe('ok');
          expect(raw.prepare('select count(*) as n from doors').get()).toEqual({ n: 40 });
          raw.close();
        }
        expect(sitesOf(data)).toEqual([plan.site.id]);
      },
    );
  }, 600_000);
  it('of an import leaves the site whole, or not there', async () => {
    const file = join(folder, 'other.json');
    writeFileSync(
      file,
      JSON.stringify(writeAldaba({ ...other, site: { ...other.site, id: 'other' } }, { secrets: true })),
    );
    await killed(
      before,
      () => ['import', file],
      (_, data, whole) => {
        const sites = sitesOf(data);
        if (whole || sites.length > 1) expect(sites).toEqual(both);
        else expect(sites).toEqual([plan.site.id]);
      },
    );
  }, 600_000);
  it('of a removal leaves the site whole, or none of it', async () => {
    await killed(
      after,
      () => ['remove', plan.site.id],
      (_, data, whole) => {
        const sites = sitesOf(data);
        if (whole || sites.length < 2) expect(sites).toEqual(['other']);
        else expect(sites).toEqual(both);
        const raw = new Database(data, { readonly: true });
        const rows = raw.prepare('select count(*) as n from devices where site = ?').get(plan.site.id) as {
          n: number;
        };
        expect(rows.n > 0).toBe(sites.length === 2);
        raw.close();
      },
    );
  }, 600_000);
});
