import { functionOf, settingValue } from '../../devices/index';
import type { Placed } from '../../door/index';
import { terminalId } from '../../plan/index';
import { alarms } from '../../prove/index';
import { advance, operatorOpens, stimulate, type SimState, type Stimulus } from '../../simulate/index';
import { onDevice, type CheckContext } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { acts } from './acts';

/** Longer than any operator waits, opens, stays open and shuts, ms. */
const UNTIL_SHUT_MS = 400_000;
/** Longer than it waits before its leaf moves. */
const UNTIL_MOVED_MS = 11_000;

type Context = Pick<CheckContext, 'world' | 'rest'>;

/** What comes of a fire at a leaf that a drive moves. */
interface Found {
  readonly does: 'opens' | 'stays' | 'stays-dead';
  /** Device that asked it to open. */
  readonly by: string;
}

const deviceOfAct = (act: Stimulus): string => ('device' in act && act.device ? act.device : '');

/** A fire burns, each relay's alarm for itself and all at once; or it took the power. Where no relay hears it, nothing changes. */
function burnings({ world }: Context): (readonly [Found['does'], Stimulus])[] {
  const heard = (alarms(world) ?? []).flatMap(({ device }): Stimulus[] =>
    device ? [{ kind: 'fire', device: device.id }] : [],
  );
  return [
    ...[{ kind: 'fire' } as const, ...heard].map((act) => ['stays', act] as const),
    ['stays-dead', { kind: 'dead', on: true }],
  ];
}

/** What the leaf of a fire door does in a fire that it must not: open to somebody, or stand open for good. */
function inFire({ world, rest }: Context): Found | null {
  // Whatever anybody may lay a hand on: a key switch asks as well as a card. A leaf that a hand pushes open is no drive's.
  const every = acts(world).filter((act) => 'device' in act && act.kind !== 'fire');
  const after = (state: SimState, act: Stimulus) => stimulate(world, state, act).state;
  const fires = burnings({ world, rest });
  for (const [, fire] of fires) {
    const burning = after(rest, fire);
    if (burning.doorOpen) continue;
    const opens = every.find((act) => operatorOpens(world, after(burning, act)));
    if (opens) return { does: 'opens', by: deviceOfAct(opens) };
  }
  for (const act of every) {
    const moved = advance(world, after(rest, act), rest.now + UNTIL_MOVED_MS).state;
    if (!moved.doorOpen) continue;
    const stays = fires.find(([, fire]) => {
      const burning = after(moved, fire);
      return advance(world, burning, burning.now + UNTIL_SHUT_MS).state.doorOpen;
    });
    if (stays) return { does: stays[0], by: deviceOfAct(act) };
  }
  return null;
}

/** Where the loop is wired and the drive not set to it, that is all there is to do. */
function listening({ wiresAt }: Pick<CheckContext, 'wiresAt'>, { device, type }: Placed) {
  const spec = functionOf(type, 'operator');
  const part = type.parts.find(({ kind, id }) => kind === 'input' && id === spec?.fire);
  const isWired =
    part !== undefined && [part.a, part.b].every((pin) => wiresAt(terminalId(device.id, pin)).length > 0);
  const isOff =
    spec?.fireSetting !== undefined && settingValue(type, device.settings, spec.fireSetting) !== 'on';
  if (!isWired || !isOff) return {};
  const remedy = { kind: 'setSetting', device: device.id, setting: spec.fireSetting, value: 'on' } as const;
  return { remedy };
}

/**
 * A fire door's operator in a fire: it opens to nobody, whoever asks, and a leaf that stands open shuts, with power and without. The drive is
 * told by the alarm, or loses its power by it; a latch then keeps the leaf, which is asked elsewhere.
 */
export const operatorsInFire: Analysis<'door' | 'parts' | 'world' | 'rest' | 'plan' | 'wiresAt'> = (
  context,
) => {
  const { door, parts, plan } = context;
  const [first] = parts.operators;
  if (door.brief.fireDoor !== true || !first) return [];
  const found = inFire(context);
  if (!found) return [];
  const spec = functionOf(first.type, 'operator');
  const isUnsaid = found.does === 'stays-dead' && spec?.unpowered === undefined;
  const hit: Violation = violation(
    'operator-in-fire',
    [onDevice(first.device.id)],
    {
      tag: first.device.tag,
      does: isUnsaid ? 'unsaid' : found.does,
      by: plan.devices[found.by]?.tag ?? '',
      loop: spec?.fire === undefined ? 'none' : 'there',
    },
    isUnsaid ? { severity: 'fix' } : listening(context, first),
  );
  return [hit];
};
