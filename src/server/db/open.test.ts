import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { blankCard, blankPerson } from '#core/plan/index';
import { magnetDoor, mustApply, strikeDoor } from '../../../core/specimens/doors';
import { backupBeside, backupTo } from '../backup';
import { restoreFrom } from '../restore';
import { liveSite } from '../sites/liveSite';
import { createSite, listSites, removeSite } from '../sites/siteList';
import { submitEdits } from '../sites/submit';
import { openDatabase } from './open';
import { DatabaseError } from './openError';
import { loadPlan } from './planRepository';
import { closeDatabase, database } from './shared';

const at = '2026-11-24T10:00:00.000Z';
let folder: string;
let path: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'aldaba-db-'));
  path = join(folder, 'deep', 'aldaba.db');
  vi.stubEnv('ALDABA_DATA', path);
});
afterEach(() => {
  closeDatabase();
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true, force: true });
});
const problem = (file: string): string => {
  try {
    openDatabase(file).$client.close();
  } catch (error) {
    if (error instanceof DatabaseError) return error.message;
    throw error;
  }
  return '';
};

describe('openDatabase', () => {
  it('makes folder and file, for the owner alone, and overwrites what is deleted', () => {
    const db = openDatabase(path);
    expect(statSync(path).mode & 0o777).toBe(0o600);
    expect(db.$client.pragma('secure_delete', { simple: true })).toBe(1);
    expect(db.$client.pragma('journal_mode', { simple: true })).toBe('wal');
    db.$client.close();
    // A file that others could read is closed to them when it is opened.
    chmodSync(path, 0o644);
    openDatabase(path).$client.close();
    expect(statSync(path).mode & 0o777).toBe(0o600);
  });
  it('says in one sentence which file cannot be used, and why', () => {
    const text = join(folder, 'text.db');
    writeFileSync(text, 'no database, and long enough to be looked at '.repeat(40));
    expect(problem(text)).toBe(
      `The database ${text} cannot be used: it is not a database. Choose another file with ALDABA_DATA, or restore a backup.`,
    );
    mkdirSync(join(folder, 'sub'));
    expect(problem(join(folder, 'sub'))).toContain('it is a folder, not a file');
    expect(problem(join(text, 'x.db'))).toContain('a part of the path is a file');
  });
  it('leaves a database alone that a newer version has migrated', () => {
    const db = openDatabase(path);
    db.$client.exec(
      "insert into __drizzle_migrations (hash, created_at) values ('from the future', 9999999999999)",
    );
    db.$client.close();
    expect(problem(path)).toContain('written by a newer version');
    const raw = new Database(path, { readonly: true });
    expect(raw.prepare('select count(*) as n from __drizzle_migrations').get()).toMatchObject({ n: 16 });
    raw.close();
  });
  it('says where pages of the file are damaged', () => {
    const db = openDatabase(path);
    createSite(db, quillhaven(), { author: '', at });
    db.$client.pragma('wal_checkpoint(TRUNCATE)');
    db.$client.close();
    const raw = new Database(path);
    const size = statSync(path).size;
    raw.close();
    expect(size).toBeGreaterThan(8192);
    writeFileSync(path, Buffer.alloc(size, 7));
    expect(problem(path)).toContain('it is not a database');
  });
});

describe('the server’s own database', () => {
  it('is one, until it is closed; then everything is in the one file', () => {
    expect(database()).toBe(database());
    createSite(database(), magnetDoor(), { author: '', at });
    expect(existsSync(`${path}-wal`)).toBe(true);
    closeDatabase();
    expect(existsSync(`${path}-wal`)).toBe(false);
    expect(loadPlan(database(), 'test')?.plan).toEqual(magnetDoor());
    closeDatabase();
    closeDatabase();
  });
});

