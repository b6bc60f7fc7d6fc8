import type { Words } from '../text';

export const screenMissing: Words = {
  title: (v) => `${v['cable']} has no screen`,
  reason: (v) => `${v['wires']} carry data or speech. ${v['make']} lets every motor and lamp in.`,
  remedy: () => 'Take a screened one',
};
