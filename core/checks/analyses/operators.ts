import { functionOf, roleValue, settingFor } from '../../devices/index';
import type { Placed } from '../../door/index';
import { advance, stimulate, type SimState } from '../../simulate/index';
import { onDevice, type CheckContext } from '../context';
import { type Analysis, hit, type Hit } from '../hit';
import { asks } from './acts';

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

/** Every operator that pushes against a lock that still holds, or is never asked by anything. */
export const operators: Analysis<'parts' | 'world' | 'rest'> = (context) =>
  context.parts.operators.flatMap((operator) => ofOperator(context, operator));
