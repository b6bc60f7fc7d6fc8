import type { RegionAsks } from './region';

/** United States and Canada: the model codes as they are usually adopted, state by state and city by city. */
export const northAmerica: RegionAsks = {
  id: 'north-america',
  manualRelease: { by: 'button', seconds: 30 },
  sensorLoss: 'asked',
  oneMotion: 'asked',
  fireLine: 'confirm',
  longestDelay: 15,
  references: [
    { number: 'NFPA 101', edition: '2024', about: 'escape' },
    { number: 'IBC, chapter 10', edition: '2024', about: 'escape' },
    { number: 'IFC, chapter 10', edition: '2024', about: 'escape' },
    { number: 'NFPA 80', edition: '2025', about: 'fire-doors' },
    { number: 'UL 10C', edition: '2016', about: 'fire-doors' },
    { number: 'NFPA 105', edition: '2025', about: 'smoke' },
    { number: 'NFPA 72', edition: '2025', about: 'fire-alarm' },
    { number: 'CAN/ULC-S533', edition: '2015', about: 'electric-exits' },
    { number: 'UL 294', edition: '2023', about: 'access-control' },
    { number: 'UL 305', edition: '2012', about: 'exit-devices' },
    { number: 'UL 1034', edition: '2011', about: 'burglary' },
    { number: 'UL 325', edition: '2017', about: 'gates' },
    { number: 'BHMA A156.10', edition: '2017', about: 'powered-doors' },
    { number: 'BHMA A156.19', edition: '2019', about: 'low-energy-doors' },
    { number: 'BHMA A156.23', edition: '2017', about: 'magnets' },
    { number: 'BHMA A156.24', edition: '2018', about: 'delayed-egress' },
    { number: 'BHMA A156.31', edition: '2019', about: 'locks' },
    { number: 'ICC A117.1', edition: '2017', about: 'accessibility' },
    { number: 'NFPA 70, article 725', edition: '2023', about: 'wiring' },
  ],
};
