import { areaOf, chooseCable, type CableMake, type MeasureSystem } from '../units/index';
import type { Cable, Conductor, DoorId, Plan } from '../plan/index';
import type { Run, RunUse } from './run';

interface Draft {
  readonly want: Run;
  readonly conductor: Conductor;
}

const SCREENED: ReadonlySet<RunUse> = new Set(['data', 'bus', 'audio']);

/**
 * Gives every route the fewest cables that suit: one where a single make has enough cores of the right size and
 * a screen where data or sound travel; else one for power and one, named with an s, for what wants a screen; else
 * several. Conductors take the size of their cable. Cables that a hand's wires name keep theirs.
 */
export function planCables(
  plan: Plan,
  door: DoorId,
  drafts: readonly Draft[],
  kept: readonly Conductor[],
): { conductors: Conductor[]; cables: Cable[] } {
  const routes = new Map<string, Draft[]>();
  for (const draft of drafts) {
    const name = draft.conductor.cable;
    if (name !== '') routes.set(name, [...(routes.get(name) ?? []), draft]);
  }
  const assigned = new Map<Draft, { name: string; make: CableMake }>();
  const cables = new Map<string, Cable>();
  for (const [route, wires] of routes) {
    for (const { name, make, members } of cablesFor(route, wires, plan.site.units)) {
      for (const member of members) assigned.set(member, { name, make });
      cables.set(name, cableOf(plan, door, name, make));
    }
  }
  for (const { cable } of kept) {
    const known = plan.cables[`${door}/${cable}`];
    if (cable !== '' && known && !cables.has(cable)) cables.set(cable, known);
  }
  const conductors = drafts.map((draft): Conductor => {
    const cable = assigned.get(draft);
    return cable ? { ...draft.conductor, cable: cable.name, gauge: cable.make.gauge } : draft.conductor;
  });
  return { conductors, cables: [...cables.values()] };
}

function cableOf(plan: Plan, door: DoorId, name: string, make: CableMake): Cable {
  const id = `${door}/${name}`;
  const screen = make.screened ? (plan.cables[id]?.screen ?? 'enclosure') : 'none';
  return { id, door, name, make: make.id, screen: make.screened && screen === 'none' ? 'enclosure' : screen };
}

interface Chosen {
  readonly name: string;
  readonly make: CableMake;
  readonly members: readonly Draft[];
}

const needOf = (wires: readonly Draft[]) => ({
  cores: wires.length,
  area: Math.max(...wires.map(({ want }) => areaOf(want.gauge))),
  screened: wires.some(({ want }) => SCREENED.has(want.use)),
  pairs: wires.every(({ want }) => want.use === 'bus'),
});

function cablesFor(route: string, wires: readonly Draft[], system: MeasureSystem): Chosen[] {
  const one = chooseCable(needOf(wires), system);
  if (one) return [{ name: route, make: one, members: wires }];
  const quiet = wires.filter(({ want }) => SCREENED.has(want.use));
  const rest = wires.filter(({ want }) => !SCREENED.has(want.use));
  if (quiet.length > 0 && rest.length > 0)
    return [...split(route, rest, system), ...split(`${route}s`, quiet, system)];
  return split(route, wires, system);
}

/** Cuts a route that is too many for one cable into several, biggest first. */
function split(name: string, wires: readonly Draft[], system: MeasureSystem): Chosen[] {
  const make = chooseCable(needOf(wires), system);
  if (make) return [{ name, make, members: wires }];
  const half = Math.ceil(wires.length / 2);
  if (half === wires.length) return [];
  return [...split(name, wires.slice(0, half), system), ...split(`${name}+`, wires.slice(half), system)];
}
