import '#core/devices/library/index';
import { sweepSite, type SiteResult } from '#core/faults/index';
import { doorsInOrder, type Plan } from '#core/plan/index';
import {
  fixesFor,
  fixesForZone,
  graphOf,
  openSite,
  pictureOf,
  reachWithFaults,
  releaseTree,
  siteSituations,
  trapsOf,
  zoneCells,
  type SiteOpenings,
} from '#core/reach/index';
import type { ReachAnswer, ReachRequest } from './protocol';

/** What a site lets through, its traps with what would help, and, when it is asked for, all of it with every single fault. */
const say = (answer: ReachAnswer): void => self.postMessage(answer);
/** Lets a message in between two doors: somebody may want it to stop. */
const breathe = () => new Promise<void>((go) => setTimeout(go));

let plan: Plan | null = null;
let openings: SiteOpenings | null = null;
let paused = false;
let wake: (() => void) | null = null;

function look(site: Plan): void {
  plan = site;
  const of = doorsInOrder(site).length;
  const steps = openSite(site);
  for (let done = 1; ; done += 1) {
    const step = steps.next();
    if (step.done) {
      openings = step.value;
      break;
    }
    if (done % 10 === 0) say({ kind: 'opening', done, of });
  }
  const graph = graphOf(site);
  const found = openings;
  const pictures = siteSituations(site).map((situation) =>
    pictureOf(graph, found.get(situation) ?? new Map(), situation),
  );
  const traps = trapsOf(graph, pictures);
  say({ kind: 'open', openings: found, traps });
  say({ kind: 'tree', tree: releaseTree(site) });
  // What would help is tried afterwards: it takes the engine longer than to find what is wrong.
  for (const trap of traps) say({ kind: 'fixes', of: trap.space, fixes: fixesFor(site, trap, found) });
  for (const cell of zoneCells(site, found))
    if (cell.verdict === 'fail')
      say({ kind: 'fixes', of: `${cell.zone} ${cell.door}`, fixes: fixesForZone(site, cell) });
}

async function faults(): Promise<void> {
  if (!plan || !openings) return;
  const graph = graphOf(plan);
  const doors = doorsInOrder(plan).map(({ id }) => id);
  const results: SiteResult[] = [];
  let last = '';
  let done = 0;
  for (const result of sweepSite(plan)) {
    if (result.door !== last) {
      if (last !== '') done += 1;
      last = result.door;
      say({ kind: 'faults', done, of: doors.length, tried: results.length, found: [], over: false });
      await breathe();
      if (paused) await new Promise<void>((go) => (wake = go));
    }
    results.push(result);
  }
  const found = reachWithFaults(graph, openings, results);
  say({ kind: 'faults', done: doors.length, of: doors.length, tried: results.length, found, over: true });
}

self.addEventListener('message', ({ data }: MessageEvent<ReachRequest>) => {
  switch (data.kind) {
    case 'look':
      return look(data.plan);
    case 'faults':
      return void faults();
    case 'pause':
      paused = true;
      return;
    case 'goOn':
      paused = false;
      wake?.();
      wake = null;
  }
});
