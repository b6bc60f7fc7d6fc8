import { sweep, sweepAnew, sweepSite, faultsOf, type Whose } from '#core/faults/index';
import { applyEdit, doorsInOrder, type Plan } from '#core/plan/index';
import { atRest, buildWorld } from '#core/simulate/index';
import { metres } from '#core/units/index';
import { siteOf } from '../core/specimens/site';

/** Doors whose faults are swept before anything is timed. */
const WARMING = 12;

interface Swept {
  readonly ms: number;
  readonly faults: number;
  /** A fault in a situation, behaviours included. */
  readonly states: number;
}

function timed(results: () => Iterable<{ readonly outcomes: ReadonlyMap<unknown, unknown> }>): Swept {
  let [faults, states] = [0, 0];
  const start = performance.now();
  for (const { outcomes } of results()) {
    faults += 1;
    states += outcomes.size;
  }
  return { ms: performance.now() - start, faults, states };
}

/** Doors one by one, nothing shared. */
function* oneByOne(plan: Plan, doors: readonly string[], whose: Whose) {
  for (const door of doors) {
    const world = buildWorld(plan, door);
    yield* sweep(world, atRest(world), faultsOf(world, whose));
  }
}

/** The same site with the runs of each door of lengths of their own: no two doors carry the same currents. */
const ownLengths = (plan: Plan): Plan => {
  const order = new Map(doorsInOrder(plan).map(({ id }, index) => [id, index]));
  return Object.values(plan.conductors).reduce((now, wire) => {
    const patch = { length: metres(wire.length + (order.get(wire.door) ?? 0) / 10) };
    const result = applyEdit(now, { kind: 'setConductor', id: wire.id, patch });
    return result.ok ? result.plan : now;
  }, plan);
};

/** Every single fault in every situation, for all doors of a site. */
export function benchFaults(): void {
  console.log('Every single fault in every situation');
  const copies = siteOf({ doors: 100 });
  const own = ownLengths(copies);
  const ids = doorsInOrder(own).map(({ id }) => id);
  const few = ids.slice(0, WARMING);
  timed(() => sweepSite(own, few));
  const say = (name: string, { ms, faults, states }: Swept, target = '') =>
    console.log(
      `  ${name}: ${faults} faults, ${states} states, ${(ms / 1000).toFixed(1)} s, ` +
        `${Math.round((states / ms) * 1000)} states a second${target}`,
    );
  const target = ' (target 2 s, 100000 a second)';
  const swept = timed(() => sweepSite(own));
  const alike = timed(() => sweepSite(copies));
  say('100 doors with their own supplies, every run of another length', swept, target);
  say(
    'the same with nothing shared between doors',
    timed(() => oneByOne(own, ids, 'door')),
  );
  say('100 doors that are copies of 13', alike, target);
  const every = ids.filter((_, index) => index % 8 === 0);
  const start = performance.now();
  const tried = every.reduce((sum, door) => sum + sweepAnew(own, door).length, 0);
  const slow = (performance.now() - start) / tried;
  const times = (one: Swept) => (slow / (one.ms / one.faults)).toFixed(1);
  console.log(
    `  the slow twin takes ${slow.toFixed(2)} ms a fault on ${every.length} of them, ` +
      `${times(swept)} times as long, ${times(alike)} times for the copies (target 20)`,
  );
  const shared = siteOf({ doors: 16, perSupply: 16 });
  const two = doorsInOrder(shared)
    .slice(0, 2)
    .map(({ id }) => id);
  say(
    '2 of 16 doors on one supply, faults of their own',
    timed(() => oneByOne(shared, two, 'door')),
  );
}
