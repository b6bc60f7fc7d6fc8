import '#core/devices/library/index';
import { parseArgs } from 'node:util';
import type { Plan } from '#core/plan/index';
import { DATABASE_COMMANDS } from './database';
import { explainCommand } from './explain';
import { exportPlan } from './export';
import { loadFile } from './loadFile';
import { proveCommand } from './prove';
import { solveCommand } from './solve';
import { UsageError, type CommandOptions } from './usage';

const USAGE = `Aldaba on the command line

  aldaba prove FILE.json [--door D03] [--json]
      Proves every door. Exit 1 if anything fails or is not proven.
  aldaba solve FILE.json --door D03 [--situation fire] [--json]
      Solves a door in a situation: volts of every terminal, amps of every wire, state of every device.
  aldaba explain FILE.json [--door D05] [--json]
      Looks for the smallest changes after which nothing stands against a door. Exit 1 where something is left.
  aldaba export FILE.json --format csv|spice|svg|json [--door D03] [--situation rest] [--secrets]
      Writes wires as CSV, a SPICE deck, the loops as SVG, or the file itself again.

  The server's own database (ALDABA_DATA, else data/aldaba.db), also while the server runs:

  aldaba import FILE.json [FILE.json ...]
      Takes site files in, each as a site of its own.
  aldaba backup FILE.db
      Writes the whole database into one file.
  aldaba check FILE.db [--as-it-is]
      Looks at a backup, or any database file: whether it is whole, and what is in it. Exit 2 where it could not be put back.
  aldaba restore FILE.db [--as-it-is]
      Looks at a backup, and puts it in the place of what is there, after a backup of that. One that is not whole is refused.
      --as-it-is: also the bare file of a server that had been stopped.
  aldaba passphrase
      Sets the passphrase that everybody signs in with where other machines reach the server.
  aldaba passphrase codes
      Sets a second one: codes, cards and what keypads hold are shown to whoever signs in with it, and to
      nobody else. An empty one takes it away again.
`;

const OPTIONS = {
  door: { type: 'string' },
  situation: { type: 'string' },
  format: { type: 'string' },
  json: { type: 'boolean' },
  secrets: { type: 'boolean' },
  'as-it-is': { type: 'boolean' },
  help: { type: 'boolean', short: 'h' },
} as const;

async function run(argv: readonly string[]): Promise<number> {
  const { values, positionals } = parseArgs({ args: [...argv], options: OPTIONS, allowPositionals: true });
  const [command, ...files] = positionals;
  if (values.help) {
    console.log(USAGE);
    return 0;
  }
  if (!command) throw new UsageError(USAGE);
  const onDatabase = Object.hasOwn(DATABASE_COMMANDS, command) ? DATABASE_COMMANDS[command] : undefined;
  if (onDatabase) return onDatabase(files, values);
  const commands: Record<string, (plan: Plan, options: CommandOptions) => number> = {
    prove: proveCommand,
    solve: solveCommand,
    explain: explainCommand,
    export: exportPlan,
  };
  const onFile = Object.hasOwn(commands, command) ? commands[command] : undefined;
  if (!onFile) throw new UsageError(`there is no command "${command}"\n\n${USAGE}`);
  const [file] = files;
  if (!file) throw new UsageError(USAGE);
  return onFile(loadFile(file).plan, values);
}

/** Runs the command line with these arguments and gives its exit code: 2, with a sentence, where they cannot be followed. */
export async function runCommand(argv: readonly string[]): Promise<number> {
  try {
    return await run(argv);
  } catch (error) {
    const isUsage = error instanceof UsageError || (error instanceof TypeError && 'code' in error);
    if (!isUsage) throw error;
    console.error(error.message);
    return 2;
  }
}
