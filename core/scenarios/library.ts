import { does, functionOf, roleValue, settingFor, settingValue } from '../devices/index';
import { doorDevices, doorParts, doorTimes, entries, exits, type Placed } from '../door/index';
import type { Act, Plan, Scenario } from '../plan/index';
import { heedsLockdown, movedByOperatorOnly, type SimState, type World } from '../simulate/index';
import { delaysOf } from '../prove/index';
import { REACTION_SECONDS, releaseByCredential, WALKING_SPEED } from '../timing/index';

/** A lockdown that is called for the whole site, where no button calls it; no device has an id like this. */
const SITE = '';

/** What a door is like, as far as its scenarios differ by it. Times in ms. */
interface Scene {
  readonly enters: boolean;
  readonly exit: string | null;
  /** What feels a push by itself and lets go late, with the time until it does, ms; null where nothing does. */
  readonly delayed: { readonly device: string; readonly after: number } | null;
  readonly glass: string | null;
  readonly decider: string | null;
  readonly hasFire: boolean;
  /** True where another door keeps this one shut. */
  readonly interlocked: boolean;
  /** A lockdown button, or `SITE` where one that is called over the network is kept. */
  readonly lockdown: string | null;
  /** How its hours of free passage begin. */
  readonly passage: 'no' | 'clock' | 'first-in';
  /** True where a card that comes in twice is refused; and its readers on the two sides. */
  readonly passback: boolean;
  readonly outer: string | null;
  readonly inner: string | null;
  /** True where something sees whether the leaf is open. */
  readonly senses: boolean;
  readonly relocksOnClose: boolean;
  /** From the card until the lock holds again, and from the exit button until it does. */
  readonly release: number;
  /** Until the alarm of a door that is left open; null where nothing raises it. */
  readonly held: number | null;
  /** From the reader to the handle, for whoever usually uses the door. */
  readonly walk: number;
  readonly slowWalk: number;
}

type Made = Pick<Scenario, 'acts' | 'until'> & { readonly expects: Partial<Scenario['expects']> };

/** Somebody passes this long after the one before, ms. */
const STEP_MS = 1500;
/** A leaf falls shut so long after the last person, ms. */
const FALLS_SHUT_MS = 3000;
/** What is watched after the last thing has happened, ms. */
const AFTER_MS = 6000;
const QUIET = { forced: 'quiet', held: 'quiet' } as const;

const card = (at: number, valid = true): Act => ({
  does: 'credential',
  at,
  valid,
  device: null,
  output: 0,
});
const open = (
  at: number,
  from: 'inside' | 'outside' | 'force',
  expect: 'opens' | 'stays-shut' | null = null,
): Act => ({ does: 'open', at, from, expect });
const close = (at: number): Act => ({ does: 'close', at });
/** Somebody inside asks to be let out: at an exit device, or by a push that is answered late. */
const pressed = ({ exit, delayed }: Scene, at: number): Act[] => {
  if (exit !== null) return [{ does: 'press', at, device: exit, key: null }];
  return delayed ? [{ does: 'press', at, device: delayed.device, key: 'push' }] : [];
};
/** So much later than usual whoever asks is let out, ms. */
const lateness = ({ exit, delayed }: Scene): number => (exit === null && delayed ? delayed.after : 0);
/** What has let go for good is armed again, by whoever has its key. */
const rearmed = ({ delayed }: Scene, at: number): Act[] =>
  delayed ? [{ does: 'press', at, device: delayed.device, key: 'rearm' }] : [];

