import type { Words } from '../text';

export const exitHeld: Words = {
  title: (v) => `The exit input ${v['terminal']} reads as pressed all the time`,
  reason: (v) =>
    `The input is set for a normally ${v['form'] === 'NC' ? 'closed' : 'open'} contact and reads as pressed with nobody there. ` +
    (v['sense'] === 'level'
      ? 'As long as it does the door stays released.'
      : 'It answers to the press, and never sees one.'),
  remedy: (v) =>
    ({ bridged: 'Take out the bridge', throw: 'Change over the contact', menu: 'Set it as door contact' })[
      String(v['how'])
    ] ?? `Set it normally ${v['form'] === 'NC' ? 'open' : 'closed'}`,
};
