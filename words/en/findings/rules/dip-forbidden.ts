import type { Words } from '../text';

export const dipForbidden: Words = {
  title: (v) => `The switches ${v['bank']} of ${v['tag']} are set to a forbidden combination`,
  reason: () => 'Its leaflet does not allow this combination: the device does something else.',
};
