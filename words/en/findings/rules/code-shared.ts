import type { Words } from '../text';

export const codeShared: Words = {
  title: () => 'Two people share a code',
  reason: (v) => `${v['names']}. The log cannot tell who came, and one cannot be removed without the other.`,
};