describe('a backup', () => {
  it('is the whole database in one file, taken while others write, readable by the owner alone', async () => {
    const db = database();
    createSite(db, quillhaven(), { author: '', at });
    const file = join(folder, 'out', 'backup.db');
    await backupTo(db, file);
    expect(statSync(file).mode & 0o777).toBe(0o600);
    removeSite(db, 'quillhaven');
    const copy = openDatabase(file);
    expect(loadPlan(copy, 'quillhaven')?.plan).toEqual(quillhaven());
    copy.$client.close();
  });
  it('goes beside the database under a name that says what for', async () => {
    const file = await backupBeside(database(), 'before removing Tür/x', new Date(at));
    expect(file.startsWith(join(folder, 'deep', 'backups'))).toBe(true);
    expect(file).toMatch(/aldaba-before_removing_T_r_x-2026-11-24T10-00-00-000Z\.db$/);
  });

  it('is put back in one go, counting on from whichever was further', async () => {
    const db = database();
    createSite(db, strikeDoor(), { author: '', at });
    const file = join(folder, 'backup.db');
    await backupTo(db, file);
    const edit = { kind: 'setDoor', id: 'D01', patch: { name: 'after the backup' } };
    for (let n = 0; n < 3; n += 1)
      submitEdits(db, 'test', { base: 1 + n, author: '', at, edits: [{ id: `edit-${n}-xxx`, edit }] });
    createSite(db, magnetDoor(), { author: '', at });
    expect(liveSite(db, 'test')?.revision).toBe(4);

    const restored = await restoreFrom(db, file, new Date(at));
    expect(restored).toMatchObject({ ok: true, sites: [{ id: 'test', name: 'Test site' }] });
    expect(listSites(db)).toEqual([{ id: 'test', name: 'Test site' }]);
    expect(liveSite(db, 'test')).toMatchObject({ revision: 5, plan: strikeDoor() });
    // What was there before is kept, and can be put back in turn.
    const before = readdirSync(join(folder, 'deep', 'backups'));
    expect(before).toHaveLength(1);
    const back = await restoreFrom(db, join(folder, 'deep', 'backups', before[0]!), new Date());
    expect(back).toMatchObject({ ok: true });
    expect(liveSite(db, 'test')?.plan.doors['D01']?.name).toBe('after the backup');
    expect(listSites(db)).toHaveLength(2);
  });
  it('that is none does nothing', async () => {
    const db = database();
    createSite(db, strikeDoor(), { author: '', at });
    const file = join(folder, 'text.db');
    writeFileSync(file, 'not a database at all '.repeat(100));
    const result = await restoreFrom(db, file, new Date(at));
    expect(result).toMatchObject({ ok: false });
    expect(!result.ok && result.message).toContain('Nothing was changed');
    expect(liveSite(db, 'test')?.revision).toBe(1);
  });
  it('of an older version comes back migrated', async () => {
    const db = database();
    const person = { ...blankPerson('P1', 'Ines'), cards: [blankCard(71, 2001)] };
    const plan = mustApply(strikeDoor(), { kind: 'addPerson', person });
    createSite(db, plan, { author: '', at });
    const file = join(folder, 'old.db');
    await backupTo(db, file);
    const old = new Database(file);
    // As it was before edits had names and the server had settings.
    old.exec(
      'drop index edits_id; alter table edits drop column edit_id; drop table server_settings; drop table withdrawn_edits',
    );
    // And before changes could be taken back from the log, and what is assumed was kept.
    old.exec(
      'drop table edit_backs; drop table scenarios; drop table spaces; drop table sides; drop table zones; drop table calendars; drop table hours; drop table access_levels; drop table keypad_languages; drop table card_formats; drop table simulated_controllers; drop table sessions',
    );
    const later = {
      conductors: ['assumed'],
      devices: ['leaf'],
      doors: ['last_wire', 'expectations', 'free_passage', 'opening_hours'],
      people: ['group_name', 'levels', 'valid_from', 'valid_until', 'cards', 'fingers', 'phone'],
      readings: ['meter', 'serial', 'withdrawn'],
      sites: ['company', 'contact', 'reference', 'last_door', 'time_zone'],
    };
    old.exec(
      'alter table people add column card_facility integer; alter table people add column card_number integer',
    );
    old.exec('update people set card_facility = 71, card_number = 2001');
    for (const [table, columns] of Object.entries(later))
      for (const column of columns) old.exec(`alter table ${table} drop column ${column}`);
    old.exec(
      'delete from __drizzle_migrations where created_at in (select created_at from __drizzle_migrations order by created_at desc limit 13)',
    );
    old.close();
    expect(await restoreFrom(db, file, new Date(at))).toMatchObject({ ok: true });
    expect(liveSite(db, 'test')?.plan).toEqual(plan);
    // A server that starts on it keeps it as it was before it brings it up to date.
    openDatabase(file).$client.close();
    const kept = join(folder, 'backups', readdirSync(join(folder, 'backups'))[0]!);
    expect(kept).toMatch(/old-before-migration-\d+\.db$/);
    const before = new Database(kept, { readonly: true });
    expect(
      before.prepare("select count(*) as n from sqlite_master where name = 'server_settings'").get(),
    ).toEqual({ n: 0 });
    before.close();
  });
});
