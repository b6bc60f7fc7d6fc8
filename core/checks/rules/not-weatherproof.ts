import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A housing that the weather gets into. */
const weather: Analysis<'door' | 'world'> = ({ door, world }) =>
  door.brief.outdoors
    ? world.inhabitants.flatMap(({ device, type }): Violation[] => {
        if (device.door !== door.id || device.place !== 'outside' || Number(type.ip.slice(3)) >= 4) return [];
        return [violation('not-weatherproof', [onDevice(device.id)], { tag: device.tag, ip: type.ip })];
      })
    : [];

export const notWeatherproof = rule({
  code: 'not-weatherproof',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'rating',
  find: weather,
});
