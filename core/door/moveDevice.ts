import { nextTag, typeIn, wiresOn, type DeviceId, type DoorId, type Edit, type Plan } from '../plan/index';
import { freeDeviceId, renamedEnd, renamedSlots } from './renamed';

/**
 * A device at another door, or at none: it keeps its settings, its memory and every wire on it, and its tag where that is free
 * there. As one edit.
 */
export function moveDevice(plan: Plan, id: DeviceId, to: DoorId | null): { edit: Edit; tag: string } {
  const device = plan.devices[id];
  if (!device) throw new Error(`no device "${id}" in the plan`);
  const taken = Object.values(plan.devices).some((other) => other.door === to && other.tag === device.tag);
  const tag = taken ? nextTag(plan, to, typeIn(plan, device).tagPrefix) : device.tag;
  const moved = { ...device, id: freeDeviceId(plan, to, tag), door: to, tag };
  const names = new Map([[id, moved.id]]);
  const memory = plan.memories[id];
  const edits: Edit[] = [
    { kind: 'addDevice', device: moved },
    ...wiresOn(plan, id).map((wire): Edit => ({
      kind: 'setConductor',
      id: wire.id,
      patch: { from: renamedEnd(names, wire.from), to: renamedEnd(names, wire.to) },
    })),
    ...(memory
      ? [{ kind: 'setMemory', device: moved.id, memory: { ...memory, device: moved.id } } as const]
      : []),
    ...Object.values(plan.people)
      .filter(({ slots }) => slots[id] !== undefined)
      .map((person): Edit => ({
        kind: 'setPerson',
        id: person.id,
        patch: { slots: renamedSlots(names, person.slots) },
      })),
    { kind: 'removeDevice', id },
  ];
  return { edit: { kind: 'batch', label: `move ${device.tag} to ${to ?? 'the site'}`, edits }, tag };
}
