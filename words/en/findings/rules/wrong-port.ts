import type { Words } from '../text';

export const wrongPort: Words = {
  title: (v) => `${v['tag']} is on the wrong reader port`,
  reason: (v) =>
    v['why'] === 'door'
      ? 'Its cards count for another door of this controller.'
      : `Its port is for the reader ${v['why']}: entries and exits are mixed up.`,
  remedy: () => 'Move its data lines',
};
