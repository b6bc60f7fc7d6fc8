import { roleValue, settingFor } from '../../devices/index';
import { advance, stimulate } from '../../simulate/index';
import { onDevice } from '../context';
import { type Analysis, hit } from '../hit';

/** An operator that pushes against a lock that still holds, or is never asked. */
export const operators: Analysis<'parts' | 'world' | 'rest' | 'door'> = ({ parts, world, rest, door }) => {
  const operator = parts.operators[0];
  if (!operator || operator.type.behaviour.kind !== 'operator' || parts.locks.length === 0) return [];
  const spec = operator.type.behaviour;
  const at = [onDevice(operator.device.id)];
  const tag = operator.device.tag;
  if (rest.boards.get(`${operator.device.id}:${spec.board}`) !== true) return [];
  const asked = stimulate(world, rest, { kind: 'credential', valid: true }).state;
  const activated = asked.readings.get(`${operator.device.id}:${spec.activate}`) === 'closed';
  if (!activated) return [hit('operator-unasked', at, { tag })];
  const later = advance(world, asked, asked.now + 11_000);
  const refused = later.effects.some((effect) => effect.kind === 'door-refused');
  if (refused) return [hit('operator-blocked', at, { tag })];
  const setting = settingFor(operator.type, 'delay')?.id;
  const delay = roleValue(operator.type, operator.device.settings, 'delay');
  if (setting && typeof delay === 'number' && delay < 0.5 && door.id) {
    const remedy = {
      kind: 'setSetting',
      device: operator.device.id,
      setting,
      value: 1,
    } as const;
    return [hit('operator-too-soon', at, { tag, measured: delay }, { remedy })];
  }
  return [];
};
