import { wire, type Words } from '../text';

export const partBridged: Words = {
  title: (v) => `${v['tag']} is bridged`,
  reason: (v) => `${wire(v)} joins ${v['from']} and ${v['to']}: there can be no voltage across it.`,
  remedy: (v) => `Remove ${v['wire']}`,
};
