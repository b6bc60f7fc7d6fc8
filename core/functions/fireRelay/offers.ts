import type { Offers } from '../offers';

/** An alarm, from the panel. */
export const fireRelay: Offers<'fireRelay'> = (_spec, { device }) => [
  {
    id: `fire:${device.id}`,
    stimulus: { kind: 'fire', device: device.id },
    undo: { kind: 'fireReset' },
    needs: 'panel',
    purpose: 'emergency',
  },
];
