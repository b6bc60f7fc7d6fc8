import type { Offers } from '../offers';

export const breakGlass: Offers<'breakGlass'> = (_spec, { device }) => [
  {
    id: `glass:${device.id}`,
    stimulus: { kind: 'breakGlass', device: device.id },
    undo: { kind: 'resetGlass', device: device.id },
    needs: 'nothing',
    purpose: 'emergency',
  },
];
