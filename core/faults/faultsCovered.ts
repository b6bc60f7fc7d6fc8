import { withDefect } from '../circuit/index';
import { atRest, type World } from '../simulate/index';
import { fireReleases, sameTrials, toldOf } from '../prove/index';
import { defectOf } from './brokenWorld';
import { faultsOf, type Fault } from './fault';
import { groupOf, isWorseGroup, type FaultGroup } from './groups';
import type { FaultResult } from './result';
import { sweep } from './sweep';

/** What a part that protects is worth: the faults of the rest that come to more without it. */
export interface FaultsCovered {
  readonly device: string;
  /** Faults that are worse while it does not move, with what they come to then. */
  readonly covers: readonly { readonly fault: Fault; readonly group: FaultGroup }[];
}

/** Families whose contacts are there for the case that something else fails. */
const PROTECTS: ReadonlySet<string> = new Set(['release', 'exit', 'contact']);

/** Devices of a door that may cover for a fault of something else. */
export const protectors = (world: World): string[] =>
  world.inhabitants.flatMap(({ device, type }) =>
    PROTECTS.has(type.family) &&
    [world.door.id, null].includes(device.door) &&
    type.parts.some(({ kind }) => kind === 'contact')
      ? [device.id]
      : [],
  );

/** The same door with one device that no longer moves: each contact stands as it does at rest. */
export function heldStill(world: World, id: string): World {
  let { netlist } = world;
  for (const [index, branch] of world.netlist.branches.entries()) {
    if (branch.kind !== 'contact' || branch.device !== id) continue;
    const closed = branch.normallyClosed;
    const fault: Fault = { kind: closed ? 'contact-welded' : 'contact-dead', contact: branch.id };
    netlist = withDefect(
      netlist,
      closed ? { kind: 'stuck', branch: index, closed, others: [] } : defectOf(netlist, fault),
    );
  }
  return { ...world, netlist };
}

/**
 * What each part that protects is worth, one after the other: taken out in turn, every other fault is swept again, and those that
 * are worse without it are counted. `sound` are the results with all in place.
 */
export function* worthOf(world: World, sound: readonly FaultResult[]): Generator<FaultsCovered> {
  const rest = atRest(world);
  const before = toldOf(world, rest);
  const groups = new Map(sound.map((result) => [JSON.stringify(result.fault), groupOf(result, before)]));
  fireReleases(world, rest);
  for (const device of protectors(world)) {
    const still = heldStill(world, device);
    sameTrials(world, still);
    const faults = faultsOf(world).filter((fault) => !concerns(fault, device));
    const without = [...sweep(still, atRest(still), faults)];
    yield {
      device,
      covers: without.flatMap((result) => {
        const group = groupOf(result, before);
        const was = groups.get(JSON.stringify(result.fault));
        return was && isWorseGroup(group, was) ? [{ fault: result.fault, group }] : [];
      }),
    };
  }
}

/** True where a fault is one of the device itself. */
const concerns = (fault: Fault, device: string): boolean =>
  (fault.kind === 'device-dead' && fault.device === device) ||
  ((fault.kind === 'contact-welded' || fault.kind === 'contact-dead') &&
    fault.contact.startsWith(`${device}:`));
