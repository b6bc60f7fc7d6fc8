import { readFileSync } from 'node:fs';
import { parseAldaba, type ReadNote } from '#core/formats/index';
import type { Plan } from '#core/plan/index';
import { UsageError } from './usage';

/** Reads a site file, or says what keeps it from being read, spot by spot. */
export function loadFile(path: string): { plan: Plan; notes: readonly ReadNote[] } {
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch (cause) {
    throw new UsageError(`cannot read ${path}: ${cause instanceof Error ? cause.message : String(cause)}`);
  }
  const result = parseAldaba(text);
  if (result.ok) return result;
  const lines = result.problems.map(({ path: spot, message }) => `  ${spot || '(file)'}: ${message}`);
  if (result.more) lines.push('  (there may be more)');
  throw new UsageError(`${path} is not a site Aldaba can read. Nothing was done.\n${lines.join('\n')}`);
}
