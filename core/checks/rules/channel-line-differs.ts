import { stationWiring } from '../analyses/stationWiring';
import { rule } from '../violation';

export const channelLineDiffers = rule({
  code: 'channel-line-differs',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: stationWiring,
});
