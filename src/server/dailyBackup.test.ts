import { existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { strikeDoor } from '../../core/specimens/doors';
import { dailyBackup, daysKept, RETENTION } from './dailyBackup';
import { openDatabase, type Db } from './db/open';
import { inspect } from './inspect';
import { createSite } from './sites/siteList';

const day = (n: number): string => new Date(Date.UTC(2026, 0, 1) + n * 86_400_000).toISOString().slice(0, 10);

describe('daily backups that stay', () => {
  it('are of the last seven days, four weeks, twelve months', () => {
    const kept = [...daysKept(Array.from({ length: 500 }, (_, n) => day(n)))].sort();
    expect(kept.slice(-7)).toEqual(Array.from({ length: 7 }, (_, n) => day(493 + n)));
    expect(kept.length).toBeLessThanOrEqual(RETENTION.days + RETENTION.weeks + RETENTION.months);
    // A year back there is still one.
    expect(kept[0]!.slice(0, 7)).toBe('2026-06');
  });
  it('are never fewer for one more, and the newest is always among them', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.nat(900), { minLength: 1, maxLength: 60 }), (list) => {
        const days = list.map(day);
        const kept = daysKept(days);
        expect(kept.has([...days].sort().at(-1)!)).toBe(true);
        expect([...kept].every((one) => days.includes(one))).toBe(true);
        expect(kept.size).toBeGreaterThanOrEqual(Math.min(days.length, RETENTION.days));
      }),
    );
  });
  it('are the same whether they were thinned out day by day or at once', () => {
    let there: string[] = [];
    const all: string[] = [];
    for (let n = 0; n < 420; n += 1) {
      all.push(day(n));
      there = [...daysKept([...there, day(n)])];
    }
    for (const one of there) expect(all).toContain(one);
    expect(there.length).toBeGreaterThanOrEqual(RETENTION.days + RETENTION.months - 1);
  });
});

describe('the backup of a day', () => {
  let folder: string;
  let data: string;
  let db: Db;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'aldaba-daily-'));
    data = join(folder, 'aldaba.db');
    db = openDatabase(data);
    createSite(db, strikeDoor(), { author: '', at: '2026-01-01T00:00:00.000Z' });
  });
  afterEach(() => {
    db.$client.close();
    rmSync(folder, { recursive: true, force: true });
  });
  it('is written once, is whole, and old ones go', async () => {
    const at = (n: number) => new Date(`${day(n)}T09:00:00Z`);
    const first = await dailyBackup(db, data, at(0));
    expect(first).toMatchObject({ kind: 'written', removed: [] });
    const found = inspect(first.kind === 'written' ? first.file : '');
    expect(found.ok && found.sites.map(({ id }) => id)).toEqual(['test']);
    if (found.ok) found.done();
    expect(await dailyBackup(db, data, new Date(`${day(0)}T23:00:00Z`))).toEqual({ kind: 'not-due' });
    for (let n = 1; n < 20; n += 1) await dailyBackup(db, data, at(n));
    const there = readdirSync(join(folder, 'backups'));
    expect(there.length).toBeLessThan(13);
    expect(there).toContain(`aldaba-daily-${day(19)}.db`);
    expect(existsSync(join(folder, 'backups', `aldaba-daily-${day(1)}.db`))).toBe(false);
  });
});
