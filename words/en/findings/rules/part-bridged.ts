import { wire, type Words } from '../text';

export const partBridged: Words = {
  title: (v) => `${v['tag']} is bridged`,
  reason: (v) => `${wire(v)} makes ${v['from']} and ${v['to']} one point: no voltage can stand across it.`,
  remedy: (v) => `Take ${v['wire']} out`,
};
