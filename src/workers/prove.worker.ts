import '#core/devices/library/index';
import { faultsOf, groupOf, pairsOf, sweep, worthOf, type FaultResult } from '#core/faults/index';
import { exploreOrders } from '#core/orders/index';
import { improvementsOf } from '#core/protect/index';
import { atRest, buildWorld, type SimState, type World } from '#core/simulate/index';
import type { FaultLine, ProveAnswer, ProveRequest } from './protocol';

/** Tries faults and orders of events at one door and tells as it goes; whoever asked ends it by ending the worker. */
const say = (answer: ProveAnswer): void => self.postMessage(answer);

/** So many faults are told at a time. */
const CHUNK = 12;

const lineOf = (result: FaultResult, alarms: readonly string[]): FaultLine => ({
  fault: result.fault,
  group: groupOf(result, alarms),
  situations: [...result.outcomes].flatMap(([id, outcome]) => (outcome === 'same' ? [] : [id])),
});

function faults(world: World, rest: SimState, skip: number): void {
  const all = faultsOf(world);
  const alarms = [...rest.alarms];
  let lines: FaultLine[] = [];
  for (const result of sweep(world, rest, all.slice(skip))) {
    lines.push(lineOf(result, alarms));
    if (lines.length < CHUNK) continue;
    say({ kind: 'faults', of: all.length, lines, over: false });
    lines = [];
  }
  say({ kind: 'faults', of: all.length, lines, over: true });
}

self.addEventListener('message', ({ data }: MessageEvent<ProveRequest>) => {
  const world = buildWorld(data.plan, data.door);
  const rest = atRest(world);
  switch (data.kind) {
    case 'faults':
      return faults(world, rest, data.skip);
    case 'worth': {
      const sound = [...sweep(world, rest, faultsOf(world))];
      for (const one of worthOf(world, sound)) say({ kind: 'worth', worth: [one], over: false });
      return say({ kind: 'worth', worth: [], over: true });
    }
    case 'helps':
      for (const one of improvementsOf(data.plan, data.door))
        say({ kind: 'helps', found: [one], over: false });
      return say({ kind: 'helps', found: [], over: true });
    case 'pairs': {
      const sound = [...sweep(world, rest, faultsOf(world))];
      for (const step of pairsOf(world, sound, data.skip))
        say({ kind: 'pairs', step, over: step.done === step.of });
      return;
    }
    case 'orders': {
      const steps = exploreOrders(world, data.bounds);
      for (;;) {
        const { done, value } = steps.next();
        say({ kind: 'orders', report: value, over: done === true });
        if (done) return;
      }
    }
  }
});
