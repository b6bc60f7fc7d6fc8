import type { Naming } from '../naming';

export const clock: Naming<'clock'> = {
  blank: () => ({ kind: 'clock' }),
};
