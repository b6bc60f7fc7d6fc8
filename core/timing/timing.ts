import { settingValue } from '../devices/index';
import { typeIn, type Brief, type Plan } from '../plan/index';
import { doorParts, type DoorParts, type Placed } from '../autowire/index';

/**
 * Walking speeds in metres a second. Source: practice in pedestrian design, 1.2 for most adults and 0.6 where
 * people with slower gait, frames or children use the door.
 */
export const WALKING_SPEED = { usual: 1.2, slow: 0.6 } as const;
/** Seconds to hear or see the release and turn to the door. */
export const REACTION_SECONDS = 1.5;
/** Seconds to take the handle and start the leaf. */
export const HANDLE_SECONDS = 1.5;
/** No unlock time is ever proposed below this. */
export const LEAST_SECONDS = 5;

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

/** The times a door runs on, with where they are kept. */
export interface DoorTimes {
  readonly decider: Placed;
  /** Setting ids: `ch1.unlock`... */
  readonly prefix: string;
  readonly unlock: number;
  readonly exit: number;
  /** Null where the device has no door contact input. */
  readonly relock: 'close' | 'time' | null;
  readonly held: number | null;
}

/**
 * The times of the controller channel or keypad that serves this door; null where there is none. Who has sorted
 * the door's parts already hands them in.
 */
export function doorTimes(
  plan: Plan,
  door: string,
  { decider, channel }: Pick<DoorParts, 'decider' | 'channel'> = doorParts(plan, door),
): DoorTimes | null {
  if (!decider) return null;
  const { device } = decider;
  const type = typeIn(plan, device);
  const prefix = `ch${channel + 1}`;
  const value = (name: string) => settingValue(type, device.settings, `${prefix}.${name}`);
  const number = (name: string) => {
    const found = value(name);
    return typeof found === 'number' ? found : null;
  };
  const relock = value('relock');
  return {
    decider,
    prefix,
    unlock: number('unlock') ?? LEAST_SECONDS,
    exit: number('exit') ?? LEAST_SECONDS,
    relock: relock === 'close' || relock === 'time' ? relock : null,
    held: number('held'),
  };
}
