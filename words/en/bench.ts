import { ALARM_NAMES } from './alarms';
import type { Effect, LaneSample, LockStatus, Standing, Whereabouts, WhyFree } from '#core/simulate/index';
import type { Means } from '#core/prove/index';
import { formatAmps, formatVolts } from '#core/units/index';
import { meansWords } from './situationNames';
import { spoken, texts } from '../messages';

/** What the lock does, in two words. */
export { ALARM_NAMES } from './alarms';

export const holdWords = spoken(function holdWords(hold: LaneSample['lock'], doorOpen: boolean): string {
  if (doorOpen) return 'Door open';
  switch (hold) {
    case 'held':
      return 'Locked';
    case 'free':
      return 'Unlocked';
    case 'weak':
      return 'Neither locked nor released';
    case 'no-lock':
      return 'No lock';
  }
});

/** `13.10 V · 0.47 A`, each lock's in turn. */
export const lockFigures = spoken((locks: readonly LockStatus[]): string =>
  // Of a double magnet the weaker winding speaks for both.
  locks
    .filter(
      (lock) =>
        !locks.some((other) => other.device === lock.device && (other.volts ?? 0) < (lock.volts ?? 0)),
    )
    .map((lock) => `${formatVolts(lock.volts)} · ${formatAmps(lock.amps)}`)
    .join('   '),
);

/** `Inside: X1 or EB1`. */
export const insideWords = spoken(function insideWords(works: readonly Means[]): string {
  if (works.length === 0) return 'Inside: no way out';
  if (works.some((one) => one.kind === 'unlocked')) return 'Inside: just open it';
  return `Inside: ${works.map(meansWords).join(' or ')}`;
});

/** Who stands where: `People: 1 inside, 1 outside`. */
export const peopleWords = spoken(
  ({ inside, outside }: Whereabouts): string =>
    `People: ${inside || 'nobody'} inside, ${outside || 'nobody'} outside`,
);

/** In drawings: what a lock does, after its current. */
export const HOLD_SHORT = texts({ held: 'locked', free: 'unlocked', weak: 'weak' } as const);

export const LANE_WORDS: Record<LaneSample['lock'], string> = texts({
  held: 'locked',
  free: 'unlocked',
  weak: 'neither',
  'no-lock': 'no lock',
});

/** What the lane of the leaf says. */
export const DOOR_LANE_WORDS: Record<LaneSample['door'], string> = texts({ closed: 'closed', open: 'open' });

const CARD: Record<Extract<Effect, { kind: 'card-read' }>['outcome'], string> = {
  read: 'Card read',
  'reader-dead': 'The reader is dead',
  'nothing-arrives': 'Reader beeps, nothing arrives at the controller',
  'one-line-missing': 'Reader beeps, the controller sees one line only',
  'no-common': 'Reader beeps, the controller cannot read it: no common 0 V',
  'address-clash': 'Two readers answer at one address: no card arrives for certain',
  'lines-swapped': 'Card not understood: its data lines are swapped',
};

/** A state of a device that came or went: of a relay; of the alarm, or the lock, of a delayed way out. */
export const stateWords = spoken(
  (tag: string, on: boolean, of: 'relay' | 'alarm' | 'release'): string =>
    ({
      relay: `Relay ${tag} ${on ? 'pulled in' : 'at rest'}`,
      alarm: `Alarm of ${tag} ${on ? 'sounds' : 'quiet'}`,
      release: `${tag} ${on ? 'released' : 'armed'}`,
    })[of],
);

/** What just happened, as a short sentence; null for what the lanes already show. */
export const effectWords = spoken(function effectWords(effect: Effect): string | null {
  switch (effect.kind) {
    case 'relay':
      return null;
    case 'door':
      return effect.open ? 'Door opened' : 'Door closed';
    case 'fuse':
      return 'A fuse blew: more than its rating flowed';
    case 'door-refused':
      return 'The door does not open: the lock holds';
    case 'alarm':
      return `${ALARM_NAMES[effect.alarm]} ${effect.on ? 'raised' : 'over'}`;
    case 'card-read':
      return CARD[effect.outcome];
    case 'accepted':
      return 'Accepted';
    case 'refused':
      return 'Refused';
    case 'passback':
      return 'This card came in already and has not gone out';
    case 'no-answer':
      return 'The keypad is dead: it has no power';
  }
});

/** How a bench calls what stands, and what ends it; `tag` is the device's or the wire's. */
const STANDING: Readonly<Record<Standing['kind'], (tag: string) => readonly [by: string, until: string]>> = {
  'break-glass': (tag) => [`break glass ${tag}`, `until ${tag} is reset`],
  fire: () => ['the fire alarm', 'until the panel and the relay are reset'],
  power: () => ['the loss of power', 'until power is back'],
  cut: (tag) => [`cut wire ${tag}`, `until ${tag} is repaired`],
  switch: (tag) => [`switch ${tag}`, `until ${tag} is turned back`],
  fuse: (tag) => [`a blown fuse in ${tag}`, `until ${tag} has new fuses`],
  network: () => ['the lost network', 'until the network is back'],
  hours: () => ['the unlock schedule', 'until it ends'],
  lockdown: () => ['the lockdown', 'until the lockdown is over'],
  egress: (tag) => [`${tag}, which has released`, `until ${tag} is re-armed with its key`],
  failed: (tag) => [`failed ${tag}`, `until ${tag} is replaced`],
};

/** Why the door is free, in words: `Free by break glass EB1, until EB1 is reset`. `at` writes a moment of the bench's clock. */
export const whyFreeWords = spoken(function whyFreeWords(
  { by, together, until }: WhyFree,
  tagOf: (id: string) => string,
  at: (ms: number) => string,
): string {
  const words = by.map(({ kind, id }) => STANDING[kind](id === null ? '' : tagOf(id)));
  if (words.length === 0)
    return until === null ? 'Unlocked at rest: nothing done here unlocked it' : `Locks again at ${at(until)}`;
  const names = words.map(([name]) => name).join(together ? ' and ' : ', or ');
  const ends = together ? 'until all of these are undone' : (words[0]?.[1] ?? '');
  return words.length === 1
    ? `Unlocked by ${names}, ${ends}`
    : `Unlocked by ${names}${together ? ` together, ${ends}` : ''}`;
});

/** A moment of the bench's clock: `0:04.2`. */
export const clockWords = spoken(function clockWords(ms: number): string {
  const tenths = Math.round(ms / 100);
  const seconds = (tenths % 600) / 10;
  return `${Math.floor(tenths / 600)}:${seconds < 10 ? '0' : ''}${seconds.toFixed(1)}`;
});
