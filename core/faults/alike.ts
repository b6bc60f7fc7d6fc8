import { provenFor, type SituationId } from '../prove/index';
import { explore, exploredAnew, readsOf, type Explored, type SimState, type World } from '../simulate/index';
import type { Answers, Outcome } from './outcome';

/**
 * What doors of one structure share while their faults are swept. Devices know of a circuit what they read of it; doors with the
 * same devices, settings and wires between the same terminals differ in currents alone, and go the same ways from the same readings.
 */
export interface Alike {
  of(world: World, rest: SimState, answers: Answers, releases: readonly string[]): Shared;
}

export interface Shared {
  /** What the devices do; what flows belongs to one door. */
  readonly explored: Explored;
  /** Outcomes by situation and by where it and each act lead. */
  readonly known: Map<string, Outcome>;
}

/** A table that nothing is in yet. Doors share where everything is named alike: see `underOneName`. */
export function makeAlike(): Alike {
  const kinds = new Map<string, Shared>();
  return {
    of(world, rest, answers, releases) {
      const kind = `${structureOf(world)} ${restOf(world, rest)} ${answersOf(answers)} ${releases.join()}`;
      const before = kinds.get(kind);
      if (before) return { ...before, explored: exploredAnew(before.explored) };
      const fresh: Shared = { explored: explore(world, rest), known: new Map() };
      kinds.set(kind, fresh);
      return fresh;
    },
  };
}

/** All of a world: two that say the same do the same under every fault. */
export const circuitOf = (world: World): string =>
  structureOf(world) + JSON.stringify(world.netlist.branches);

/** All of a world but what its branches conduct. */
const structureOf = (world: World): string =>
  JSON.stringify([
    world.door.id,
    world.door.brief,
    world.door.deadState,
    provenFor(world),
    world.inhabitants.map(({ device, type }) => [
      device.id,
      device.door,
      device.tag,
      device.place,
      device.settings,
      type,
    ]),
    world.locks.map(({ device, resolved }) => [device.id, resolved]),
    world.netlist.branches.map((branch) =>
      branch.kind === 'conductor' ? [branch.id, branch.a, branch.b] : branch.id,
    ),
  ]);

/** How a door is at rest, as far as its devices know of it. */
const restOf = (world: World, rest: SimState): string =>
  JSON.stringify([
    readsOf(world, rest.point),
    [...rest.states].sort(),
    [...rest.alarms].sort(),
    [...rest.hung].sort(),
    [...rest.feeds],
    [...rest.charge],
    rest.memory,
    rest.doorOpen,
    rest.unstable,
  ]);

/** What each situation is when nothing is broken, as far as an outcome is told from it. */
const answersOf = (answers: Answers): string =>
  JSON.stringify(
    [...answers].map(([id, answer]): [SituationId, unknown] => [
      id,
      answer && [
        answer.alarms,
        ...Object.values(answer.cells).map(({ verdict, got, works }) => [verdict, got, works.length]),
      ],
    ]),
  );
