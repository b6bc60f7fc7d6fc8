import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { parseAldaba } from '#core/formats/index';
import type { Plan } from '#core/plan/index';
import { exportPlan } from './export';
import { proveCommand } from './prove';
import { solveCommand } from './solve';
import { UsageError, type CommandOptions } from './usage';

const USAGE = `Aldaba on the command line

  aldaba prove FILE.json [--door D03] [--json]
      Proves every door. Exit 1 if anything fails or is not proven.
  aldaba solve FILE.json --door D03 [--situation fire] [--json]
      Solves a door in a situation: volts of every terminal, amps of every wire, state of every device.
  aldaba export FILE.json --format csv|spice|svg|json [--door D03] [--situation rest] [--secrets]
      Writes wires as CSV, a SPICE deck, the loops as SVG, or the file itself again.
`;

const OPTIONS = {
  door: { type: 'string' },
  situation: { type: 'string' },
  format: { type: 'string' },
  json: { type: 'boolean' },
  secrets: { type: 'boolean' },
  help: { type: 'boolean', short: 'h' },
} as const;

function load(path: string | undefined): Plan {
  if (!path) throw new UsageError(USAGE);
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch (cause) {
    throw new UsageError(`cannot read ${path}: ${cause instanceof Error ? cause.message : String(cause)}`);
  }
  const result = parseAldaba(text);
  if (result.ok) return result.plan;
  const lines = result.problems.map(({ path: spot, message }) => `  ${spot || '(file)'}: ${message}`);
  throw new UsageError(`${path} is not a site Aldaba can read. Nothing was done.\n${lines.join('\n')}`);
}

function main(argv: string[]): number {
  const { values, positionals } = parseArgs({ args: argv, options: OPTIONS, allowPositionals: true });
  const [command, file] = positionals;
  if (values.help || !command) {
    console.log(USAGE);
    return command ? 0 : 2;
  }
  const commands: Record<string, (plan: Plan, options: CommandOptions) => number> = {
    prove: proveCommand,
    solve: solveCommand,
    export: exportPlan,
  };
  const run = commands[command];
  if (!run) throw new UsageError(`there is no command "${command}"\n\n${USAGE}`);
  return run(load(file), values);
}

// A reader that stops early, such as `head`, is no error.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EPIPE') process.exit(0);
  throw error;
});

try {
  process.exitCode = main(process.argv.slice(2));
} catch (error) {
  const isUsage = error instanceof UsageError || (error instanceof TypeError && 'code' in error);
  if (!isUsage) throw error;
  console.error(error.message);
  process.exitCode = 2;
}
