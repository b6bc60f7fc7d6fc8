import { copyFileSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { readAldaba, writeAldaba } from '#core/formats/index';
import { COLLECTIONS, type Plan } from '#core/plan/index';
import { quillhaven } from '#demo/quillhaven';
import { everything } from '../../core/specimens/everything';
import { magnetDoor } from '../../core/specimens/doors';
import { setPassphrase } from './access/keys';
import { backupTo } from './backup';
import { openDatabase, type Db } from './db/open';
import { loadPlan } from './db/planRepository';
import * as schema from './db/schema';
import { closeDatabase, database } from './db/shared';
import { ALL_TABLES, RESTORED_TABLES } from './db/tables';
import { inspect } from './inspect';
import { restoreFrom } from './restore';
import { createSite, listSites, removeSite } from './sites/siteList';
import { submitEdits } from './sites/submit';

const at = '2026-12-01T10:00:00.000Z';
let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'aldaba-restore-'));
  vi.stubEnv('ALDABA_DATA', join(folder, 'aldaba.db'));
});
afterEach(() => {
  closeDatabase();
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true, force: true });
});

const tablesOf = (raw: Database.Database): string[] =>
  (
    raw.prepare("select name from sqlite_master where type = 'table' and name not like 'sqlite_%'").all() as {
      name: string;
    }[]
  )
    .map(({ name }) => name)
    .filter((name) => name !== '__drizzle_migrations');

/** A row in every table that a plan does not fill. */
function fillTheRest(db: Db): void {
  db.insert(schema.controllers).values({ site: 'test', device: 'D01/K1', network: 'up' }).run();
  db.insert(schema.withdrawnEdits).values({ site: 'test', editId: 'withdrawn-1', at }).run();
}
const rowsOf = (raw: Database.Database, table: string): unknown[] =>
  raw.prepare(`select * from ${table} order by 1, 2`).all();

describe('what a backup puts back', () => {
  it('is every table of the schema but the server’s own, and the schema has every table of the file', () => {
    expect([...ALL_TABLES].sort()).toEqual(tablesOf(database().$client).sort());
    expect(ALL_TABLES.filter((name) => !RESTORED_TABLES.includes(name))).toEqual([
      'sessions',
      'server_settings',
    ]);
  });

  it('is every row of every table, at an old server and at an empty new one', async () => {
    const db = database();
    const plan = everything();
    expect(COLLECTIONS.filter((name) => Object.keys(plan[name]).length === 0)).toEqual([]);
    createSite(db, plan, { author: 'x', at });
    const edit = { kind: 'setDoor', id: 'D01', patch: { notes: 'kept' } };
    submitEdits(db, 'test', { base: 1, author: 'x', at, edits: [{ id: 'edit-1-xxxx', edit }] });
    fillTheRest(db);
    const empty = RESTORED_TABLES.filter((table) => rowsOf(db.$client, table).length === 0);
    expect(empty).toEqual([]);
    const rows = new Map(RESTORED_TABLES.map((table) => [table, rowsOf(db.$client, table)]));
    const file = join(folder, 'backup.db');
    await backupTo(db, file);

    const fresh = openDatabase(join(folder, 'new', 'aldaba.db'));
    await setPassphrase(fresh, 'of the new server');
    removeSite(db, 'test');
    createSite(db, magnetDoor(), { author: '', at });
    for (const target of [db, fresh]) {
      const settings = rowsOf(target.$client, 'server_settings');
      expect(await restoreFrom(target, file, new Date(at))).toMatchObject({ ok: true });
      for (const table of RESTORED_TABLES) {
        const now = rowsOf(target.$client, table);
        // The site counts one on, and its log says why.
        if (table === 'sites') expect(now).toHaveLength(1);
        else if (table === 'edits') expect(now.slice(0, -1)).toEqual(rows.get(table));
        else expect([table, now]).toEqual([table, rows.get(table)]);
      }
      expect(rowsOf(target.$client, 'server_settings')).toEqual(settings);
      const back = loadPlan(target, 'test')?.plan as Plan;
      const again = readAldaba(JSON.parse(JSON.stringify(writeAldaba(back, { secrets: true }))));
      expect(again.ok && again.plan).toEqual(back);
    }
    fresh.$client.close();
  });

  it('tells which sites go', async () => {
    const db = database();
    createSite(db, everything(), { author: '', at });
    const file = join(folder, 'backup.db');
    await backupTo(db, file);
    createSite(db, quillhaven(), { author: '', at });
    expect(await restoreFrom(db, file, new Date(at))).toMatchObject({
      sites: [{ id: 'test', doors: 1 }],
      gone: [{ id: 'quillhaven', name: 'Quillhaven Archive', doors: 14 }],
    });
  });
});

