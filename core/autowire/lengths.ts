import { metres, type Metres } from '../units/index';
import type { Place } from '../devices/index';
import type { Device } from '../plan/index';

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

const inEnclosure = (device: Device | undefined) => device === undefined || device.place === 'enclosure';

/** Length of a conductor between two devices, from where they stand. */
export function lengthBetween(from: Device | undefined, to: Device | undefined, run: Metres): Metres {
  if (inEnclosure(from) && inEnclosure(to)) return metres(IN_ENCLOSURE);
  if (!inEnclosure(from) && !inEnclosure(to)) return metres(AT_DOOR);
  const field = inEnclosure(from) ? to : from;
  return metres(run + BEYOND_RUN[field?.place ?? 'frame']);
}

/** Cable a conductor belongs to, named after the device at its far end; empty inside an enclosure. */
export function cableBetween(from: Device | undefined, to: Device | undefined): string {
  if (inEnclosure(from) && inEnclosure(to)) return '';
  if (!inEnclosure(from) && !inEnclosure(to)) return [from?.tag, to?.tag].sort().join('–');
  return (inEnclosure(from) ? to?.tag : from?.tag) ?? '';
}
