import { readdirSync, rmSync, statfsSync, statSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { say } from '#words/server/dailyBackup';
import { backupTo } from './backup';
import type { Db } from './db/open';
import { pruneBackups, pruneDatabase } from './prune';

/** How many of the daily backups stay: the newest of each of so many days, weeks and months. */
export const RETENTION = { days: 7, weeks: 4, months: 12 } as const;
/** A backup is written where so many times its size is free: the disk is the server's too. */
const ROOM = 3;
const DAY_MS = 86_400_000;
/** How often it is looked whether one is due, ms; the first time a while after the start. */
const LOOK_MS = 3_600_000;
const FIRST_LOOK_MS = 600_000;

const NAME = /-daily-(\d{4}-\d{2}-\d{2})\.db$/;

/** Days of backups, `2026-12-01`, that stay; the others are taken away. Weeks begin on Monday. */
export function daysKept(days: readonly string[]): Set<string> {
  const newest = [...days].sort().reverse();
  const kept = new Set(newest.slice(0, RETENTION.days));
  const firstOf = (partOf: (day: string) => string, most: number): void => {
    const seen = new Set<string>();
    for (const day of newest) {
      const part = partOf(day);
      if (seen.has(part)) continue;
      if (seen.size === most) return;
      seen.add(part);
      kept.add(day);
    }
  };
  firstOf(mondayOf, RETENTION.weeks);
  firstOf((day) => day.slice(0, 7), RETENTION.months);
  return kept;
}

function mondayOf(day: string): string {
  const date = new Date(`${day}T00:00:00Z`);
  const back = (date.getUTCDay() + 6) % 7;
  return new Date(date.getTime() - back * DAY_MS).toISOString().slice(0, 10);
}

/** What became of a look: written, not due, or why not. */
export type Daily =
  | { readonly kind: 'written'; readonly file: string; readonly removed: readonly string[] }
  | { readonly kind: 'not-due' }
  | { readonly kind: 'no-room'; readonly free: number; readonly size: number };

/** Writes today's backup beside the database where there is none yet and room for it, and takes away those that are not kept any more. */
export async function dailyBackup(db: Db, data: string, now: Date): Promise<Daily> {
  const folder = join(dirname(data), 'backups');
  const stem = basename(data, '.db');
  const today = now.toISOString().slice(0, 10);
  const file = join(folder, `${stem}-daily-${today}.db`);
  const there = daysIn(folder, stem);
  if (there.includes(today)) return { kind: 'not-due' };
  const { size } = statSync(data);
  const { bavail, bsize } = statfsSync(dirname(data));
  const free = bavail * bsize;
  if (free < size * ROOM) return { kind: 'no-room', free, size };
  await backupTo(db, file);
  const kept = daysKept([...there, today]);
  const removed = there.filter((day) => !kept.has(day)).map((day) => join(folder, `${stem}-daily-${day}.db`));
  for (const old of removed) rmSync(old, { force: true });
  return { kind: 'written', file, removed };
}

function daysIn(folder: string, stem: string): string[] {
  try {
    return readdirSync(folder).flatMap((name) =>
      name.startsWith(`${stem}-daily-`) ? (NAME.exec(name)?.[1] ?? []) : [],
    );
  } catch {
    return [];
  }
}

/** Looks every hour, for as long as the server runs, and clears away what is not kept any more with each day's backup. What goes wrong is one line for whoever reads the server's words; it is tried again. */
export function keepDailyBackups(db: () => Db, data: string): void {
  if (process.env['ALDABA_DAILY_BACKUP'] === 'off') return;
  const look = () =>
    dailyBackup(db(), data, new Date()).then(
      (done) => {
        if (done.kind === 'written') {
          pruneDatabase(db(), new Date());
          pruneBackups(data, new Date());
        }
        if (done.kind === 'no-room')
          console.error(
            say.noBackupWrittenMb(Math.round(done.free / 1e6), Math.round((done.size * ROOM) / 1e6)),
          );
      },
      (error: unknown) =>
        console.error(say.noBackupWasWritten(error instanceof Error ? error.message : String(error))),
    );
  setTimeout(() => {
    void look();
    setInterval(() => void look(), LOOK_MS).unref();
  }, FIRST_LOOK_MS).unref();
}
