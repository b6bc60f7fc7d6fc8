import { num, situations, type Words } from '../text';

export const lockedOut: Words = {
  title: (v) =>
    `The door does not open from outside in ${v['count']} ${num(v, 'count') === 1 ? 'situation' : 'situations'}`,
  reason: (v) => `Should open in: ${situations(v)}.`,
};
