import { changedEntries, sameContent, type EditBack, type Plan } from '#core/plan/index';

/** True where an entry still is what the edit left: read anew from the server it is another object with the same in it. */
export const isAsLeft = (plan: Plan, { collection, id, after }: EditBack['left'][number]): boolean =>
  sameContent(plan[collection][id] ?? null, after);

/** True where two plans say the same. */
export const changesNothing = (before: Plan, after: Plan): boolean =>
  sameContent(before.site, after.site) &&
  changedEntries(before, after).every((one) => sameContent(one.before, one.after));
