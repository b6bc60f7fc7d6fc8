import { metres, type Metres } from '../units/index';
import { findType, type Place } from '../devices/index';
import { conductorsOf, deviceOf, type Device, type DoorId, type Plan } from '../plan/index';

/** Distance along the cable from the enclosure to each place when the door is one metre of run away, metres. */
const BEYOND_RUN: Readonly<Record<Place, number>> = {
  enclosure: 0,
  above: 0,
  frame: 2,
  inside: 3,
  outside: 3,
};
/** Between two devices in one enclosure, metres. */
const IN_ENCLOSURE = 0.5;
/** Between two devices at the same door, metres. */
const AT_DOOR = 3;

/** The lead of a part that sits on another device's terminals, or a link between two terminals of one device. */
const LEAD = 0.2;

export const inEnclosure = (device: Device | undefined) =>
  device === undefined || device.place === 'enclosure';

/** Length of a conductor between two devices, from where they stand. */
export function lengthBetween(from: Device | undefined, to: Device | undefined, run: Metres): Metres {
  if (isLead(from, to)) return metres(LEAD);
  if (betweenDoors(from, to)) return run;
  if (inEnclosure(from) && inEnclosure(to)) return metres(IN_ENCLOSURE);
  if (!inEnclosure(from) && !inEnclosure(to)) return metres(AT_DOOR);
  const field = inEnclosure(from) ? to : from;
  return metres(run + BEYOND_RUN[field?.place ?? 'frame']);
}

/** Cable a conductor belongs to, named after the device at its far end; empty inside an enclosure. */
export function cableBetween(from: Device | undefined, to: Device | undefined): string {
  if (isLead(from, to)) return '';
  if (betweenDoors(from, to)) return `${from?.door}–${to?.door}`;
  if (inEnclosure(from) && inEnclosure(to)) return '';
  if (!inEnclosure(from) && !inEnclosure(to)) return [from?.tag, to?.tag].sort().join('–');
  return (inEnclosure(from) ? to?.tag : from?.tag) ?? '';
}

/** Diodes, varistors and end-of-line resistors sit where they belong; so does a link on one device. */
const isLead = (from: Device | undefined, to: Device | undefined): boolean =>
  (from !== undefined && from.id === to?.id) ||
  (!inEnclosure(from) &&
    !inEnclosure(to) &&
    [from, to].some((device) => device !== undefined && isSmall(device)));

/** A pair that carries a fire alarm from one door's enclosure to another's. */
const betweenDoors = (from: Device | undefined, to: Device | undefined): boolean =>
  from !== undefined &&
  to !== undefined &&
  from.door !== to.door &&
  [from, to].every(
    ({ type }) => findType(type)?.family === 'release' || findType(type)?.roles.fireInput !== undefined,
  );

const isSmall = ({ type }: Device): boolean => findType(type)?.family === 'suppression';

/** True where somebody has said how far it is: a run that was assumed is no measure for another. */
export const isRunEntered = (plan: Pick<Plan, 'devices' | 'conductors'>, door: DoorId): boolean =>
  runOf(plan, door) !== null &&
  conductorsOf(plan, door).every(({ origin, assumed }) => origin !== 'aldaba' || !assumed.includes('length'));

/** The run that the wires of a door were laid for: what is left of the longest one between enclosure and door; null where none is. */
export function runOf(plan: Pick<Plan, 'devices' | 'conductors'>, door: DoorId): Metres | null {
  const runs = conductorsOf(plan, door).flatMap((wire) => {
    if (wire.origin !== 'aldaba') return [];
    const [from, to] = [wire.from, wire.to].map((end) => plan.devices[deviceOf(end)]);
    if (inEnclosure(from) === inEnclosure(to)) return [];
    const field = inEnclosure(from) ? to : from;
    return [wire.length - BEYOND_RUN[field?.place ?? 'frame']];
  });
  // Most wires agree; one that somebody measured differs.
  const sorted = runs.sort((a, b) => a - b);
  const middle = sorted[Math.floor(sorted.length / 2)];
  return middle === undefined || middle <= 0 ? null : metres(middle);
}
