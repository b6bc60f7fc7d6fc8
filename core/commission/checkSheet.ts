import { checkContext, type CheckContext } from '../checks/index';
import type { Plan } from '../plan/index';
import { beforePower } from './beforePower';
import type { CheckItem } from './checkItem';
import { functions } from './functions';
import { atPowerUp } from './powerUp';

/** A check sheet in working order, from a door's plan and what the engine says it must read. */
export function checkSheet(plan: Plan, doorId: string, given?: CheckContext): CheckItem[] {
  const context = given ?? checkContext(plan, doorId);
  const items = [...beforePower(context), ...atPowerUp(context), ...functions(context)];
  // Nothing is to be read on a meter where a circuit never comes to rest: there is no figure to hold it against.
  return context.rest.point.restless.length > 0 ? items.filter(({ unit }) => unit === 'yes') : items;
}
