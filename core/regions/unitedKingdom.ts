import type { RegionAsks } from './region';

export const unitedKingdom: RegionAsks = {
  id: 'uk',
  manualRelease: { by: 'break-glass' },
  sensorLoss: 'no',
  oneMotion: 'confirm',
  fireLine: 'asked',
  longestDelay: null,
  references: [
    { number: 'BS 7273-4', edition: '2015', about: 'fire-release' },
    { number: 'BS 5839-1', edition: '2025', about: 'fire-alarm' },
    { number: 'BS EN 13637', edition: '2015', about: 'electric-exits' },
    { number: 'BS EN 179', edition: '2008', about: 'exit-devices' },
    { number: 'BS EN 1125', edition: '2008', about: 'exit-devices' },
    { number: 'BS 9999', edition: '2017', about: 'escape' },
    { number: 'BS 9991', edition: '2024', about: 'escape' },
    { number: 'Approved Document B', edition: '2019', about: 'escape' },
    { number: 'Approved Document M', edition: '2015', about: 'accessibility' },
    { number: 'BS 8300-2', edition: '2018', about: 'accessibility' },
    { number: 'BS EN 16005', edition: '2012', about: 'powered-doors' },
    { number: 'BS EN 16034', edition: '2014', about: 'fire-doors' },
    { number: 'BS EN 60839-11-1', edition: '2013', about: 'access-control' },
  ],
};
