import type { Words } from '../text';

export const commonMissing: Words = {
  title: (v) => `${v['tag']} and ${v['controller'] || 'the controller'} share no 0 V`,
  reason: () => 'The data lines arrive, but without a common reference. Join the 0 V of both supplies.',
};
