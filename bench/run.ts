import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { settle } from '#core/circuit/index';
import { spiceDeck } from '#core/formats/index';
import { prove, SITUATIONS } from '#core/prove/index';
import { atRest, buildWorld, conditionsOf } from '#core/simulate/index';
import { doorVerdict } from '#core/verdict/index';
import { quillhaven } from '#demo/quillhaven';
import { hasNgspice } from '../cli/crosscheck';
import { editToVerdict } from './editToVerdict';
import { percentile, print, sampleMs } from './stats';

/** `npm run bench`: figures and ratios, all measured in this one run. Not a test: nothing fails on a slow day. */
const plan = quillhaven();
const DOOR = 'D03';
console.log(
  `Aldaba bench on ${cpus()[0]?.model ?? 'an unknown processor'}, ${cpus().length} cores, Node ${process.version}`,
);

const world = buildWorld(plan, DOOR);
const rest = atRest(world);
console.log(
  `door ${DOOR}: ${world.netlist.nodes.length} terminals, ${world.netlist.branches.length} branches\n`,
);

const states = SITUATIONS.flatMap((situation) => situation.prepare(world, rest) ?? []);
const solve = sampleMs(400, () => {
  for (const state of states) settle(world.netlist, conditionsOf(state), state.point.on);
}).map((ms) => ms / states.length);
print('solve one door state', solve, 'no target of its own');
print(
  'prove one door, all situations',
  sampleMs(60, () => prove(plan, world, rest)),
  'target 50 ms',
);
print(
  'judge one door: prove, power, loops, every check',
  sampleMs(60, () => doorVerdict(plan, DOOR)),
  'target 100 ms',
);

if (hasNgspice()) {
  const folder = mkdtempSync(join(tmpdir(), 'aldaba-bench-'));
  const decks = states.map((state, index) => {
    const path = join(folder, `${index}.cir`);
    writeFileSync(path, spiceDeck(world.netlist, state.point, conditionsOf(state), `state ${index}`).text);
    return path;
  });
  const runs = decks.flatMap((path) =>
    sampleMs(2, () => execFileSync('ngspice', ['-b', path], { stdio: 'ignore' }), 0),
  );
  rmSync(folder, { recursive: true, force: true });
  print('ngspice on the same decks, one run a state', runs, '');
  console.log(
    `ratio: one state is solved ${Math.round(percentile(runs, 50) / percentile(solve, 50))} times faster than an ngspice run; target 500\n`,
  );
} else console.log('ngspice is not installed: no ratio measured\n');

print('edit to verdict in the browser, 100 edits', await editToVerdict(100), 'target p95 100 ms');
