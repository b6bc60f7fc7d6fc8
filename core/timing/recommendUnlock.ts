import { LEAST_SECONDS } from '../door/index';
import type { Brief } from '../plan/index';

/**
 * Walking speeds in metres a second. Source: practice in pedestrian design, 1.2 for most adults and 0.6 where
 * people with slower gait, frames or children use the door.
 */
export const WALKING_SPEED = { usual: 1.2, slow: 0.6 } as const;
/** Seconds to hear or see the release and turn to the door. */
export const REACTION_SECONDS = 1.5;
/** Seconds to take the handle and start the leaf. */
export const HANDLE_SECONDS = 1.5;
/** The parts of a recommended unlock time, in seconds. */
export interface UnlockAdvice {
  readonly walk: number;
  readonly speed: number;
  readonly distance: number;
  /** reaction + walk + handle, before rounding. */
  readonly sum: number;
  /** Whole seconds, rounded up, never below LEAST_SECONDS. */
  readonly recommended: number;
}

/** Recommended unlock time from the way between reader and handle and who walks it. */
export function recommendUnlock(brief: Pick<Brief, 'readerDistance' | 'slowWalkers'>): UnlockAdvice {
  const speed = brief.slowWalkers ? WALKING_SPEED.slow : WALKING_SPEED.usual;
  const walk = brief.readerDistance / speed;
  const sum = REACTION_SECONDS + walk + HANDLE_SECONDS;
  return {
    walk,
    speed,
    distance: brief.readerDistance,
    sum,
    recommended: Math.max(LEAST_SECONDS, Math.ceil(sum - 1e-9)),
  };
}