describe('a file that is no whole backup', () => {
  /** Nothing is changed, and why is said. */
  async function refused(file: string, why: RegExp): Promise<void> {
    const before = readFileSync(file);
    expect(inspect(file)).toMatchObject({ ok: false, message: expect.stringMatching(why) as string });
    const db = database();
    const result = await restoreFrom(db, file, new Date(at));
    expect(result).toMatchObject({ ok: false });
    expect(!result.ok && result.message).toMatch(why);
    expect(!result.ok && result.message).toContain('Nothing was changed');
    expect(listSites(db).map(({ id }) => id)).toEqual(['test']);
    expect(existsSync(join(folder, 'backups'))).toBe(false);
    expect(readFileSync(file).equals(before)).toBe(true);
  }
  beforeEach(() => void createSite(database(), everything(), { author: '', at }));
  const file = () => join(folder, 'other.db');

  it('an empty one, a text, and none at all', async () => {
    writeFileSync(file(), '');
    await refused(file(), /is empty/);
    writeFileSync(file(), 'no database '.repeat(1000));
    await refused(file(), /is not a database/);
    expect(inspect(join(folder, 'nowhere.db'))).toMatchObject({ ok: false });
  });
  it('a database without tables, and one of another program', async () => {
    const raw = new Database(file());
    raw.exec('create table t (a); drop table t');
    raw.close();
    await refused(file(), /holds nothing/);
    const other = new Database(file());
    other.exec('create table songs (title text)');
    other.close();
    await refused(file(), /of another program/);
  });
  it('one of Aldaba’s without a site', async () => {
    const db = openDatabase(join(folder, 'bare', 'aldaba.db'));
    await backupTo(db, file());
    db.$client.close();
    await refused(file(), /holds no site/);
  });
  it('the bare file of a server that runs; but with its WAL beside it, or when it had been stopped', async () => {
    const db = openDatabase(join(folder, 'running', 'aldaba.db'));
    createSite(db, quillhaven(), { author: '', at });
    copyFileSync(join(folder, 'running', 'aldaba.db'), file());
    await refused(file(), /holds nothing|works on, copied without/);
    db.$client.pragma('wal_checkpoint(PASSIVE)');
    submitEdits(db, 'quillhaven', {
      base: 1,
      author: '',
      at,
      edits: [{ id: 'edit-1-xxxx', edit: { kind: 'setDoor', id: 'D01', patch: { notes: 'in the WAL' } } }],
    });
    copyFileSync(join(folder, 'running', 'aldaba.db'), file());
    await refused(file(), /works on, copied without/);
    copyFileSync(join(folder, 'running', 'aldaba.db-wal'), `${file()}-wal`);
    expect(await restoreFrom(database(), file(), new Date(at))).toMatchObject({ ok: true });
    expect(loadPlan(database(), 'quillhaven')?.plan.doors['D01']?.notes).toBe('in the WAL');
    db.$client.close();
    rmSync(`${file()}-wal`);
    copyFileSync(join(folder, 'running', 'aldaba.db'), file());
    expect(await restoreFrom(database(), file(), new Date(at), { asItIs: true })).toMatchObject({ ok: true });
  });
  it('one whose pages are spoilt, or rows gone that others name', async () => {
    createSite(database(), quillhaven(), { author: '', at });
    await backupTo(database(), file());
    removeSite(database(), 'quillhaven');
    const bytes = readFileSync(file());
    const spoilt = Buffer.from(bytes);
    for (let page = 8; page < Math.min(40, bytes.length / 4096); page += 1)
      spoilt.fill(0xa5, page * 4096 + 60, page * 4096 + 2000);
    writeFileSync(file(), spoilt);
    await refused(file(), /is damaged|cannot be used|not whole/);
    writeFileSync(file(), bytes);
    const raw = new Database(file());
    raw.exec("pragma foreign_keys = off; delete from devices where id = 'D01/K1'");
    raw.close();
    await refused(file(), /belongs to nothing/);
  });
});
