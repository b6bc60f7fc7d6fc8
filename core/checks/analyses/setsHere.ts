import { type IntercomSet, intercomSets } from '../../intercom/index';
import type { CheckContext } from '../context';

/** Sets that have a device at this door. */
export const setsHere = ({ plan, door }: CheckContext): IntercomSet[] =>
  intercomSets(plan).filter(({ supplies, answering, doorStations }) =>
    [...supplies, ...answering, ...doorStations].some(({ device }) => device.door === door.id),
  );
