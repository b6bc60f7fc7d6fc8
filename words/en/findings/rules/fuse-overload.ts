import { amps, type Words } from '../text';

export const fuseOverload: Words = {
  title: (v) => `A fuse of ${v['tag']} carries more than its rating`,
  reason: (v) =>
    `${amps(v, 'measured')} at ${v['terminal']}; rated ${amps(v, 'limit')}. It may hold for an hour or blow on a warm day: spread the loads over more outputs, or fit a size that suits both the loads and the wire.`,
};
