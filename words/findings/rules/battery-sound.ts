import { num, type Words } from '../text';

export const batterySound: Words = {
  title: () => 'The battery lasts',
  reason: (v) =>
    `${v['tag']}: ${num(v, 'measured').toFixed(1)} h with an aged battery; ${v['limit']} h asked.`,
};
