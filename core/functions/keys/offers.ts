import type { Offers } from '../offers';

/** Each key for itself. */
export const keys: Offers<'keys'> = (spec, { device }) =>
  Object.keys(spec.keys).map((key) => ({
    id: `press:${device.id}:${key}`,
    stimulus: { kind: 'press', device: device.id, key },
    needs: 'nothing',
    purpose: 'call',
  }));
