import type { Words } from '../text';

export const wireTwice: Words = {
  title: (v) => `${v['wire']} and ${v['other']} join the same two terminals`,
  reason: (v) => `Both join ${v['from']} and ${v['to']}. One is surplus, or was meant for other terminals.`,
  remedy: (v) => `Remove ${v['wire']}`,
};
