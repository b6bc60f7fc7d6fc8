import { amps, type Words } from '../text';

export const headroom: Words = {
  title: (v) => `${v['tag']} has no headroom`,
  reason: (v) =>
    `Worst case ${amps(v, 'measured')} of ${amps(v, 'rated')}; with a quarter as headroom, ${amps(v, 'limit')} is allowed.`,
};
