import { num, type Words } from '../text';

export const spareWire: Words = {
  title: (v) =>
    num(v, 'count') === 1 ? 'A wire belongs to no loop' : `${v['count']} wires belong to no loop`,
  reason: (v) =>
    num(v, 'count') === 1
      ? `${v['wires']}. Land it, or cap it.`
      : `${v['wires']}. Land them, or cap each one separately.`,
};
