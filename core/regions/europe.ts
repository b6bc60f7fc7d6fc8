import type { RegionAsks } from './region';

export const europe: RegionAsks = {
  id: 'europe',
  manualRelease: { by: 'break-glass' },
  sensorLoss: 'no',
  oneMotion: 'confirm',
  fireLine: 'confirm',
  longestDelay: 15,
  references: [
    { number: 'EN 179', edition: '2008', about: 'exit-devices' },
    { number: 'EN 1125', edition: '2008', about: 'exit-devices' },
    { number: 'EN 13637', edition: '2015', about: 'electric-exits' },
    { number: 'EN 14846', edition: '2008', about: 'locks' },
    { number: 'EN 16005', edition: '2023', about: 'powered-doors' },
    { number: 'EN 12453', edition: '2017', about: 'gates' },
    { number: 'EN 1634-1', edition: '2014', about: 'fire-doors' },
    { number: 'EN 16034', edition: '2014', about: 'fire-doors' },
    { number: 'EN 60839-11-1', edition: '2013', about: 'access-control' },
    { number: 'EN 60839-11-2', edition: '2015', about: 'access-control' },
    { number: 'EN 54-2', edition: '1997', about: 'fire-alarm' },
  ],
};
