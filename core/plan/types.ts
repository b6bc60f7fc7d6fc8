import { typeAsConfigured, findType, settingFault, type DeviceType } from '../devices/index';
import type { Edit } from './edit';
import type { Device } from './schemas/device';
import { findIn, type Plan } from './plan';

/** Whatever holds a site's own device types: a plan, or a part of one. */
export type WithTypes = Pick<Plan, 'types'>;

/** The type with this id, from the site's own types or the library; undefined for an unknown one. */
export const findTypeIn = ({ types }: WithTypes, id: string): DeviceType | undefined =>
  findIn(types, id) ?? findType(id);

/**
 * The type of a device, as its settings make it. Throws on an unknown one: a plan in memory has passed the door and names only
 * known types.
 */
export function typeIn(
  plan: WithTypes,
  { type: id, settings }: Pick<Device, 'type'> & Partial<Pick<Device, 'settings'>>,
): DeviceType {
  const type = findTypeIn(plan, id);
  if (!type) throw new Error(`unknown device type "${id}"`);
  return settings ? typeAsConfigured(type, settings) : type;
}

/** Types of the library that the devices of a plan are of, each once. */
export const typesUsed = ({ devices }: Pick<Plan, 'devices'>): DeviceType[] =>
  [...new Set(Object.values(devices).map(({ type }) => type))].flatMap((id) => findType(id) ?? []);

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

/**
 * Puts another type in a device's place, as one edit: settings that the new type does not take are taken out first, by
 * name, so that they come back with undo.
 */
export function changeType(device: Device, to: DeviceType): { edit: Edit; lost: string[] } {
  const lost = Object.entries(device.settings)
    .filter(([id, value]) => settingFault(to, id, value) !== null)
    .map(([id]) => id);
  const edits: Edit[] = [
    ...lost.map((setting): Edit => ({ kind: 'setSetting', device: device.id, setting, value: null })),
    { kind: 'setDevice', id: device.id, patch: { type: to.id } },
  ];
  return { edit: { kind: 'batch', label: `change the type of ${device.tag}`, edits }, lost };
}
