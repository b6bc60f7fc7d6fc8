import type { Words } from '../text';

export const busOverloaded: Words = {
  title: (v) => `Too many devices on the bus of ${v['tag']}`,
  reason: (v) => `${v['measured']} unit loads; one segment drives ${v['limit']}.`,
};
