import { findIn, type Plan } from './plan';
import type { Grant, Level } from './schemas/level';
import type { Person } from './schemas/person';

/** Levels that a person holds, by name or by group, in the order of the site. */
export function levelsOf(plan: Plan, person: Pick<Person, 'levels' | 'group'>): readonly Level[] {
  const { inOrder, byGroup } = tables(plan);
  if (person.levels.length === 0) return byGroup.get(person.group) ?? [];
  const held = new Set(byGroup.get(person.group) ?? []);
  for (const id of person.levels) {
    const level = findIn(plan.levels, id);
    if (level) held.add(level);
  }
  return inOrder.filter((level) => held.has(level));
}

/** Grants of a level for one door. */
export function grantsAt(level: Level, door: string): readonly Grant[] {
  const known = byDoor.get(level) ?? byDoor.set(level, new Map()).get(level)!;
  const kept = known.get(door);
  if (kept) return kept;
  const grants = level.grants.filter(({ doors }) => doors.includes(door));
  known.set(door, grants);
  return grants;
}

const byDoor = new WeakMap<Level, Map<string, readonly Grant[]>>();

/** Every door that a person opens at some time, directly or by a level: in the order in which they are named. */
export function doorsOf(plan: Plan, person: Person): readonly string[] {
  const levels = levelsOf(plan, person);
  if (levels.length === 0) return person.doors;
  const doors = new Set(person.doors);
  for (const { grants } of levels)
    for (const grant of grants) for (const door of grant.doors) doors.add(door);
  return [...doors];
}

/** People who open a door at some time. */
export const peopleAt = (plan: Plan, door: string): Person[] =>
  Object.values(plan.people).filter((person) => opensEver(plan, person, door));

export const opensEver = (plan: Plan, person: Person, door: string): boolean =>
  person.doors.includes(door) || levelsOf(plan, person).some((level) => grantsAt(level, door).length > 0);

interface Tables {
  readonly inOrder: readonly Level[];
  readonly byGroup: ReadonlyMap<string, readonly Level[]>;
}

const known = new WeakMap<Plan['levels'], Tables>();

function tables({ levels }: Plan): Tables {
  const kept = known.get(levels);
  if (kept) return kept;
  const inOrder = Object.values(levels).sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));
  const byGroup = new Map<string, Level[]>();
  for (const level of inOrder)
    for (const group of new Set(level.groups)) byGroup.set(group, [...(byGroup.get(group) ?? []), level]);
  const made = { inOrder, byGroup };
  known.set(levels, made);
  return made;
}
