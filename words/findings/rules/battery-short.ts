import { num, type Words } from '../text';

export const batteryShort: Words = {
  title: (v) => `The battery of ${v['tag']} does not last`,
  reason: (v) => `${num(v, 'measured').toFixed(1)} h at the end of its life; ${v['limit']} h asked.`,
};
