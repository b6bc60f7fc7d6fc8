import { functionOf, roleValue, settingFor } from '../../devices/index';
import type { Placed } from '../../door/index';
import { advance, stimulate, type SimState, type Stimulus } from '../../simulate/index';
import { onDevice, type CheckContext } from '../context';
import { type Analysis, hit, type Hit } from '../hit';
import { acts, asks } from './acts';

type Context = Pick<CheckContext, 'parts' | 'world' | 'rest'>;

/** Longer than any operator waits before its leaf moves, ms. */
const UNTIL_MOVED_MS = 11_000;

/** The door after the first act of all that asks this operator; null where none does. */
function asked({ world, rest }: Context, input: string): SimState | null {
  for (const act of asks(world)) {
    const { state } = stimulate(world, rest, act);
    if (state.readings.get(input) === 'closed') return state;
  }
  return null;
}

function ofOperator(context: Context, { device, type }: Placed): Hit[] {
  const { world, rest } = context;
  const spec = functionOf(type, 'operator');
  if (!spec) return [];
  const at = [onDevice(device.id)];
  const { tag } = device;
  if (rest.boards.get(`${device.id}:${spec.board}`) !== true) return [];
  const state = asked(context, `${device.id}:${spec.activate}`);
  if (!state) return [hit('operator-unasked', at, { tag })];
  const later = advance(world, state, state.now + UNTIL_MOVED_MS);
  if (later.effects.some(({ kind }) => kind === 'door-refused'))
    return [hit('operator-blocked', at, { tag })];
  const setting = settingFor(type, 'delay')?.id;
  const delay = roleValue(type, device.settings, 'delay');
  // Without a lock there is nothing to wait for.
  if (world.locks.length === 0 || !setting || typeof delay !== 'number' || delay >= 0.5) return [];
  const remedy = { kind: 'setSetting', device: device.id, setting, value: 1 } as const;
  return [hit('operator-too-soon', at, { tag, measured: delay }, { remedy })];
}

/** A drive that takes a safety edge, and shuts on whoever stands there: nothing that can be done here opens its closed loop. */
function unminded({ world, rest }: Context, { device, type }: Placed): Hit[] {
  const safety = functionOf(type, 'operator')?.safety;
  const part = type.parts.find(({ kind, id }) => kind === 'input' && id === safety);
  if (!safety || !part) return [];
  const input = `${device.id}:${safety}`;
  const turns = (act: Stimulus) => stimulate(world, rest, act).state.readings.get(input) === 'open';
  if (rest.readings.get(input) === 'closed' && acts(world).some(turns)) return [];
  return [hit('operator-unminded', [onDevice(device.id)], { tag: device.tag, terminal: part.a })];
}

/** Every operator that pushes against a lock that still holds, is never asked by anything, or shuts whoever stands there. */
export const operators: Analysis<'parts' | 'world' | 'rest'> = (context) =>
  context.parts.operators.flatMap((operator) => [
    ...ofOperator(context, operator),
    ...unminded(context, operator),
  ]);
