import type { RegionAsks } from './region';

/** Where nothing is known of the local rules, whatever some region asks is to be confirmed. */
export const elsewhere: RegionAsks = {
  id: 'other',
  manualRelease: { by: 'break-glass' },
  sensorLoss: 'no',
  oneMotion: 'confirm',
  fireLine: 'confirm',
  longestDelay: null,
  references: [],
};
