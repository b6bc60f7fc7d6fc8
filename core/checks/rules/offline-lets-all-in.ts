import { does, roleValue, settingFor } from '../../devices/index';
import { doorHold, lockStatuses, stimulate } from '../../simulate/index';
import { onDevice } from '../context';
import { type Analysis, violation, rule } from '../violation';

/** While the network is lost a card or code that is on no list opens the door. */
const letsAllIn: Analysis<'world' | 'rest' | 'parts'> = ({ world, rest, parts: { decider } }) => {
  if (!decider || !does(decider.type, 'link') || world.locks.length === 0) return [];
  const wrong = { kind: 'credential', valid: false } as const;
  const free = (state: typeof rest) => doorHold(lockStatuses(world, state.point)) === 'free';
  const lost = stimulate(world, rest, { kind: 'network', on: false }).state;
  if (free(lost) || !free(stimulate(world, lost, wrong).state) || free(stimulate(world, rest, wrong).state))
    return [];
  const setting = settingFor(decider.type, 'offline')?.id;
  const keeps = roleValue(decider.type, decider.device.settings, 'offline') !== 'keeps';
  const remedy =
    setting && keeps
      ? { remedy: { kind: 'setSetting', device: decider.device.id, setting, value: 'keeps' } as const }
      : {};
  return [
    violation('offline-lets-all-in', [onDevice(decider.device.id)], { tag: decider.device.tag }, remedy),
  ];
};

export const offlineLetsAllIn = rule({
  code: 'offline-lets-all-in',
  family: 'R',
  station: 'prove',
  severity: 'fix',
  basis: 'practice',
  find: letsAllIn,
});
