import { num, situations, type Words } from '../text';

export const notReleased: Words = {
  title: (v) =>
    `Does not let people out freely: ${v['count']} ${num(v, 'count') === 1 ? 'situation' : 'situations'}`,
  reason: (v) => `They must act to get out in: ${situations(v)}.`,
};
