import { sweepSite } from '#core/faults/index';
import { exploreOrders } from '#core/orders/index';
import { applyEdit, doorsInOrder, type Edit, type Plan } from '#core/plan/index';
import { graphOf, openSite, pictureOf, reachWithFaults, siteSituations } from '#core/reach/index';
import { buildWorld } from '#core/simulate/index';
import { siteOf } from '../core/specimens/site';

/** A street, a hall, and the other doors in a tree of three from each room inwards. */
function withRooms(plan: Plan): Plan {
  const doors = doorsInOrder(plan).map(({ id }) => id);
  const room = (n: number) => (n < 0 ? 'street' : `room${n}`);
  const edits = [
    ...[-1, ...doors.keys()].map((n): Edit => ({
      kind: 'addSpace',
      space: {
        id: room(n),
        name: room(n),
        kind: n < 0 ? 'outside' : 'room',
        protected: n % 7 === 6,
        order: n + 1,
      },
    })),
    ...doors.map((id, n): Edit => ({
      kind: 'setSides',
      id,
      sides: { id, outside: room(Math.floor((n + 2) / 3) - 1), inside: room(n) },
    })),
  ];
  return edits.reduce((now, edit) => {
    const result = applyEdit(now, edit);
    return result.ok ? result.plan : now;
  }, plan);
}

/** A site of 100 doors as a building, with every single fault; and every order of events at one door. */
export function benchReach(demo: Plan): void {
  const plan = withRooms(siteOf({ doors: 100 }));
  const graph = graphOf(plan);
  let start = performance.now();
  const steps = openSite(plan);
  let step = steps.next();
  while (!step.done) step = steps.next();
  const openings = step.value;
  const opened = performance.now() - start;
  start = performance.now();
  for (const situation of siteSituations(plan))
    pictureOf(graph, openings.get(situation) ?? new Map(), situation);
  const drawn = performance.now() - start;
  start = performance.now();
  const results = [...sweepSite(plan)];
  const swept = performance.now() - start;
  start = performance.now();
  const found = reachWithFaults(graph, openings, results);
  const reached = performance.now() - start;
  const total = (opened + drawn + swept + reached) / 1000;
  console.log(
    `rooms of 100 doors: openings ${opened.toFixed(0)} ms, all situations ${drawn.toFixed(0)} ms, sweep of ${results.length} faults ` +
      `${swept.toFixed(0)} ms, reachability with each ${reached.toFixed(0)} ms (${found.length} matter): ${total.toFixed(1)} s (target 5 s)`,
  );
  const world = buildWorld(demo, 'D03');
  const orders = exploreOrders(world, { states: 60_000, depth: 400 });
  start = performance.now();
  let last = orders.next();
  while (!last.done) last = orders.next();
  const seconds = (performance.now() - start) / 1000;
  console.log(
    `every order of events at D03: ${last.value.states} states kept, ${last.value.tried} reached, ` +
      `${Math.round(last.value.tried / seconds)} a second (target 50000)\n`,
  );
}
