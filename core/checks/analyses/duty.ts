import { settingFor, settingValue } from '../../devices/index';
import { advance, lockStatuses, stimulate, type SimState, type Stimulus } from '../../simulate/index';
import { onDevice, type CheckContext } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { acts, asks } from './acts';

/** A coil with more than this through it is fed, amps: an input that is read through it draws less. */
const FED_AMPS = 0.05;
/** Looks in the time that a coil may be fed. */
const LOOKS = 6;

type Context = Pick<CheckContext, 'world' | 'rest' | 'door' | 'parts'>;

/** What feeds a coil longer than it bears. */
interface Held {
  readonly why: 'rest' | 'hours' | 'fire' | 'act' | 'open';
  readonly by: string;
}

/** True where the coil of a lock is fed all the time for so many seconds, sooner or later after a state. */
function isFedFor({ world }: Context, from: SimState, device: string, seconds: number): boolean {
  const step = (seconds * 1000) / LOOKS;
  const isFed = ({ point }: SimState) =>
    lockStatuses(world, point).some((lock) => lock.device === device && Math.abs(lock.amps) > FED_AMPS);
  let state = from;
  let inRow = 0;
  for (let look = 0; look <= 2 * LOOKS; look += 1) {
    inRow = isFed(state) ? inRow + 1 : 0;
    // One look more than fits: what is fed for just as long as it may is right.
    if (inRow > LOOKS + 1) return true;
    state = advance(world, state, from.now + (look + 1) * step).state;
  }
  return false;
}

const isOpen = ({ world, rest }: Context, device: string): boolean =>
  lockStatuses(world, rest.point).some((lock) => lock.device === device && lock.hold !== 'held');

/** What anybody may do that feeds a coil too long: an act alone, or one after which the door is left standing open. */
function byAct(context: Context, device: string, seconds: number): Held | null {
  const { world, rest } = context;
  const after = (state: SimState, act: Stimulus) => stimulate(world, state, act).state;
  const by = (act: Stimulus) => ('device' in act && act.device ? act.device : '');
  for (const act of acts(world))
    if (isFedFor(context, after(rest, act), device, seconds))
      return { why: act.kind === 'fire' ? 'fire' : 'act', by: by(act) };
  for (const act of asks(world)) {
    const left = after(after(rest, act), { kind: 'openDoor', from: 'outside' });
    if (isFedFor(context, left, device, seconds)) return { why: 'open', by: by(act) };
  }
  return null;
}

/** Whether the decider lets the door stand free at hours of the day, or from the first who comes. */
function isFree({ door, parts: { decider, channel } }: Context): boolean {
  const setting = decider && settingFor(decider.type, 'free', channel);
  if (door.freePassage === null || !decider) return false;
  return !setting || settingValue(decider.type, decider.device.settings, setting.id) !== 'no';
}

/**
 * A lock made to be fed for a short release, and fed longer: at rest, for the hours of an unlock schedule, by a code that holds it, by a switch
 * that stays, by an alarm, or for as long as the door stands open. Of one whose type does not say how long it may be fed, nothing is taken for granted.
 */
export const duty: Analysis<'world' | 'rest' | 'door' | 'parts' | 'plan'> = (context) =>
  context.parts.locks.flatMap(({ device, type }): Violation[] => {
    const spec = type.lock?.kind === 'strike' ? type.lock : null;
    if (!spec || spec.duty === 'continuous') return [];
    const seconds = spec.duty?.seconds ?? UNSAID_S;
    const isFed = isFedFor(context, context.rest, device.id, seconds);
    // One that is fed and open at rest is said to be open: whatever is wrong there comes first.
    if (isFed && isOpen(context, device.id)) return [];
    const held: Held | null = isFed
      ? { why: 'rest', by: '' }
      : isFree(context)
        ? { why: 'hours', by: '' }
        : byAct(context, device.id, seconds);
    if (!held) return [];
    const values = {
      tag: device.tag,
      why: held.why,
      by: context.plan.devices[held.by]?.tag ?? '',
      limit: spec.duty?.seconds ?? 0,
    };
    const at = [onDevice(device.id)];
    return [violation('duty-exceeded', at, values, spec.duty ? {} : { severity: 'caution' })];
  });

/** A coil of which nothing is said is taken to bear no more than a minute. */
const UNSAID_S = 60;
