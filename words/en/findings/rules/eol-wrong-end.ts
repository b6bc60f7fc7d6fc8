import type { Words } from '../text';

export const eolWrongEnd: Words = {
  title: (v) => `${v['tag'] || 'The end-of-line resistor'} is at the wrong end of the pair`,
  reason: (v) =>
    v['fault'] === 'cut'
      ? `With ${v['wire']} cut, ${v['terminal']} still reads normal: the resistor closes the line before the cable. It belongs at the far end.`
      : `With ${v['wire']} pinched together, ${v['terminal']} still reads a closed door. The resistor belongs at the far end, at the contact itself.`,
  remedy: (v) => `Put ${v['tag']} at the contact`,
};
