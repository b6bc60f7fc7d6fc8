import { lockDeadState, type Placed } from '../../door/index';
import { leverOpens } from '../../simulate/index';
import { doorSubject } from '../analyses/doorSubject';
import { type Analysis, violation, rule } from '../violation';

/**
 * Fail-secure and no lever: whoever is inside is trapped, on an escape route or in a store. Never a warning; but nobody is inside a cabinet.
 */
const trapped: Analysis = (context) => {
  const { door, parts, world, plan } = context;
  const secure =
    parts.locks.some((lock) => lockDeadState(plan, lock) === 'fail-secure') ||
    door.deadState?.state === 'fail-secure';
  if (!secure || door.brief.mechanicalEgress !== false || leverOpens(world)) return [];
  if (isCabinet(parts.locks)) return [];
  return [violation('traps-people', doorSubject(context))];
};

const isCabinet = (locks: readonly Placed[]): boolean =>
  locks.length > 0 && locks.every(({ type }) => type.lock?.kind === 'strike' && type.lock.cabinet === true);

export const trapsPeople = rule({
  code: 'traps-people',
  family: 'R',
  station: 'brief',
  severity: 'stop',
  basis: 'local-code',
  find: trapped,
});
