import type { Words } from '../text';

export const busTerminatedMidway: Words = {
  title: (v) => `${v['tag']} has its terminator on in the middle of the bus`,
  reason: () => 'A third 120 Ω loads the line. Errors and dropouts follow. Switch it off.',
  remedy: () => 'Switch it off',
};
