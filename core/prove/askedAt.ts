import { byWhoLeaves, neighbourActs } from '../acts/index';
import { does } from '../devices/index';
import { entries, exits } from '../door/index';
import type { Inhabitant, World } from '../simulate/index';
import { soloReleases } from './fireReleases';
import type { Asked } from './situation';

/** Where a situation is brought about: each device at which somebody does it. */

const isInside = ({ device }: Inhabitant): boolean => device.place === 'inside';

/** Readers and keypads at which somebody asks to come in. */
export const entriesOutside = (world: World): Inhabitant[] =>
  [...new Set(entries(world))].filter((one) => !isInside(one));

export const entriesInside = (world: World): Inhabitant[] => [...new Set(entries(world))].filter(isInside);

/** Where nothing takes a card or a code, somebody who may come in stands before the door all the same. */
export const orNobody = (asked: readonly Asked[]): readonly Asked[] | null =>
  asked.length > 0 ? asked : null;

/** All fire relays at once; and each by itself, where there are several that have to do with this door's locks. */
export const alarms = (world: World): readonly Asked[] | null => {
  const each = soloReleases(world);
  return each.length > 0 ? [{ device: null }, ...each] : null;
};

/** Supplies of this circuit that can die while others live. */
export const supplies = ({ inhabitants, netlist }: World): readonly Asked[] => {
  const feeding = new Set(
    netlist.branches.flatMap((branch) => (branch.kind === 'source' ? [branch.device] : [])),
  );
  return feeding.size > 1 ? inhabitants.filter(({ device }) => feeding.has(device.id)) : [];
};

/** Exit devices; and what feels itself that somebody pushes. */
export const asksToLeave = (world: World): readonly Asked[] => {
  const asked = new Set(exits(world).map(({ device }) => device.id));
  const others = byWhoLeaves(world).filter(
    ({ purpose, at }) => purpose === 'leave' && !asked.has(at.device.id),
  );
  return [...exits(world), ...others.map(({ at }) => at)];
};

/** What is done at other doors that are coupled with this one. */
export const elsewhere = (world: World): readonly Asked[] =>
  neighbourActs(world).map((act) => ({ device: act.at.device, act }));

export const lockdownButtons = ({ inhabitants }: World) =>
  inhabitants.filter(({ type }) => type.roles.lockdownContact && does(type, 'switch'));
