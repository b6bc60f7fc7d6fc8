import { lockDeadState, placed } from '../door/index';
import { allDevices, doorsInOrder, findTypeIn, type DoorId, type Plan } from '../plan/index';

/** What is found of a site as a whole and of no single door. */
export interface SiteFinding {
  readonly code: 'every-door-opens';
  readonly severity: 'caution';
  readonly doors: readonly DoorId[];
}

/** A site with fewer doors than this is no mix of anything. */
const FEWEST = 2;

/**
 * Whole-site rules. A site whose every door opens when dead stands open to anybody who sets off the alarm or cuts the power:
 * practice mixes fail-safe and fail-secure doors.
 */
export function siteFindings(plan: Plan): SiteFinding[] {
  const locks = allDevices(plan).filter(({ type }) => findTypeIn(plan, type)?.lock !== undefined);
  const doors = doorsInOrder(plan).flatMap(({ id, deadState }) => {
    const own = locks.filter(({ door }) => door === id).map((one) => lockDeadState(plan, placed(plan, one)));
    // Before there is a lock, what was chosen for the door counts.
    const states = own.length > 0 || !deadState ? own : [deadState.state];
    return states.length > 0 ? [{ id, opens: states.every((state) => state === 'fail-safe') }] : [];
  });
  if (doors.length < FEWEST || !doors.every(({ opens }) => opens)) return [];
  return [{ code: 'every-door-opens', severity: 'caution', doors: doors.map(({ id }) => id) }];
}
