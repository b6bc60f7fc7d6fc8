import { num, situations, type Words } from '../text';

export const notReleased: Words = {
  title: (v) =>
    `The door does not let people out freely in ${v['count']} ${num(v, 'count') === 1 ? 'situation' : 'situations'}`,
  reason: (v) => `They must act to get out in: ${situations(v)}.`,
};
