import type { Words } from '../text';

export const diodeReversed: Words = {
  title: (v) => `${v['tag']} points the wrong way`,
  reason: (v) =>
    `Its stripe is on the minus of ${v['other']}: as soon as the lock has power the diode shorts it.`,
  remedy: () => 'Turn it round',
};
