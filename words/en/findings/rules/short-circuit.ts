import { wire, type Words } from '../text';

export const shortCircuit: Words = {
  title: (v) => `${v['tag']} is shorted`,
  reason: (v) =>
    `${wire(v)} joins its positive and its negative. No switch can break that: the supply only limits the current.`,
  remedy: (v) => `Remove ${v['wire']}`,
};