/** The scenarios that are offered for a door; null where a door has not what one is about. */
const LIBRARY = {
  /** A card, and nobody comes: a push after the time is up stays without effect. */
  late: (s) =>
    s.enters
      ? {
          // Well after it: a timer may be slow.
          acts: [card(0), open(1.5 * s.release + 2000, 'outside', 'stays-shut')],
          until: 1.5 * s.release + 2000 + AFTER_MS,
          expects: { ...QUIET, end: 'locked' },
        }
      : null,
  /** Somebody slow comes from the reader. */
  slow: (s) =>
    s.enters
      ? {
          acts: [card(0), open(s.slowWalk, 'outside', 'opens'), close(s.slowWalk + 5000)],
          until: Math.max(s.slowWalk + 5000, s.release) + AFTER_MS,
          expects: { ...QUIET, end: 'locked' },
        }
      : null,
  /** Ten people go through on one card. */
  ten: (s) => {
    const last = s.walk + 10 * STEP_MS;
    return s.enters
      ? {
          acts: [card(0), open(s.walk, 'outside', 'opens'), close(last + FALLS_SHUT_MS)],
          until: Math.max(last + FALLS_SHUT_MS, s.release) + AFTER_MS,
          expects: { ...QUIET, end: 'locked' },
        }
      : null;
  },
  /** A delivery props the door until well after the alarm. */
  delivery: (s) => {
    const gone = s.walk + (s.held ?? 60_000) + 15_000;
    return s.enters
      ? {
          acts: [card(0), open(s.walk, 'outside', 'opens'), close(gone)],
          until: Math.max(gone, s.release) + AFTER_MS,
          expects: { forced: 'quiet', held: s.held === null ? null : 'sounds', end: 'locked' },
        }
      : null;
  },
  /** Somebody pulls the leaf right behind another. */
  follower: (s) =>
    s.enters && s.relocksOnClose
      ? {
          acts: [
            card(0),
            open(s.walk, 'outside', 'opens'),
            close(s.walk + FALLS_SHUT_MS),
            open(s.walk + FALLS_SHUT_MS + 500, 'outside', 'stays-shut'),
          ],
          until: Math.max(s.walk + FALLS_SHUT_MS, s.release) + AFTER_MS,
          expects: { ...QUIET, end: 'locked' },
        }
      : null,
  /** Somebody pushes to get out where the way out is delayed; whoever has the key arms it again. */
  push: (s) => {
    if (!s.delayed) return null;
    const { device, after } = s.delayed;
    const out = after + 1000;
    return {
      acts: [
        { does: 'press', at: 0, device, key: 'push' },
        open(after - 1000, 'inside', 'stays-shut'),
        open(out, 'inside', 'opens'),
        close(out + FALLS_SHUT_MS),
        ...rearmed(s, out + 2 * FALLS_SHUT_MS),
      ],
      until: out + 2 * FALLS_SHUT_MS + AFTER_MS,
      expects: { held: 'quiet', end: 'locked' },
    };
  },
  /** Ten cards or codes that nobody knows, and a pull. */
  wrong: (s) =>
    s.enters
      ? {
          acts: [
            ...Array.from({ length: 10 }, (_, n) => card(n * 2000, false)),
            open(21_000, 'outside', 'stays-shut'),
          ],
          until: 21_000 + AFTER_MS,
          expects: { ...QUIET, end: 'locked' },
        }
      : null,
  /** A child presses the exit button again and again. */
  child: (s) =>
    s.exit === null
      ? null
      : {
          acts: Array.from({ length: 12 }, (_, n) => pressed(s, n * 700)).flat(),
          until: 12 * 700 + s.release + AFTER_MS,
          expects: { ...QUIET, end: 'locked' },
        },
  /** The last one leaves at night. */
  last: (s) => {
    const out = 2000 + lateness(s);
    const shut = out + FALLS_SHUT_MS;
    return {
      acts: [...pressed(s, 0), open(out, 'inside', 'opens'), close(shut), ...rearmed(s, shut + 1000)],
      until: shut + s.release + AFTER_MS,
      // Who leaves late leaves with an alarm.
      expects: { ...QUIET, ...(lateness(s) > 0 ? { forced: null } : {}), end: 'locked' },
    };
  },
  /** The leaf is torn open without a card. */
  forced: (s) => ({
    acts: [open(1000, 'force'), close(6000)],
    until: 6000 + AFTER_MS,
    expects: { forced: s.senses ? 'sounds' : null, end: 'locked' },
  }),
  /** The fire panel trips by day, everybody leaves, and the panel is reset. */
  fire: (s) =>
    s.hasFire
      ? {
          acts: [
            { does: 'fire', at: 1000 },
            open(4000, 'inside', 'opens'),
            close(8000),
            { does: 'fire-gone', at: 60_000 },
            { does: 'fire-reset', at: 65_000 },
            ...rearmed(s, 66_000),
          ],
          until: 65_000 + s.release + AFTER_MS,
          expects: { end: 'locked' },
        }
      : null,
  /** The mains fail, somebody leaves, the mains come back. */
  outage: (s) => ({
    acts: [
      { does: 'mains-off', at: 1000 },
      ...pressed(s, 30_000),
      open(32_000 + lateness(s), 'inside', 'opens'),
      close(36_000 + lateness(s)),
      { does: 'mains-on', at: 120_000 },
      ...rearmed(s, 121_000),
    ],
    until: 120_000 + s.release + AFTER_MS,
    expects: { end: 'locked' },
  }),
  /** The glass is broken, somebody leaves, it is reset. */
  glass: (s) =>
    s.glass === null
      ? null
      : {
          acts: [
            { does: 'break-glass', at: 1000, device: s.glass },
            open(3000, 'inside', 'opens'),
            close(7000),
            { does: 'reset-glass', at: 30_000, device: s.glass },
            ...rearmed(s, 31_000),
          ],
          until: 30_000 + s.release + AFTER_MS,
          expects: { end: 'locked' },
        },
  /** A card while the other door of the room stands open. */
  partner: (s) =>
    s.enters && s.interlocked
      ? {
          acts: [
            { does: 'others-open', at: 0 },
            card(2000),
            open(4000, 'outside', 'stays-shut'),
            { does: 'others-shut', at: 8000 },
          ],
          until: 8000 + AFTER_MS,
          // What the other door raises is raised here too: both hang on one board.
          expects: { end: 'locked' },
        }
      : null,
  /** Somebody calls a lockdown while another is on the way in, and leaves. */
  lockdown: (s) =>
    s.enters && s.lockdown !== null
      ? {
          acts: [
            card(0),
            s.lockdown === SITE
              ? { does: 'lockdown', at: 1000 }
              : { does: 'press', at: 1000, device: s.lockdown, key: null },
            open(2000, 'outside', 'stays-shut'),
            card(4000),
            open(5000, 'outside', 'stays-shut'),
            ...pressed(s, 8000),
            open(9500, 'inside', 'opens'),
            close(9500 + FALLS_SHUT_MS),
          ],
          until: 9500 + FALLS_SHUT_MS + s.release + AFTER_MS,
          expects: { ...QUIET, end: 'locked' },
        }
      : null,
  /** Its hours begin, the first one comes, somebody else walks in without a card, and the hours are over. */
  passage: (s) =>
    s.enters && s.passage !== 'no'
      ? {
          acts: [
            { does: 'hours', at: 0 },
            open(2000, 'outside', s.passage === 'clock' ? 'opens' : 'stays-shut'),
            ...(s.passage === 'clock' ? [close(2000 + FALLS_SHUT_MS)] : []),
            card(20_000),
            open(20_000 + s.release + 10_000, 'outside', 'opens'),
            close(20_000 + s.release + 10_000 + FALLS_SHUT_MS),
            { does: 'hours-over', at: 60_000 + s.release },
            open(65_000 + s.release, 'outside', 'stays-shut'),
          ],
          until: 65_000 + s.release + AFTER_MS,
          expects: { ...QUIET, end: 'locked' },
        }
      : null,
  /** Two come in on one card; the first leaves with it, and it is good again. */
  handed: ({ outer, inner, release, passback }) => {
    if (!passback || outer === null || inner === null) return null;
    const at = (moment: number, device: string): Act => ({
      does: 'credential',
      at: moment,
      valid: true,
      device,
      output: 0,
      who: 1,
    });
    const again = release + 10_000;
    return {
      acts: [
        at(0, outer),
        open(1500, 'outside', 'opens'),
        close(1500 + FALLS_SHUT_MS),
        at(again, outer),
        open(again + 1500, 'outside', 'stays-shut'),
        at(2 * again, inner),
        open(2 * again + 1500, 'inside', 'opens'),
        close(2 * again + 1500 + FALLS_SHUT_MS),
        at(3 * again, outer),
        open(3 * again + 1500, 'outside', 'opens'),
        close(3 * again + 1500 + FALLS_SHUT_MS),
      ],
      until: 3 * again + 1500 + FALLS_SHUT_MS + release + AFTER_MS,
      expects: { ...QUIET, end: 'locked' },
    };
  },
  /** Whatever decides stops thinking while somebody is inside. */
  hung: (s) =>
    s.decider === null
      ? null
      : {
          acts: [{ does: 'hang', at: 1000, device: s.decider }, ...pressed(s, 5000)],
          until: 20_000,
          expects: {},
        },
} as const satisfies Readonly<Record<string, (scene: Scene) => Made | null>>;

