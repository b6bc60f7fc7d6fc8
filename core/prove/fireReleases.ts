import { does } from '../devices/index';
import {
  joinedNodes,
  indexConditions,
  settleToRead,
  terminalAt,
  voltsAcross,
  type OperatingPoint,
} from '../circuit/index';
import { doorDevices } from '../door/index';
import { deviceOf, terminalId } from '../plan/index';
import {
  atRest,
  changedBy,
  conditionsOf,
  holdOf,
  lockStatuses,
  readsOf,
  stimulate,
  type Inhabitant,
  type SimState,
  type World,
} from '../simulate/index';

/** A lock's current is switched where it changes by more than a leak, amps, and by more than half of what it is. */
const LEAK_AMPS = 1e-3;
const SWITCHED_SHARE = 0.5;

/** True where one current is the other switched on or off. A supply that many doors load gives each a little more in an alarm. */
const isSwitched = (before: number, after: number): boolean =>
  Math.abs(after - before) >
  Math.max(LEAK_AMPS, SWITCHED_SHARE * Math.max(Math.abs(before), Math.abs(after)));

export const isFireRelay = ({ type }: Inhabitant): boolean => does(type, 'fireRelay');

/** Fire relays whose contact lies on the fire input of a supply of this door. */
function onFireInputs(world: World): Inhabitant[] {
  const supplies = doorDevices(world, 'fireInput');
  if (supplies.length === 0) return [];
  const joined = joinedNodes(world.netlist);
  const point = (device: string, pin: string) =>
    joined[world.netlist.nodeOf.get(terminalId(device, pin)) ?? -1];
  const inputs = new Set(
    supplies.flatMap(({ device, type }) =>
      type.roles.fireInput ? [point(device.id, type.roles.fireInput.input)] : [],
    ),
  );
  return world.inhabitants.filter(
    (one) =>
      isFireRelay(one) &&
      one.type.parts.some((part) => [part.a, part.b].some((pin) => inputs.has(point(one.device.id, pin)))),
  );
}

/** Current of a branch that obeys Ohm's law, amps; null for another. */
function ohmicAmps({ netlist }: World, point: OperatingPoint, branch: number): number | null {
  const part = netlist.branches[branch];
  if (part?.kind !== 'coil' && part?.kind !== 'load') return null;
  return (voltsAcross(netlist, point, branch) ?? 0) * netlist.fast.fixed[branch]!;
}

/**
 * True where an alarm at this relay alone changes the current of a lock of this door. Where no device reads anything else for
 * the alarm than at rest (`reads`), nothing follows from it, and one settled circuit tells; else it is played.
 */
export function reachesLock(world: World, rest: SimState, reads: string, relay: Inhabitant): boolean {
  const { netlist } = world;
  const changed = changedBy(world, rest, { kind: 'fire', device: relay.device.id }, []);
  const point = settleToRead(netlist, indexConditions(netlist, conditionsOf(changed)), rest.point.on);
  const locks = lockStatuses(world, rest.point);
  const amps = locks.map(({ branch }) => ohmicAmps(world, point, branch));
  const isStill = changed.queue === rest.queue && !amps.includes(null) && readsOf(world, point) === reads;
  if (!isStill) return reachesLockAnew(world, rest, relay);
  return locks.some(({ branch }, at) => isSwitched(rest.point.amps[branch] ?? 0, amps[at]!));
}

/** The same played whatever is read: the slow twin. */
export function reachesLockAnew(world: World, rest: SimState, { device }: Inhabitant): boolean {
  const alarm = stimulate(world, rest, { kind: 'fire', device: device.id }).state;
  return lockStatuses(world, rest.point).some(({ branch }) =>
    isSwitched(rest.point.amps[branch] ?? 0, alarm.point.amps[branch] ?? 0),
  );
}

/** True where a wire leads from the relay straight to what feeds, holds or releases this door. */
function isWiredHere(world: World, { device }: Inhabitant): boolean {
  const near = new Set(
    world.inhabitants
      .filter((one) => one.device.door === world.door.id && FEEDING.has(one.type.family))
      .map((one) => one.device.id),
  );
  return world.netlist.branches.some(({ kind, a, b }) => {
    if (kind !== 'conductor') return false;
    const [one, two] = [a, b].map((node) => deviceOf(terminalAt(world.netlist, node)));
    return (one === device.id && near.has(two!)) || (two === device.id && near.has(one!));
  });
}
const FEEDING: ReadonlySet<string> = new Set(['supply', 'lock', 'release']);

const known = new WeakMap<World, readonly Inhabitant[]>();

/**
 * Fire relays that release this door: its own, wired or not, and whichever else of the circuit reaches it, at another door or
 * at none: by its lock's current, or by the fire input of a supply of it.
 */
export function fireReleases(world: World, rest?: SimState): readonly Inhabitant[] {
  const before = known.get(world);
  if (before) return before;
  const others = world.inhabitants.filter((one) => isFireRelay(one) && one.device.door !== world.door.id);
  const calm = others.length > 0 ? (rest ?? atRest(world)) : null;
  const reads = calm ? readsOf(world, calm.point) : '';
  const lines = new Set(onFireInputs(world));
  const own = doorDevices(world, 'fireRelay');
  // A door that has its own is released by it; another's counts where its wires or the circuit say so.
  const reaching = others.filter(
    (one) =>
      (own.length === 0 && (lines.has(one) || isWiredHere(world, one))) ||
      (calm !== null && reachesLock(world, calm, reads, one)),
  );
  const found = [...own, ...reaching];
  known.set(world, found);
  return found;
}

const solo = new WeakMap<World, readonly Inhabitant[]>();

/**
 * Of several fire relays those that have to do with this door's locks: each lets them go alone, or is needed for it, as one of two whose
 * contacts stand side by side. Empty where there are not several.
 */
export function soloReleases(world: World, rest?: SimState): readonly Inhabitant[] {
  const before = solo.get(world);
  if (before) return before;
  const all = fireReleases(world, rest);
  let found: readonly Inhabitant[] = [];
  if (all.length > 1) {
    const calm = rest ?? atRest(world);
    const trip = (relays: readonly Inhabitant[]): string =>
      holdOf(
        world,
        relays.reduce(
          (state, { device }) => stimulate(world, state, { kind: 'fire', device: device.id }).state,
          calm,
        ).point,
      );
    const [still, tripped] = [holdOf(world, calm.point), trip(all)];
    found = all.filter(
      (one) => trip([one]) !== still || trip(all.filter((other) => other !== one)) !== tripped,
    );
  }
  solo.set(world, found);
  return found;
}

/** A door with something broken in it is still the one that these relays are there for. */
export const sameReleases = (sound: World, broken: World, rest?: SimState): void => {
  known.set(broken, fireReleases(sound, rest));
  solo.set(broken, soloReleases(sound, rest));
};
