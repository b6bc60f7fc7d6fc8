import { allConductors } from '../../plan/index';
import type { CheckContext } from '../context';

/** True for a door that has hardware of its own with terminals that must be wired, and no wire at all. */
export function notWired({ plan, door, parts }: Pick<CheckContext, 'plan' | 'door' | 'parts'>): boolean {
  const needs = parts.all.some(
    ({ device, type }) => device.door === door.id && type.terminals.some(({ use }) => use === 'needed'),
  );
  return needs && !allConductors(plan).some((wire) => wire.door === door.id);
}
