import { autowire } from './autowire';
import { isRunEntered, runOf } from '../door/index';
import { intercomSets, wireIntercom, type IntercomSet } from '../intercom/index';
import { allConductors, deviceOf, type Conductor, type DoorId, type Plan } from '../plan/index';
import { metres } from '../units/index';

/** The wiring that Aldaba would lay at a door for its hardware and its ways of wiring, were nothing there yet. */
export interface Target {
  readonly wires: readonly Conductor[];
  /** Settings that this wiring asks for and that are different. */
  readonly settings: ReturnType<typeof autowire>['settings'];
  /** True for a wire that belongs to what the target wires: not to another door, nor to a bus as a whole. */
  isOwn(wire: Conductor): boolean;
}

/** Where nothing is known of how the door should be wired. */
export const NO_TARGET: Target = { wires: [], settings: [], isOwn: () => false };

const devicesOfSet = ({ supplies, answering, doorStations }: IntercomSet): string[] => [
  ...[...supplies, ...answering, ...doorStations].map(({ device }) => device.id),
  ...doorStations.flatMap(({ relay }) => (relay ? [relay.device.id] : [])),
];

/**
 * What Aldaba would lay itself, the door's own wires and those of its intercom set. Only a hint where to look first: what it
 * proposes is proven like all else.
 */
export function targetOf(plan: Plan, door: DoorId): Target {
  const without = (isOwn: Target['isOwn']): Plan => ({
    ...plan,
    conductors: Object.fromEntries(
      allConductors(plan)
        .filter((wire) => !isOwn(wire))
        .map((wire) => [wire.id, wire]),
    ),
  });
  const sets = intercomSets(plan).filter((set) => wireIntercom(plan, set).ok);
  const inSets = new Set(sets.flatMap(devicesOfSet));
  const isSet = ({ origin, from, to }: Conductor) =>
    origin === 'set' && inSets.has(deviceOf(from)) && inSets.has(deviceOf(to));
  const isOwn = (wire: Conductor) => wire.door === door && (wire.origin !== 'set' || isSet(wire));
  const bare = without(isOwn);
  const { added, settings } = autowire(bare, door, runOf(plan, door) ?? metres(12), isRunEntered(plan, door));
  const laid = sets.flatMap((set) => {
    const wiring = wireIntercom(bare, set);
    return wiring.ok ? wiring.added.filter((wire) => wire.door === door) : [];
  });
  return { wires: [...added, ...laid], settings, isOwn };
}
