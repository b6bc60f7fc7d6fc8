import { wire, type Words } from '../text';

export const shortCircuit: Words = {
  title: (v) => `${v['tag']} is shorted`,
  reason: (v) => `${wire(v)} joins its plus and its minus. No switch can open that: the supply only limits.`,
  remedy: (v) => `Take ${v['wire']} out`,
};
