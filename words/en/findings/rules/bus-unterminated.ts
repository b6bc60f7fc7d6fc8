import type { Words } from '../text';

export const busUnterminated: Words = {
  title: (v) => `${v['tag']} ends the bus without its terminator`,
  reason: () => 'Both ends of the line, and only they, have their 120 Ω switched on.',
  remedy: () => 'Switch it on',
};
