import type { Words } from '../text';

export const exitHeld: Words = {
  title: (v) => `The exit input ${v['terminal']} reads as pressed all the time`,
  reason: (v) =>
    `The input is set for a normally ${v['form'] === 'NC' ? 'closed' : 'open'} contact and reads as pressed with nobody there. ` +
    (v['sense'] === 'level'
      ? 'As long as it does, the door stays unlocked.'
      : 'It reacts to a press, and never sees one.'),
  remedy: (v) =>
    ({ bridged: 'Remove the bridge', throw: 'Swap NO and NC', menu: 'Set it as door contact' })[
      String(v['how'])
    ] ?? `Set it normally ${v['form'] === 'NC' ? 'open' : 'closed'}`,
};
