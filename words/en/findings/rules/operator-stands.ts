import type { Words } from '../text';

export const operatorStands: Words = {
  title: (v) =>
    v['moves'] === 'not'
      ? `${v['tag']} never moves: its stop loop is open`
      : `${v['tag']} opens and never shuts`,
  reason: (v) =>
    v['moves'] === 'not'
      ? `${v['tag']}.${v['terminal']} is a closed loop: cut, the drive stands still whoever asks. Close it through a stop button, or bridge it.`
      : `${v['tag']}.${v['terminal']} is a closed loop: cut, something is in the way, and the drive waits. Close it through a safety edge.`,
};
