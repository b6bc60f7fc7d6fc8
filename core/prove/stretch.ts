import { BATTERY, type Player, type SimState } from '../simulate/index';

/** Nothing that is timed at a door lasts longer than what is looked at, ms. */
const HORIZON_MS = 3_600_000;
/** A door that has not come to rest after so many timers goes on for ever. */
const MOST = 64;

/** A situation from its beginning on, while nobody does anything more: every moment at which something happens by itself. */
export interface Stretch<T> {
  readonly moments: readonly T[];
  /** False where timers go on without end. */
  readonly ends: boolean;
}

/** When the next timer is due, ms from now; null where none is, batteries aside. */
const dueIn = (state: SimState): number | null => {
  const due = dueNext(state);
  return due ? due.at - state.now : null;
};

/** The timer that is due next, batteries aside. */
export const dueNext = ({ queue }: SimState) => queue.find(({ device }) => device !== BATTERY);

export function stretchFrom<T>(by: Player<T>, from: T): Stretch<T> {
  const moments = [from];
  const begun = by.state(from).now;
  for (let at = from; moments.length < MOST; moments.push(at)) {
    const state = by.state(at);
    const due = dueIn(state);
    if (due === null || state.now + due - begun > HORIZON_MS) return { moments, ends: true };
    const next = by.next(at);
    if (next === null) return { moments, ends: true };
    at = next;
  }
  return { moments, ends: false };
}

/** Shorter than this nobody gets a hand to the door and pushes it open: a thumb that lets go, a sensor that a hand has left, ms. */
export const LEAST_RELEASE_MS = 1500;
/** How far is looked for a release that comes late, ms, and over how many timers. */
const LOOK_MS = 180_000;
const TIMERS = 24;

/** How a door lets go from here on. */
export interface Release {
  /** Until it does, ms. */
  readonly after: number;
  /** How long it stays so at least, ms; null where it does not end by itself. */
  readonly lasts: number | null;
}

/**
 * The first release from here on that somebody can use; `isFree` tells a state in which the door gives way. Null where there is none, or
 * none that lasts for `least` ms: who leaves needs time for it, and who breaks in pulls already while he presses.
 */
export function releaseFrom<T>(
  by: Player<T>,
  from: T,
  isFree: (state: SimState) => boolean,
  least = LEAST_RELEASE_MS,
): Release | null {
  const begun = by.state(from).now;
  let since: number | null = null;
  let at: T | null = from;
  for (let n = 0; at !== null && n < TIMERS; n += 1) {
    const state: SimState = by.state(at);
    if (isFree(state)) {
      since ??= state.now;
      const due = dueIn(state);
      if (due === null) return { after: since - begun, lasts: null };
      const lasts = state.now + due - since;
      if (lasts >= least) return { after: since - begun, lasts };
    } else since = null;
    const due = dueIn(state);
    if (due === null || state.now + due - begun > LOOK_MS) return null;
    at = by.next(at);
  }
  return null;
}
