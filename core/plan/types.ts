import { findType, type DeviceType } from '../devices/index';
import type { Device, Plan } from './plan';

/** Whatever holds a site's own device types: a plan, or a part of one. */
export type WithTypes = Pick<Plan, 'types'>;

/** The type with this id, from the site's own types or the library; undefined for an unknown one. */
export const findTypeIn = ({ types }: WithTypes, id: string): DeviceType | undefined =>
  (Object.hasOwn(types, id) ? types[id] : undefined) ?? findType(id);

/** The type of a device. Throws on an unknown one: a plan in memory has passed the door and names only known types. */
export function typeIn(plan: WithTypes, device: Pick<Device, 'type'>): DeviceType {
  const type = findTypeIn(plan, device.type);
  if (!type) throw new Error(`unknown device type "${device.type}"`);
  return type;
}

/** Own types carry their version in their id, `bench-reader@2`: a device in use keeps the version it has. */
export const typeBase = (id: string): string => id.replace(/@\d+$/, '');

/** The next version's id of an own type. */
export function nextTypeId(plan: WithTypes, base: string): string {
  let version = 1;
  while (plan.types[`${base}@${version}`]) version += 1;
  return `${base}@${version}`;
}

/** The newest version of a device's own type, where it is newer than the one in use. */
export function newerVersion(plan: WithTypes, id: string): DeviceType | null {
  const mine = plan.types[id];
  if (!mine) return null;
  const newest = Object.values(plan.types)
    .filter((type) => typeBase(type.id) === typeBase(id))
    .sort((a, b) => b.version - a.version)[0];
  return newest && newest.version > mine.version ? newest : null;
}
