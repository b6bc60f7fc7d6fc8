import type { InputReading } from '../../circuit/index';
import { settingValue, type FunctionOf } from '../../devices/index';
import { settingMs, type Inhabitant } from '../inhabitant';
import { drive } from './driveMemory';
import { NOTHING, type Reaction, type Signal, type Memory } from '../signal';

/**
 * A door operator: lets the lock go, waits for it, opens the leaf, stays, closes, and only when the leaf is shut
 * lets the lock hold again. The leaf takes its time both ways: from the first moment on it is not shut, and it is shut again only at
 * the end. Asked again while it is open, it stays for the whole time anew. A gate drive may be shut by an input of its own,
 * stopped, and turned round by what is in the way; a fire alarm shuts it and keeps it shut.
 */
export function operate(
  spec: FunctionOf<'operator'>,
  self: Inhabitant,
  memory: Memory,
  signal: Signal,
): Reaction {
  const wait = (role: 'delay' | 'opening' | 'stay') => settingMs(self, role, 1);
  const cancel = ['open', 'opened', 'close', 'shut'];
  switch (signal.kind) {
    case 'input': {
      const { input, reading, before } = signal;
      const closes = reading === 'closed' && before === 'open';
      const open = drive.recall(memory, 'open') === true;
      // A stop button cuts its loop: whatever moves stays, until the loop is whole again and somebody asks anew.
      if (input === spec.stop)
        return reading === 'open'
          ? { cancel, memory: drive.remember(memory, { ...STANDS, open: false, stopped: true }) }
          : { memory: drive.remember(memory, { stopped: false }) };
      if (input === spec.close && closes && open) return { cancel, timers: [{ name: 'close', after: 0 }] };
      if (input === spec.safety) return minds(reading, memory, cancel);
      if (input === spec.fire && heedsFire(spec, self))
        return alarmed(reading === 'open', spec, memory, cancel);
      const deaf = drive.recall(memory, 'stopped') === true || drive.recall(memory, 'alarm') === true;
      if (input !== spec.activate || !closes || deaf) return NOTHING;
      const timers = open
        ? [{ name: 'close', after: wait('stay') }]
        : [{ name: 'open', after: wait('delay') }];
      return { set: { [spec.relay]: true }, cancel: open ? ['close'] : cancel, timers };
    }
    case 'timer':
      return moves(signal.name, spec, memory, wait);
    case 'power':
      return signal.on ? NOTHING : unfed(spec, memory, cancel, wait('opening'));
    default:
      return NOTHING;
  }
}

/** What an operator remembers of a leaf that does not move. */
const STANDS = { opening: false, closing: false };
/** What it knows when its board starts: its loops are read anew. */
const FORGOTTEN = { ...STANDS, open: false, stopped: false, blocked: false, alarm: false };

/** Whether a drive listens to its fire loop. */
const heedsFire = ({ fireSetting }: FunctionOf<'operator'>, { type, device }: Inhabitant): boolean =>
  fireSetting === undefined || settingValue(type, device.settings, fireSetting) === 'on';

/** An alarm: what stands open shuts at once, what waits to open does not, and nobody is opened to until it is over. */
function alarmed(
  isAlarm: boolean,
  { relay }: FunctionOf<'operator'>,
  memory: Memory,
  cancel: readonly string[],
): Reaction {
  const next = drive.remember(memory, { alarm: isAlarm });
  if (!isAlarm || drive.recall(memory, 'closing') === true) return { memory: next };
  return drive.recall(memory, 'open') === true
    ? { cancel, timers: [{ name: 'close', after: 0 }], memory: next }
    : { cancel, set: { [relay]: false }, memory: next };
}

/** Without power it lets go of what it had in mind; a spring shuts the leaf as long as the drive would have taken. */
function unfed(
  { relay, unpowered }: FunctionOf<'operator'>,
  memory: Memory,
  cancel: readonly string[],
  way: number,
): Reaction {
  const isAway = drive.recall(memory, 'open') === true || drive.recall(memory, 'closing') === true;
  return {
    set: { [relay]: false },
    cancel,
    ...(isAway && unpowered === 'shuts' ? { timers: [{ name: 'shut', after: way }] } : {}),
    memory: drive.remember(memory, FORGOTTEN),
  };
}

/**
 * What is in the way of a leaf: one on its way shut turns round and stays for the whole time anew, and while the loop is cut none
 * begins to shut.
 */
function minds(reading: InputReading, memory: Memory, cancel: readonly string[]): Reaction {
  const blocked = reading === 'open';
  const next = drive.remember(memory, { blocked });
  return blocked && drive.recall(memory, 'closing') === true
    ? { cancel, timers: [{ name: 'open', after: 0 }], memory: next }
    : { memory: next };
}

/** What the leaf does at the end of each of its times. */
function moves(
  timer: string,
  { relay }: FunctionOf<'operator'>,
  memory: Memory,
  wait: (role: 'opening' | 'stay') => number,
): Reaction {
  switch (timer) {
    case 'open':
      return {
        door: 'open',
        timers: [
          { name: 'opened', after: wait('opening') },
          { name: 'close', after: wait('opening') + wait('stay') },
        ],
        memory: drive.remember(memory, { open: true, opening: true, closing: false }),
      };
    case 'opened':
      return { memory: drive.remember(memory, STANDS) };
    case 'close':
      // Whoever stands there is waited for.
      if (drive.recall(memory, 'blocked') === true)
        return { timers: [{ name: 'close', after: wait('stay') }] };
      return {
        timers: [{ name: 'shut', after: wait('opening') }],
        memory: drive.remember(memory, { open: false, opening: false, closing: true }),
      };
    case 'shut':
      return { door: 'close', set: { [relay]: false }, memory: drive.remember(memory, STANDS) };
    default:
      return NOTHING;
  }
}
