import { opensEver } from '../../plan/index';
import { onDevice } from '../context';
import { type Analysis, violation, rule } from '../violation';

/** More people than the device holds. */
const capacity: Analysis<'parts' | 'plan' | 'door'> = ({ parts, plan, door }) => {
  const { decider } = parts;
  const limit = decider?.type.capacity?.users;
  if (!decider || limit === undefined) return [];
  const measured = Object.values(plan.people).filter((person) => opensEver(plan, person, door.id)).length;
  return measured > limit
    ? [
        violation('capacity-exceeded', [onDevice(decider.device.id)], {
          tag: decider.device.tag,
          measured,
          limit,
        }),
      ]
    : [];
};

export const capacityExceeded = rule({
  code: 'capacity-exceeded',
  family: 'C',
  station: 'program',
  severity: 'fix',
  basis: 'rating',
  find: capacity,
});
