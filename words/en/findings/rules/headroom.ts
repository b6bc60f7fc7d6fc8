import { amps, type Words } from '../text';

export const headroom: Words = {
  title: (v) => `${v['tag']} has no power to spare`,
  reason: (v) =>
    `Worst case ${amps(v, 'measured')} of ${amps(v, 'rated')}; with a quarter to spare ${amps(v, 'limit')} is allowed.`,
};
