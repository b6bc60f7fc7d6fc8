import type { Words } from '../text';

const TITLES: Readonly<Record<string, string>> = {
  not: 'never moves: its stop loop is open',
  shut: 'never opens: its fire loop is open',
};
const REASONS: Readonly<Record<string, string>> = {
  not: 'open, the drive does not move. Close it through a stop button, or bridge it.',
  shut: 'open means an alarm, and the drive opens to nobody. Close it through a normally closed contact of the fire relay.',
};

export const operatorStands: Words = {
  title: (v) => `${v['tag']} ${TITLES[String(v['moves'])] ?? 'opens and never closes'}`,
  reason: (v) =>
    `${v['tag']}.${v['terminal']} is a normally closed loop: ${
      REASONS[String(v['moves'])] ??
      'open means an obstruction, and the drive waits. Close it through a safety edge.'
    }`,
};
