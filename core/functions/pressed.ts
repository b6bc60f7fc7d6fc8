import { channelsOf, functionsOf, needsKey } from '../devices/index';
import type { Inhabitant } from './inhabitant';
import type { Offer, Purpose } from './offers';

/** A device whose press asks for the way out; at a bell or a handset it calls. */
const purposeOf = ({ type }: Inhabitant): Purpose =>
  type.family === 'exit'
    ? 'leave'
    : type.family === 'sounder' || type.family === 'intercom'
      ? 'call'
      : 'other';

/** A press of what is there to be pressed, waved at or turned. */
export const pressed = (self: Inhabitant): Offer => ({
  id: `press:${self.device.id}`,
  stimulus: { kind: 'press', device: self.device.id },
  needs: needsKey(self.type) ? 'key' : 'nothing',
  purpose: purposeOf(self),
});

/** A card or code that is on the list, at each output that it may work. */
export const presented = ({ device }: Inhabitant, outputs: number): Offer[] =>
  Array.from({ length: outputs }, (_, output) => ({
    id: `card:${device.id}:${output}`,
    stimulus: { kind: 'credential', valid: true, device: device.id, ...(output > 0 ? { output } : {}) },
    needs: 'right',
    purpose: 'enter',
  }));

/** Outputs that the codes of a device work: a door of its own each, or one. */
export const outputsOf = ({ type }: Inhabitant): number =>
  Math.max(1, channelsOf({ functions: functionsOf(type, 'decides') }).length);
