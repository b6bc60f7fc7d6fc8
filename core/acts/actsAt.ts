import { standAt } from '../door/index';
import { offeredBy, type Inhabitant } from '../functions/index';
import type { Act } from './act';

/** Everything that a person can do at a device, and where whoever does it stands. */
export function actsAt(self: Inhabitant): Act[] {
  const stand = standAt(self.device);
  return offeredBy(self).map(({ undo = null, ...offer }) => ({ ...offer, at: self, undo, stand }));
}
