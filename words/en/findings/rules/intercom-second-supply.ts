import type { Words } from '../text';

export const intercomSecondSupply: Words = {
  title: () => 'Two supplies in one intercom set',
  reason: (v) => `${v['devices']}: a set has one. Two make it hum, or one feeds back into the other.`,
};
