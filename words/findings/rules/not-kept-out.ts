import { num, situations, type Words } from '../text';

export const notKeptOut: Words = {
  title: (v) => `Open to anyone: ${v['count']} ${num(v, 'count') === 1 ? 'situation' : 'situations'}`,
  reason: (v) => `Should stay shut in: ${situations(v)}.`,
};
