import { kindOf, type Collection, type Entities } from './kinds/index';
import { changedEntries } from './planDelta';
import { findIn, type DoorId, type Plan } from './plan';
import type { Site } from './schemas/site';
import { conductorsOf, devicesOf, wiresOn } from './siteIndex';
import { deviceOf } from './kinds/terminal';

/** Doors that what differs between two states of a plan is part of, in order of their ids: a line of the log names them. */
export function touchedDoors(before: Plan, after: Plan): DoorId[] {
  const doors = new Set<DoorId>();
  for (const { collection, ...change } of changedEntries(before, after)) {
    const doorsOf = doorsIn(collection);
    if (change.before) doorsOf(change.before, before).forEach((door) => doors.add(door));
    if (change.after) doorsOf(change.after, after).forEach((door) => doors.add(door));
  }
  return [...doors].sort();
}

const doorsIn =
  (collection: Collection) =>
  (entity: Entities[Collection], plan: Plan): readonly DoorId[] =>
    kindOf(collection).doors(entity, plan);

/** What is only read: nothing at any door follows from it. */
const ONLY_READ: ReadonlySet<string> = new Set<keyof Site>([
  'id',
  'name',
  'address',
  'notes',
  'company',
  'contact',
  'reference',
  'lastDoor',
]);

/** True where something of the site differs by which its doors are judged: its region, its units. */
const isJudgedOtherwise = (before: Site, after: Site): boolean =>
  before !== after &&
  Object.entries(after).some(
    ([field, value]) => !ONLY_READ.has(field) && !Object.is(value, before[field as keyof Site]),
  );

/** Doors whose verdict may differ between two states of a plan: those touched, and those that share a wire with one. */
export function staleDoors(before: Plan, after: Plan): DoorId[] {
  const everywhere = changedEntries(before, after).some(({ collection, before: old, after: now }) => {
    const { everywhere: reaches } = kindOf(collection);
    return (old && reaches?.(before, old)) || (now && reaches?.(after, now));
  });
  if (everywhere || isJudgedOtherwise(before.site, after.site)) return Object.keys(after.doors);
  const stale = new Set(touchedDoors(before, after));
  const near = [...stale].flatMap((door) => [
    ...conductorsOf(after, door),
    ...devicesOf(after, door).flatMap(({ id }) => wiresOn(after, id)),
  ]);
  const joined = near.flatMap((wire) => [
    wire.door,
    ...[wire.from, wire.to].map((end) => findIn(after.devices, deviceOf(end))?.door),
  ]);
  for (const door of joined) if (door) stale.add(door);
  return [...stale].filter((door) => findIn(after.doors, door) !== undefined);
}
