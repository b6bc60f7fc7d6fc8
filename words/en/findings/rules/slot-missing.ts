import type { Words } from '../text';

export const slotMissing: Words = {
  title: (v) => `No slot for ${v['names']}`,
  reason: () => 'Without a slot in the ledger the code cannot be keyed in, or taken out again.',
  remedy: () => 'Give the next slot',
};
