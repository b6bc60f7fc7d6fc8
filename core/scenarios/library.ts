import type { Act, Plan, Scenario } from '../plan/index';
import { movedByOperatorOnly, PUSH, type SimState, type World } from '../simulate/index';
import { card, close, lateness, open, pressed, rearmed } from './sceneActs';
import { sceneOf, SITE, type Scene } from './scene';

type Made = Pick<Scenario, 'acts' | 'until'> & { readonly expects: Partial<Scenario['expects']> };

/** Somebody passes this long after the one before, ms. */
const STEP_MS = 1500;
/** A leaf falls shut so long after the last person, ms. */
const FALLS_SHUT_MS = 3000;
/** What is watched after the last thing has happened, ms. */
const AFTER_MS = 6000;
const QUIET = { forced: 'quiet', held: 'quiet' } as const;

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
        { does: 'press', at: 0, device, key: PUSH },
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
