import type { Edit, Level, Plan } from '../plan/index';

/** What becomes of the doors that access levels open, in every place where a level names some. Levels that stay as they are give no edit. */
export function levelEdits(plan: Plan, change: (doors: readonly string[]) => readonly string[]): Edit[] {
  const doors = (of: readonly string[]): string[] => [...change(of)];
  return Object.values(plan.levels).flatMap((level): Edit[] => {
    const patch: Pick<Level, 'grants' | 'exceptions'> = {
      grants: level.grants.map((grant) => ({ ...grant, doors: doors(grant.doors) })),
      // One without doors is for all of its level, and stays so.
      exceptions: level.exceptions.map((one) => ({ ...one, doors: doors(one.doors) })),
    };
    const same =
      JSON.stringify(patch) === JSON.stringify({ grants: level.grants, exceptions: level.exceptions });
    return same ? [] : [{ kind: 'setLevel', id: level.id, patch }];
  });
}
