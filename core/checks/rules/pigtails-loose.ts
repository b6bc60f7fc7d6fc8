import { terminalId } from '../../plan/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** Coloured leads that nothing is landed on: unplug or cap each on its own before power. */
const loosePigtails: Analysis<'world' | 'door' | 'wiresAt'> = ({ world, door, wiresAt }) =>
  world.inhabitants.flatMap(({ device, type }): Violation[] => {
    if (device.door !== door.id) return [];
    const loose = type.terminals.filter(
      ({ id, form }) => form === 'pigtail' && wiresAt(terminalId(device.id, id)).length === 0,
    );
    const bare = type.terminals.every(({ id }) => wiresAt(terminalId(device.id, id)).length === 0);
    if (loose.length === 0 || bare) return [];
    const values = { tag: device.tag, count: loose.length, terminals: loose.map(({ id }) => id).join(', ') };
    return [violation('pigtails-loose', [onDevice(device.id)], values)];
  });

export const pigtailsLoose = rule({
  code: 'pigtails-loose',
  family: 'W',
  station: 'wire',
  severity: 'note',
  basis: 'practice',
  find: loosePigtails,
});
