import { stimulate } from '../../simulate/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** Boards of this door that a fire release puts out, beside the locks: whoever is left inside can no longer ask or call. */
const putOut: Analysis<'world' | 'rest' | 'door' | 'parts'> = ({ world, rest, door, parts }) => {
  if (parts.fireRelays.length === 0 && !world.inhabitants.some(({ type }) => type.roles.fireInput)) return [];
  const fire = stimulate(world, rest, { kind: 'fire' }).state;
  return world.inhabitants.flatMap(({ device, type }): Violation[] => {
    if (type.lock || ![door.id, null].includes(device.door)) return [];
    const dies = [...rest.boards].some(
      ([id, runs]) => runs && id.slice(0, id.lastIndexOf(':')) === device.id && fire.boards.get(id) === false,
    );
    return dies ? [violation('release-kills', [onDevice(device.id)], { tag: device.tag })] : [];
  });
};

export const releaseKills = rule({
  code: 'release-kills',
  family: 'R',
  station: 'prove',
  severity: 'fix',
  basis: 'practice',
  find: putOut,
});
