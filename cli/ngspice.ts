import { execFileSync, spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { SpiceDeck } from '#core/formats/index';

/** Solves a deck with ngspice and returns its node voltages by name, with full precision. */
export function runNgspice(folder: string, deck: SpiceDeck): Map<string, number> {
  const [input, output] = [join(folder, 'deck.cir'), join(folder, 'deck.raw')];
  writeFileSync(input, deck.text);
  execFileSync('ngspice', ['-b', '-r', output, input], {
    stdio: 'pipe',
    env: { ...process.env, SPICE_ASCIIRAWFILE: '1' },
  });
  return parseRaw(readFileSync(output, 'utf8'));
}

/** Reads an ASCII raw file: `Variables:` names in order, `Values:` one a line. */
function parseRaw(text: string): Map<string, number> {
  const names = [...text.matchAll(/^\s+\d+\s+v\((\S+)\)\s+voltage/gm)].map((match) => match[1] ?? '');
  const order = [...text.matchAll(/^\s+\d+\s+(\S+)\s+(?:voltage|current)/gm)].map((match) => match[1] ?? '');
  const values = text.slice(text.indexOf('Values:')).match(/[-+]?\d\.\d+e[-+]\d+/gi) ?? [];
  return new Map(names.map((name) => [name, Number(values[order.indexOf(`v(${name})`)])]));
}

/** True where ngspice answers. */
export const hasNgspice = (): boolean =>
  spawnSync('ngspice', ['--version'], { stdio: 'ignore' }).status === 0;
