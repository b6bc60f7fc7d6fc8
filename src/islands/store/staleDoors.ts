import { deviceOf, findTypeIn, type DoorId, type Plan } from '#core/plan/index';

/** Ids whose entity is not the very same object in both states: edits keep what they do not touch. */
function changed<T extends object>(
  before: Readonly<Record<string, T>>,
  after: Readonly<Record<string, T>>,
): T[] {
  if (before === after) return [];
  const ids = new Set([...Object.keys(before), ...Object.keys(after)]);
  return [...ids].flatMap((id) =>
    before[id] === after[id] ? [] : [before[id], after[id]].filter((one) => one !== undefined),
  );
}

/** Doors whose verdict may differ between two states of a plan. */
export function staleDoors(before: Plan, after: Plan): DoorId[] {
  const stale = new Set<DoorId>();
  const all = () => Object.keys(after.doors).forEach((door) => stale.add(door));
  const ofDevice = (id: string) => {
    const door = (after.devices[id] ?? before.devices[id])?.door;
    if (door) stale.add(door);
    else all();
  };
  for (const door of changed(before.doors, after.doors)) stale.add(door.id);
  for (const device of changed(before.devices, after.devices)) {
    ofDevice(device.id);
    // Sets and networks are judged across doors that no wire joins yet.
    const type = findTypeIn(after, device.type);
    if (type?.roles.intercom || type?.settings.some(({ id }) => id === 'ip')) all();
  }
  for (const cable of changed(before.cables, after.cables)) stale.add(cable.door);
  for (const wire of changed(before.conductors, after.conductors)) {
    stale.add(wire.door);
    ofDevice(deviceOf(wire.from));
    ofDevice(deviceOf(wire.to));
  }
  for (const person of changed(before.people, after.people)) person.doors.forEach((door) => stale.add(door));
  for (const memory of changed(before.memories, after.memories)) ofDevice(memory.device);
  for (const reading of changed(before.readings, after.readings)) stale.add(reading.door);
  // A door that shares a supply or a controller with a stale one may differ as well.
  const joined = Object.values(after.conductors).flatMap((wire) => {
    const doors = [
      wire.door,
      after.devices[deviceOf(wire.from)]?.door,
      after.devices[deviceOf(wire.to)]?.door,
    ];
    return doors.some((door) => door && stale.has(door)) ? doors : [];
  });
  for (const door of joined) if (door) stale.add(door);
  return [...stale].filter((door) => after.doors[door]);
}
