import { amps, type Words } from '../text';

export const fuseBlows: Words = {
  title: (v) => `A fuse of ${v['tag']} blows`,
  reason: (v) =>
    `At ${v['terminal']} more than ${amps(v, 'measured')} would flow through a fuse of ${amps(v, 'limit')}: a short, or far too many loads behind it. Find out why before you fit a new one; a larger one only moves the damage to the wire.`,
};
