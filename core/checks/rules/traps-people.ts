import { lockDeadState } from '../../door/index';
import { leverOpens } from '../../simulate/index';
import { doorSubject } from '../analyses/doorSubject';
import { type Analysis, violation, rule } from '../violation';

/** Fail-secure, an escape route, and no lever: people are trapped. Never a warning. */
const trapped: Analysis = (context) => {
  const { door, parts, world, plan } = context;
  const secure =
    parts.locks.some((lock) => lockDeadState(plan, lock) === 'fail-secure') ||
    door.deadState?.state === 'fail-secure';
  if (!secure || door.brief.mechanicalEgress !== false || leverOpens(world)) return [];
  const severity = door.brief.escapeRoute === false ? 'fix' : 'stop';
  return [violation('traps-people', doorSubject(context), {}, { severity: severity })];
};

export const trapsPeople = rule({
  code: 'traps-people',
  family: 'R',
  station: 'brief',
  severity: 'stop',
  basis: 'local-code',
  find: trapped,
});
