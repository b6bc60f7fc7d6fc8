import {
  functionOf,
  roleValue,
  settingFor,
  settingValue,
  type DeviceType,
  type FunctionOf,
} from '../../devices/index';
import type { Device } from '../../plan/index';
import type { Placed } from '../../door/index';
import { terminalId } from '../../plan/index';
import { advance, stimulate, type SimState, type Stimulus } from '../../simulate/index';
import { onDevice, onTerminal, type CheckContext } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { acts, asks } from './acts';
import { missingPiece } from './missingPiece';

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

function ofOperator(context: Context, { device, type }: Placed): Violation[] {
  const { world, rest } = context;
  const spec = functionOf(type, 'operator');
  if (!spec) return [];
  const at = [onDevice(device.id)];
  const { tag } = device;
  if (rest.boards.get(`${device.id}:${spec.board}`) !== true) return [];
  const state = asked(context, `${device.id}:${spec.activate}`);
  if (!state) return [violation('operator-unasked', at, { tag })];
  const later = advance(world, state, state.now + UNTIL_MOVED_MS);
  if (later.effects.some(({ kind }) => kind === 'door-refused'))
    return [violation('operator-blocked', at, { tag })];
  const setting = settingFor(type, 'delay')?.id;
  const delay = roleValue(type, device.settings, 'delay');
  // Without a lock there is nothing to wait for.
  if (world.locks.length === 0 || !setting || typeof delay !== 'number' || delay >= 0.5) return [];
  const remedy = { kind: 'setSetting', device: device.id, setting, value: 1 } as const;
  return [violation('operator-too-soon', at, { tag, measured: delay }, { remedy })];
}

const heedsFire = (
  { fireSetting }: FunctionOf<'operator'>,
  { settings }: Device,
  type: DeviceType,
): boolean => fireSetting === undefined || settingValue(type, settings, fireSetting) === 'on';

/** A drive whose loop is cut at rest: by STOP it never moves, by SAFE it never shuts, by FIRE it opens to nobody. */
function stands(context: CheckContext, { device, type }: Placed): Violation[] {
  const { rest } = context;
  const spec = functionOf(type, 'operator');
  if (!spec || rest.boards.get(`${device.id}:${spec.board}`) !== true) return [];
  const fire = heedsFire(spec, device, type) ? spec.fire : undefined;
  return ([spec.stop, spec.safety, fire] as const).flatMap((input): Violation[] => {
    const part = type.parts.find(({ kind, id }) => kind === 'input' && id === input);
    if (!part || rest.readings.get(`${device.id}:${input}`) === 'closed') return [];
    const ends = [terminalId(device.id, part.a), terminalId(device.id, part.b)] as const;
    const remedy = context.trial ? null : missingPiece(context, ...ends);
    const values = {
      tag: device.tag,
      terminal: part.a,
      moves: input === spec.stop ? 'not' : input === fire ? 'shut' : 'opens',
    };
    return [violation('operator-stands', ends.map(onTerminal), values, remedy ? { remedy } : {})];
  });
}

/** When somebody may stand in the way of a drive: any time, in an alarm, without mains. */
const MINDED: readonly (readonly [string, Stimulus | null])[] = [
  ['rest', null],
  ['fire', { kind: 'fire' }],
  ['mains-off', { kind: 'mains', on: false }],
];

/**
 * A drive that shuts on whoever stands there: nothing that can be done opens the closed loop that minds them, always, or when an alarm or
 * the mains has taken the sensor's power and not the drive's; or it has no such loop, and more force than a hand stops, as far as is known.
 */
function unminded({ world, rest }: Context, { device, type }: Placed): Violation[] {
  const spec = functionOf(type, 'operator');
  if (!spec) return [];
  const part = type.parts.find(({ kind, id }) => kind === 'input' && id === spec.safety);
  if (!part) {
    if (spec.force === 'limited') return [];
    const values = { tag: device.tag, situation: 'rest', force: spec.force ?? 'unsaid' };
    return [violation('operator-unminded', [onDevice(device.id)], values)];
  }
  const input = `${device.id}:${part.id}`;
  const isUnminded = (state: SimState): boolean => {
    const opens = (act: Stimulus) => stimulate(world, state, act).state.readings.get(input) === 'open';
    // Cut, it never shuts at all: see `stands`. Nor does a drive without power.
    const shuts =
      state.boards.get(`${device.id}:${spec.board}`) === true && state.readings.get(input) === 'closed';
    return shuts && !acts(world).some(opens);
  };
  const found = MINDED.find(([, act]) => isUnminded(act ? stimulate(world, rest, act).state : rest));
  if (!found) return [];
  const values = { tag: device.tag, terminal: part.a, situation: found[0] };
  return [violation('operator-unminded', [onDevice(device.id)], values)];
}

/** Every operator that pushes against a lock that still holds, is never asked by anything, shuts whoever stands there, or is stopped. */
export const operators: Analysis = (context) =>
  context.parts.operators.flatMap((operator) => [
    ...ofOperator(context, operator),
    ...unminded(context, operator),
    ...stands(context, operator),
  ]);
