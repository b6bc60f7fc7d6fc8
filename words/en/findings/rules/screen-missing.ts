import type { Words } from '../text';

export const screenMissing: Words = {
  title: (v) => `${v['cable']} is unscreened`,
  reason: (v) => `${v['wires']} carry data or speech. ${v['make']} picks up noise from motors and lamps.`,
  remedy: () => 'Use a screened cable',
};
