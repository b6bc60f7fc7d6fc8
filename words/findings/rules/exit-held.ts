import type { Words } from '../text';

export const exitHeld: Words = {
  title: (v) => `${v['terminal']} is asked all the time`,
  reason: (v) =>
    `The input is set for a normally ${v['form'] === 'NC' ? 'closed' : 'open'} contact and already reads as pressed: nobody’s hand can change it.`,
  remedy: (v) => `Set it normally ${v['form'] === 'NC' ? 'open' : 'closed'}`,
};