export type ScenarioName = keyof typeof LIBRARY;
export const SCENARIO_NAMES = Object.keys(LIBRARY) as readonly ScenarioName[];

/** A scenario of the library as this door would have it. */
export interface Offered extends Pick<Scenario, 'acts' | 'until' | 'expects'> {
  readonly of: ScenarioName;
}

/** Every scenario of the library that this door has the hardware for, with the times it has today. */
export function offered(plan: Plan, world: World, rest: SimState): Offered[] {
  // Without anything that holds or moves the leaf there is nothing to play.
  if (world.locks.length === 0 && !movedByOperatorOnly(world)) return [];
  const scene = sceneOf(plan, world, rest);
  return SCENARIO_NAMES.flatMap((of): Offered[] => {
    const made: Made | null = LIBRARY[of](scene);
    if (!made) return [];
    const { acts, until, expects } = made;
    return [
      {
        of,
        acts,
        until,
        expects: { forced: null, held: null, tamper: null, end: null, wayOut: true, ...expects },
      },
    ];
  });
}

function sceneOf(plan: Plan, world: World, rest: SimState): Scene {
  const parts = doorParts(plan, world.door.id);
  const times = doorTimes(plan, world.door.id, parts);
  const channel = times?.channel ?? 0;
  const { decider } = parts;
  const seconds = Math.max(
    releaseByCredential(world, rest)?.seconds ?? 0,
    times?.unlock ?? 0,
    times?.exit ?? 0,
  );
  const walk = (slowWalkers: boolean) =>
    Math.ceil((REACTION_SECONDS + world.door.brief.readerDistance / speedOf(slowWalkers)) * 10) * 100;
  const senses = parts.contacts.length > 0;
  const interlock = decider && functionOf(decider.type, 'interlock');
  const alarms = decider ? settingFor(decider.type, 'held', channel) !== null : false;
  const reads = entries(world).filter(({ type }) => !does(type, 'ownCodes'));
  return {
    passage: decider && does(decider.type, 'clock') ? freeMode(decider, channel) : 'no',
    passback: decider !== null && does(decider.type, 'clock') && passbackRefuses(decider, channel),
    outer: reads.find(({ device }) => device.place === 'outside')?.device.id ?? null,
    inner: reads.find(({ device }) => device.place === 'inside')?.device.id ?? null,
    enters: entries(world).length > 0,
    exit: exits(world)[0]?.device.id ?? null,
    delayed: delayedBy(world, rest),
    glass: doorDevices(world, 'breakGlass')[0]?.device.id ?? null,
    decider: decider?.device.id ?? null,
    hasFire: world.inhabitants.some(({ type }) => does(type, 'fireRelay', 'fireInput')),
    interlocked:
      interlock !== null &&
      decider !== null &&
      settingValue(decider.type, decider.device.settings, interlock.usedSetting) === 'on',
    lockdown:
      world.inhabitants.find(({ type }) => type.roles.lockdownContact !== undefined)?.device.id ??
      (world.inhabitants.some(heedsLockdown) ? SITE : null),
    senses: senses && alarms,
    relocksOnClose: senses && times?.relock === 'close',
    release: seconds * 1000,
    held: senses && alarms && times ? (times.held ?? 0) * 1000 || null : null,
    walk: walk(world.door.brief.slowWalkers),
    slowWalk: walk(true),
  };
}

function delayedBy(world: World, rest: SimState): Scene['delayed'] {
  const found = delaysOf(world, rest).find(({ act }) => does(act.at.type, 'delayedEgress'));
  return found ? { device: found.act.at.device.id, after: found.after } : null;
}

const freeMode = ({ type, device }: Placed, channel: number): Scene['passage'] =>
  (roleValue(type, device.settings, 'free', channel) as Scene['passage'] | undefined) ?? 'no';

const passbackRefuses = ({ type, device }: Placed, channel: number): boolean =>
  roleValue(type, device.settings, 'passback', channel) === 'refuses';

const speedOf = (slow: boolean): number => (slow ? WALKING_SPEED.slow : WALKING_SPEED.usual);
