import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { settle } from '#core/circuit/index';
import { spiceDeck } from '#core/formats/index';
import { prove, prepared, SITUATIONS } from '#core/prove/index';
import { atRest, buildWorld, conditionsOf } from '#core/simulate/index';
import { doorVerdict } from '#core/verdict/index';
import { quillhaven } from '#demo/quillhaven';
import { hasNgspice } from '../cli/ngspice';
import { siteOf } from '../core/specimens/site';
import { editToVerdict, launch } from './editToVerdict';
import { benchAccess } from './access';
import { benchFaults } from './faults';
import { benchPacks } from './packs';
import { benchReach } from './reach';
import { benchPages, benchWriters } from './server';
import { benchImport, benchSites } from './sites';
import { slowLoad } from './slowPhone';
import { startServer } from './startServer';
import { percentile, print, sampleMs } from './stats';

/** `npm run bench`: figures and ratios, all measured in this one run. Not a test: nothing fails on a slow day. */
const plan = quillhaven();
const DOOR = 'D03';
const BROWSED = [
  { name: 'the demo', plan, door: 'D02', wire: 'W03', target: 'target p95 100 ms' },
  {
    name: '200 doors with their own supplies',
    plan: siteOf({ doors: 200 }),
    door: 'D002',
    wire: 'W03',
    target: 'target p95 100 ms',
  },
  {
    name: '200 doors, 16 on a supply',
    plan: siteOf({ doors: 200, perSupply: 16 }),
    door: 'D002',
    wire: 'W03',
    target: 'target p95 150 ms',
  },
];
console.log(
  `Aldaba bench on ${cpus()[0]?.model ?? 'an unknown processor'}, ${cpus().length} cores, Node ${process.version}`,
);

/** One door: solved, proven, judged, and beside a general simulator of circuits. */
function benchEngine(): void {
  const world = buildWorld(plan, DOOR);
  const rest = atRest(world);
  console.log(
    `door ${DOOR}: ${world.netlist.nodes.length} terminals, ${world.netlist.branches.length} branches\n`,
  );

  const states = SITUATIONS.flatMap((situation) => prepared(situation, world, rest) ?? []);
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
}

/** What somebody at a tab waits for. */
async function benchBrowser(): Promise<void> {
  for (const { name, plan: site, door, wire, target } of BROWSED)
    print(
      `edit to verdict in the browser, 60 edits from 3 s on, a server that has just begun, ${name}`,
      await editToVerdict(site, door, wire, { count: 60 }),
      target,
    );
  for (const { name, plan: site, door, wire, target } of BROWSED.slice(1))
    print(
      `the same from 6 s on, a server that knows the site, ${name}`,
      await editToVerdict(site, door, wire, { count: 60, after: 6000, known: true }),
      target,
    );
}

/** The door's page as a slow phone gets it for the first time. */
async function benchPhone(): Promise<void> {
  const server = await startServer(plan, siteOf({ doors: 200 }));
  const browser = await launch();
  try {
    // A server that has been running: every page was asked for before.
    for (const path of ['quillhaven/doors/D02/wire', 'generated/doors/D002/wire'])
      await fetch(`${server.url}/s/${path}`);
    await new Promise((resolve) => setTimeout(resolve, 8000));
    for (const path of ['quillhaven/doors/D02/wire', 'generated/doors/D002/wire']) {
      const load = await slowLoad(browser, `${server.url}/s/${path}`);
      console.log(
        `slow phone, ${path}: usable after ${load.standing.toFixed(0)} ms and ${(load.bytesToStanding / 1000).toFixed(0)} kB, ` +
          `edits after ${load.alive.toFixed(0)} ms, ${(load.bytes / 1000).toFixed(0)} kB in all, shift ${load.shift.toFixed(3)} ` +
          '(target 3000 ms, 250 kB, 0.02)',
      );
    }
  } finally {
    await browser.close();
    server.stop();
  }
}

/** Parts by name, in the order in which all of them run. */
const PARTS: Readonly<Record<string, () => void | Promise<void>>> = {
  engine: benchEngine,
  faults: benchFaults,
  reach: () => benchReach(plan),
  access: benchAccess,
  sites: () => {
    benchSites();
    benchImport();
  },
  server: async () => {
    await benchPages();
    await benchWriters();
    await benchPacks();
  },
  browser: benchBrowser,
  phone: benchPhone,
};

const asked = process.argv.slice(2);
const unknown = asked.filter((name) => !Object.hasOwn(PARTS, name));
if (unknown.length > 0)
  throw new Error(`there is no part ${unknown.join(', ')}: ${Object.keys(PARTS).join(', ')}`);
for (const [name, part] of Object.entries(PARTS))
  if (asked.length === 0 || asked.includes(name)) {
    await part();
    console.log('');
  }
