import { existsSync, readFileSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { setCodesPassphrase, setPassphrase } from '../src/server/access/keys';
import { SHORTEST } from '../src/server/access/passphrase';
import { backupTo } from '../src/server/backup';
import { openDatabase, type Db } from '../src/server/db/open';
import { DatabaseError } from '../src/server/db/openError';
import { dataPath } from '../src/server/db/shared';
import { inspect } from '../src/server/inspect';
import { restoreFrom } from '../src/server/restore';
import { createSite } from '../src/server/sites/siteList';
import { loadFile } from './loadFile';
import { UsageError, type CommandOptions } from './usage';

/** Commands about the server's own database. They work while the server runs. */

/** Opens the database, does something with it, and closes it again whatever happens. */
async function withDatabase<T>(act: (db: Db) => Promise<T> | T): Promise<T> {
  let db: Db;
  try {
    db = openDatabase(dataPath());
  } catch (error) {
    if (error instanceof DatabaseError) throw new UsageError(error.message);
    throw error;
  }
  try {
    return await act(db);
  } finally {
    db.$client.close();
  }
}

/** Writes the whole database into one file. */
export async function backupCommand(file: string | undefined): Promise<number> {
  if (!file) throw new UsageError('say where to: aldaba backup FILE');
  if (existsSync(file)) throw new UsageError(`${file} is there already. Nothing was written.`);
  if (!existsSync(dataPath())) throw new UsageError(`there is no database ${dataPath()}: nothing to back up`);
  await withDatabase((db) => backupTo(db, resolve(file)));
  console.log(`${resolve(file)}: ${Math.ceil(statSync(file).size / 1024)} kB, readable by you alone`);
  return 0;
}

/** Puts a backup in the place of what is there, after a backup of that. */
export async function restoreCommand(file: string | undefined, options: CommandOptions): Promise<number> {
  if (!file) throw new UsageError('say what to restore: aldaba restore FILE');
  if (!existsSync(file)) throw new UsageError(`cannot read ${file}: it is not there`);
  const restored = await withDatabase((db) =>
    restoreFrom(db, resolve(file), new Date(), { asItIs: options['as-it-is'] === true }),
  );
  if (!restored.ok) throw new UsageError(restored.message);
  const { sites, gone, backup } = restored;
  console.log(`${sites.length} sites put back: ${sites.map(({ name }) => name).join(', ')}`);
  if (gone.length > 0)
    console.log(
      `${gone.length} not in it, and gone: ${gone.map(({ id, name }) => `${name} (${id})`).join(', ')}`,
    );
  console.log(`What was there before is in ${backup}`);
  return 0;
}

/** Looks at a file and says what is in it. */
export function checkCommand(file: string | undefined, options: CommandOptions): number {
  if (!file) throw new UsageError('say which file to look at: aldaba check FILE');
  const found = inspect(resolve(file), { asItIs: options['as-it-is'] === true });
  if (!found.ok) throw new UsageError(found.message);
  found.done();
  console.log(`${resolve(file)} is whole. In it:`);
  for (const { name, doors, changed } of found.sites)
    console.log(`  ${name}: ${doors} doors, last changed ${changed ?? 'never'}`);
  return 0;
}

/** Takes site files in, each as a site of its own. All of them, or none. */
export async function importCommand(files: readonly string[]): Promise<number> {
  if (files.length === 0) throw new UsageError('say which files: aldaba import FILE.json');
  const plans = files.map((file) => ({ file, ...loadFile(file) }));
  return withDatabase((db) => {
    for (const { file, plan, notes } of plans) {
      const id = createSite(db, plan, { author: 'import', at: new Date().toISOString() });
      console.log(`${file}: taken in as “${plan.site.name}”, /s/${encodeURIComponent(id)}`);
      for (const { path, was, is } of notes)
        console.log(`  ${path}: “${was}” ${is === null ? 'is not used any more' : `read as “${is}”`}`);
    }
    return 0;
  });
}

/**
 * Sets the passphrase that everybody signs in with where other machines reach the server; or with `codes` the one that shows codes too, which
 * an empty one takes away again. Read from the keyboard or a pipe.
 */
export async function passphraseCommand(what?: string): Promise<number> {
  if (what !== undefined && what !== 'codes')
    throw new UsageError(`“${what}” is no passphrase: write “passphrase”, or “passphrase codes”.`);
  const text = process.stdin.isTTY ? await ask('Passphrase: ') : readFileSync(0, 'utf8').trim();
  const ends = what === 'codes' && text === '';
  if (text.length < SHORTEST && !ends)
    throw new UsageError(`A passphrase has at least ${SHORTEST} characters. Nothing was changed.`);
  if (what === 'codes') {
    await withDatabase((db) => setCodesPassphrase(db, ends ? null : text));
    console.log(
      ends
        ? 'Codes are shown to everybody who signs in. Whoever was signed in signs in again.'
        : 'Codes are shown to whoever signs in with this passphrase. Whoever was signed in signs in again.',
    );
    return 0;
  }
  await withDatabase((db) => setPassphrase(db, text));
  console.log('The passphrase is set. Whoever was signed in signs in again.');
  return 0;
}

async function ask(question: string): Promise<string> {
  const lines = createInterface({ input: process.stdin, output: process.stderr });
  try {
    return (await lines.question(question)).trim();
  } finally {
    lines.close();
  }
}

export type DatabaseCommand = (files: readonly string[], options: CommandOptions) => Promise<number>;

export const DATABASE_COMMANDS: Readonly<Record<string, DatabaseCommand>> = {
  backup: ([file]) => backupCommand(file),
  restore: ([file], options) => restoreCommand(file, options),
  check: ([file], options) => Promise.resolve(checkCommand(file, options)),
  import: (files) => importCommand(files),
  passphrase: ([what]) => passphraseCommand(what),
};
