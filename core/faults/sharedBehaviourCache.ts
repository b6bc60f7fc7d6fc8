import type { Bridged } from '../circuit/index';
import { provenFor } from '../prove/index';
import { explore, readsOf, type Explored, type Settled, type SimState, type World } from '../simulate/index';
import type { Answer, Outcome } from './outcome';
import { blankScript, type Script } from './script';

/**
 * What doors of one structure share while their faults are swept. Devices know of a circuit what they read of it; doors with the
 * same devices, settings and wires between the same terminals differ in currents alone, and go the same ways from the same readings.
 */
export interface SharedBehaviourCache {
  of(world: World, rest: SimState, releases: readonly string[]): Shared;
}

export interface Shared {
  /** What the devices do; what flows belongs to one door. */
  readonly explored: Explored;
  /** How it comes to rest after something has broken: by what died with it. */
  readonly breaking: Map<string, Script<Broken | null>>;
  /** Every trial after that: by where it came to rest, then by its number. */
  readonly after: Map<Settled, (Script<Told | null> | undefined)[]>;
  /** What each situation then is, by where it and each act lead. */
  readonly told: Map<string, Told>;
  /** What became of a situation, by what it was and what it is. */
  readonly became: Map<Told, Map<Told, Outcome>>;
  /** Circuits with two terminals joined. */
  readonly bridged: Bridged;
}

/** A door that came to rest after something had broken, and which answer of the circuit that is. */
export interface Broken {
  readonly quiet: Settled;
  readonly index: number;
}

/** What a situation is: null where it does not come about. */
export interface Told {
  readonly answer: Answer | null;
}

/** The script of a trial from here, by its number. */
export function scriptAfter({ after }: Shared, quiet: Settled, number: number): Script<Told | null> {
  const known = after.get(quiet) ?? [];
  after.set(quiet, known);
  return (known[number] ??= blankScript());
}

/** A table that nothing is in yet. Doors share where everything is named alike: see `canonicalDoor`. */
export function sharedBehaviourCache(): SharedBehaviourCache {
  const kinds = new Map<string, Shared>();
  return {
    of(world, rest, releases) {
      const kind = `${structureOf(world)} ${restOf(world, rest)} ${releases.join()}`;
      const before = kinds.get(kind);
      if (before) return before;
      const fresh: Shared = {
        explored: explore(world, rest),
        breaking: new Map(),
        after: new Map(),
        told: new Map(),
        became: new Map(),
        bridged: new Map(),
      };
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
    world.door.expectations,
    provenFor(world),
    world.inhabitants.map(({ device, type }) => [
      device.id,
      device.door,
      device.tag,
      device.place,
      device.leaf,
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
    rest.network,
    rest.lockdown,
    rest.hours,
    rest.unstable,
  ]);
