import { num, situations, type Words } from '../text';

export const lockedIn: Words = {
  title: (v) =>
    `Somebody can be locked in, in ${v['count']} ${num(v, 'count') === 1 ? 'situation' : 'situations'}`,
  reason: (v) => `No way out in: ${situations(v)}.`,
};
