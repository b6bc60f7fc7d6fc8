import { faultsOf, sweep, sweepAnew, type Whose } from '#core/faults/index';
import { doorsInOrder, type Plan } from '#core/plan/index';
import { atRest, buildWorld } from '#core/simulate/index';
import { siteOf } from '../core/specimens/site';

/** Doors whose faults are also tried by the slow twin, which takes its time. */
const TWIN_DOORS = 12;

interface Swept {
  readonly ms: number;
  readonly faults: number;
  /** A fault in a situation, behaviours included. */
  readonly states: number;
}

function sweepAll(plan: Plan, doors: readonly string[], whose: Whose): Swept {
  let [faults, states] = [0, 0];
  const start = performance.now();
  for (const door of doors) {
    const world = buildWorld(plan, door);
    for (const { outcomes } of sweep(world, atRest(world), faultsOf(world, whose))) {
      faults += 1;
      states += outcomes.size;
    }
  }
  return { ms: performance.now() - start, faults, states };
}

/** Every single fault in every situation, for all doors of a site. */
export function benchFaults(): void {
  console.log('Every single fault in every situation');
  const own = siteOf({ doors: 100 });
  const ids = doorsInOrder(own).map(({ id }) => id);
  sweepAll(own, ids.slice(0, TWIN_DOORS), 'door');
  const say = (name: string, { ms, faults, states }: Swept, target = '') =>
    console.log(
      `  ${name}: ${faults} faults, ${states} states, ${(ms / 1000).toFixed(1)} s, ` +
        `${Math.round((states / ms) * 1000)} states a second${target}`,
    );
  say('100 doors with their own supplies', sweepAll(own, ids, 'door'), ' (target 2 s, 100000 a second)');
  const few = ids.slice(0, TWIN_DOORS);
  const fast = sweepAll(own, few, 'door').ms;
  const start = performance.now();
  for (const door of few) sweepAnew(own, door);
  const slow = performance.now() - start;
  console.log(
    `  the slow twin takes ${(slow / fast).toFixed(1)} times as long on ${few.length} of them (target 20)`,
  );
  const shared = siteOf({ doors: 16, perSupply: 16 });
  const one = doorsInOrder(shared)
    .slice(0, 2)
    .map(({ id }) => id);
  say('2 of 16 doors on one supply, faults of their own', sweepAll(shared, one, 'door'));
}
