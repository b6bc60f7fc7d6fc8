import type { Person, Plan } from '../plan/index';

/** People who open the same doors at the same times: what holds for one of them holds for all. */
export function alike(plan: Plan): Person[][] {
  const groups = new Map<string, Person[]>();
  for (const person of Object.values(plan.people)) {
    const { doors, levels, group, from, until } = person;
    const key = JSON.stringify([[...doors].sort(), [...levels].sort(), group, from, until]);
    const kept = groups.get(key);
    if (kept) kept.push(person);
    else groups.set(key, [person]);
  }
  return [...groups.values()];
}
