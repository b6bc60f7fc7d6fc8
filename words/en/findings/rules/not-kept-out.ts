import { num, situations, type Words } from '../text';

export const notKeptOut: Words = {
  title: (v) =>
    `The door does not lock in ${v['count']} ${num(v, 'count') === 1 ? 'situation' : 'situations'}`,
  reason: (v) => `Anybody can come in. It should stay locked in: ${situations(v)}.`,
};
