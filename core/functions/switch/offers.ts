import type { Offers } from '../offers';
import { pressed } from '../pressed';

/** Turned, and turned back. */
export const switch_: Offers<'switch'> = (_spec, self) => [
  { ...pressed(self), undo: { kind: 'press', device: self.device.id } },
];
