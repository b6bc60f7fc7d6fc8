import type { Words } from '../text';

export const operatorStands: Words = {
  title: (v) =>
    v['moves'] === 'not'
      ? `${v['tag']} never moves: its stop loop is open`
      : `${v['tag']} opens and never closes`,
  reason: (v) =>
    v['moves'] === 'not'
      ? `${v['tag']}.${v['terminal']} is a normally closed loop: open, the drive does not move. Close it through a stop button, or bridge it.`
      : `${v['tag']}.${v['terminal']} is a normally closed loop: open means an obstruction, and the drive waits. Close it through a safety edge.`,
};
