import { createRequire } from 'node:module';
import { Worker } from 'node:worker_threads';

/** What is known of the database file: when it was looked through last, and what was found. */
export interface Health {
  readonly checked: string | null;
  /** What is wrong with the file, in SQLite's words; null where nothing is, or nobody has looked yet. */
  readonly damage: string | null;
}

/** One a process: the start script, which looks, and the pages, which tell, are bundled apart and still share it. */
const KEY = Symbol.for('aldaba.health');
const holder = globalThis as unknown as { [KEY]?: Health };

export const health = (): Health => holder[KEY] ?? { checked: null, damage: null };
export const noteHealth = (found: Health): Health => (holder[KEY] = found);

/** Something that was read just now could not be: it is damage, whatever was found before. */
export function tellDamage(message: string): void {
  const { checked, damage } = health();
  if (damage === null) console.error(`The database is damaged: ${message}`);
  noteHealth({ checked, damage: damage ?? message });
}

/** Looks through a file in a thread of its own: a big one takes seconds, and nobody waits for it. */
const SOURCE = `
  const { parentPort, workerData } = require('node:worker_threads');
  const Database = require(workerData.driver);
  let found;
  try {
    const raw = new Database(workerData.file, { readonly: true });
    found = raw.pragma('integrity_check(1)', { simple: true });
    raw.close();
  } catch (error) {
    found = error.message;
  }
  parentPort.postMessage(String(found));
`;

export const lookThrough = (file: string, now: () => Date): Promise<Health> =>
  new Promise((resolve, reject) => {
    const driver = createRequire(import.meta.url).resolve('better-sqlite3');
    const worker = new Worker(SOURCE, { eval: true, workerData: { file, driver } });
    worker.once('message', (found: string) => {
      const known = noteHealth({ checked: now().toISOString(), damage: found === 'ok' ? null : found });
      if (known.damage !== null) console.error(`The database is damaged: ${known.damage}`);
      resolve(known);
    });
    worker.once('error', reject);
  });

/** A while after the start, ms, and then once a day. */
const FIRST_LOOK_MS = 30_000;
const DAY_MS = 86_400_000;

/** Looks through the database for as long as the server runs. */
export function keepLooking(file: string): void {
  const look = () =>
    void lookThrough(file, () => new Date()).catch((error: unknown) =>
      console.error(`The database could not be looked through: ${String(error)}`),
    );
  setTimeout(() => {
    look();
    setInterval(look, DAY_MS).unref();
  }, FIRST_LOOK_MS).unref();
}
