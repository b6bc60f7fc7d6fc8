import { existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { strikeDoor } from '../../core/specimens/doors';
import { openDatabase, type Db } from './db/open';
import { KEPT, pruneBackups, pruneDatabase } from './prune';
import { liveSite } from './sites/liveSite';
import { createSite } from './sites/siteList';
import { submitEdits } from './sites/submit';

const DAY = 86_400_000;
const now = new Date('2026-12-01T10:00:00Z');
const ago = (days: number) => new Date(now.getTime() - days * DAY);
let folder: string;
let data: string;
let db: Db;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'aldaba-prune-'));
  data = join(folder, 'aldaba.db');
  db = openDatabase(data);
  createSite(db, strikeDoor(), { author: '', at: ago(400).toISOString() });
});
afterEach(() => {
  db.$client.close();
  rmSync(folder, { recursive: true, force: true });
});

const rows = (sql: string): unknown[] => db.$client.prepare(sql).all();
/** So many changes of a door's name, one a submission. */
function rename(count: number, at: Date): void {
  const { revision } = liveSite(db, 'test')!;
  const edits = Array.from({ length: count }, (_, n) => ({
    id: `edit-${revision + n}-xxxx`,
    edit: { kind: 'setDoor', id: 'D01', patch: { name: `Door ${revision + n}` } },
  }));
  for (let n = 0; n < count; n += 400)
    submitEdits(db, 'test', {
      base: revision + n,
      author: '',
      at: at.toISOString(),
      edits: edits.slice(n, n + 400),
    });
}

describe('what is not kept for ever', () => {
  it('is what takes old changes back, beyond the newest; the log stays, and the site is as it was', () => {
    rename(1200, ago(200));
    const { plan, revision } = liveSite(db, 'test')!;
    const log = rows('select count(*) as n from edits');
    expect(pruneDatabase(db, now)).toEqual({ backs: 200, withdrawn: 0 });
    expect(rows('select min(revision) as low, count(*) as n from edit_backs')).toEqual([
      { low: revision - KEPT.backs + 1, n: KEPT.backs },
    ]);
    expect([rows('select count(*) as n from edits'), liveSite(db, 'test')?.plan]).toEqual([log, plan]);
    expect(pruneDatabase(db, now)).toEqual({ backs: 0, withdrawn: 0 });
  });
  it('is none of it where the changes are young, however many', () => {
    rename(1200, ago(KEPT.backDays - 1));
    expect(pruneDatabase(db, now).backs).toBe(0);
  });
  it('is the name of an edit that was refused, a month later', () => {
    const refuse = (id: string, days: number) =>
      submitEdits(db, 'test', {
        base: 1,
        author: '',
        at: ago(days).toISOString(),
        edits: [{ id, edit: { kind: 'no such' } }],
      });
    refuse('edit-old-xxxx', KEPT.withdrawnDays + 1);
    refuse('edit-new-xxxx', KEPT.withdrawnDays - 1);
    expect(pruneDatabase(db, now).withdrawn).toBe(1);
    expect(rows('select edit_id as id from withdrawn_edits')).toEqual([{ id: 'edit-new-xxxx' }]);
  });
  it('is an old backup of one occasion beyond the newest ten, and no other file', () => {
    const backups = join(folder, 'backups');
    expect(pruneBackups(data, now)).toEqual([]);
    mkdirSync(backups);
    const write = (name: string, days: number) => {
      writeFileSync(join(backups, name), 'x');
      utimesSync(join(backups, name), ago(days), ago(days));
    };
    for (let n = 0; n < 14; n += 1) write(`aldaba-before-restore-${n}.db`, 80 + n * 5);
    write('aldaba-daily-2025-01-01.db', 700);
    write('my own copy.db', 900);
    write('other-before-restore-0.db', 900);
    expect(pruneBackups(data, now)).toHaveLength(4);
    expect(readdirSync(backups)).toHaveLength(13);
    expect(existsSync(join(backups, 'aldaba-before-restore-9.db'))).toBe(true);
    expect(existsSync(join(backups, 'my own copy.db'))).toBe(true);
  });
});
