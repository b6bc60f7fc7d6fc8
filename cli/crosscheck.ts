import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { spiceDeck } from '#core/formats/index';
import { doorsInOrder, type Plan } from '#core/plan/index';
import { prepared, SITUATIONS } from '#core/prove/index';
import { atRest, buildWorld, conditionsOf } from '#core/simulate/index';
import { quillhaven } from '#demo/quillhaven';
import { hasNgspice, runNgspice } from './ngspice';

/** Largest relative difference that passes. */
const LIMIT = 1e-6;
/** Below this a voltage is compared as if it were this large: what a node at zero differs by is noise. */
const FLOOR_VOLTS = 1e-3;

interface Compared {
  readonly door: string;
  readonly situation: string;
  readonly nodes: number;
  readonly worst: number;
  readonly at: string;
}

function crosscheck(plan: Plan, folder: string): Compared[] {
  const results: Compared[] = [];
  for (const door of doorsInOrder(plan)) {
    const world = buildWorld(plan, door.id);
    if (world.netlist.branches.length === 0) continue;
    const rest = atRest(world);
    for (const situation of SITUATIONS) {
      const state = prepared(situation, world, rest);
      if (!state || state.point.restless.length > 0) continue;
      const deck = spiceDeck(world.netlist, state.point, conditionsOf(state), `${door.id} ${situation.id}`);
      if (deck.nodes.size === 0) continue;
      const answers = runNgspice(folder, deck);
      let worst = 0;
      let at = '';
      const { volts, island } = state.point;
      const anchor = new Map(deck.grounds.map((node) => [island[node], volts[node] ?? 0]));
      for (const [name, node] of deck.nodes) {
        const ours = (volts[node] ?? NaN) - (anchor.get(island[node]) ?? NaN);
        const theirs = answers.get(name) ?? NaN;
        const error = Math.abs(ours - theirs) / Math.max(Math.abs(ours), Math.abs(theirs), FLOOR_VOLTS);
        if (!(error <= worst)) [worst, at] = [error, world.netlist.nodes[node] ?? ''];
      }
      results.push({ door: door.id, situation: situation.id, nodes: deck.nodes.size, worst, at });
    }
  }
  return results;
}

function main(): number {
  if (!hasNgspice()) {
    console.error('crosscheck: ngspice is not installed, so NOTHING WAS COMPARED (apt-get install ngspice).');
    return process.env['CI'] ? 1 : 0;
  }
  const folder = mkdtempSync(join(tmpdir(), 'aldaba-crosscheck-'));
  try {
    const results = crosscheck(quillhaven(), folder);
    const worst = results.reduce((a, b) => (b.worst > a.worst ? b : a));
    const nodes = results.reduce((sum, one) => sum + one.nodes, 0);
    for (const one of results.filter(({ worst: error }) => !(error <= LIMIT))) {
      console.log(`  DIFFERS ${one.door} ${one.situation}: ${one.worst.toExponential(2)} at ${one.at}`);
    }
    console.log(`crosscheck: ${results.length} decks, ${nodes} node voltages against ngspice`);
    console.log(
      `crosscheck: worst relative error ${worst.worst.toExponential(2)} (${worst.door} ${worst.situation}, ${worst.at}); limit ${LIMIT.toExponential(0)}`,
    );
    return results.every(({ worst: error }) => error <= LIMIT) ? 0 : 1;
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

process.exitCode = main();
