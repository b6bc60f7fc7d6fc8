import type { Words } from '../text';

export const busUnterminated: Words = {
  title: (v) => `${v['tag']} ends the bus without its terminator`,
  reason: () => 'The 120 Ω is switched on at both ends of the line, and nowhere else.',
  remedy: () => 'Switch it on',
};
