import { nextTag, typeIn, type Device, type DoorId, type Edit, type Plan } from '../plan/index';
import type { HardwareSet } from './hardwareSets';

/** A device of this type for a door, tagged with the next free tag. */
export function newDevice(
  plan: Plan,
  door: DoorId | null,
  typeId: string,
  settings: Device['settings'] = {},
): Device {
  const type = typeIn(plan, { type: typeId });
  const tag = nextTag(plan, door, type.tagPrefix);
  let id = door === null ? tag : `${door}/${tag}`;
  while (plan.devices[id]) id += "'";
  return { id, door, tag, type: typeId, place: type.place, leaf: 1, settings, notes: '' };
}

/** One edit that adds a hardware set to a door, keeping what already stands there. */
export function hardwareEdit(plan: Plan, door: DoorId, set: HardwareSet): Edit {
  let growing = plan;
  const edits = set.devices.map(({ type, settings, place }): Edit => {
    const fresh = newDevice(growing, door, type, settings);
    const device = place ? { ...fresh, place } : fresh;
    growing = { ...growing, devices: { ...growing.devices, [device.id]: device } };
    return { kind: 'addDevice', device };
  });
  const schools: Edit[] = set.schools
    ? [{ kind: 'setDoor', id: door, patch: { schools: { ...plan.doors[door]?.schools, ...set.schools } } }]
    : [];
  return { kind: 'batch', label: 'add hardware', edits: [...edits, ...schools] };
}
