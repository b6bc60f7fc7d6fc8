import { checkContext, type CheckContext } from '../checks/index';
import type { Plan } from '../plan/index';
import { beforePower } from './beforePower';
import type { CheckItem } from './checkItem';
import { functions } from './functions';
import { atPowerUp } from './powerUp';

/** A check sheet in working order, from a door's plan and what the engine says it must read. */
export function checkSheet(plan: Plan, doorId: string, given?: CheckContext): CheckItem[] {
  const context = given ?? checkContext(plan, doorId);
  return [...beforePower(context), ...atPowerUp(context), ...functions(context)];
}
