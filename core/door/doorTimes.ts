import { roleValue, settingFor, type SettingRole } from '../devices/index';
import type { Plan } from '../plan/index';
import { doorParts, type DoorParts, type Placed } from './doorParts';

/** No unlock time is ever proposed below this, and none is supposed where a device does not say. */
export const LEAST_SECONDS = 5;

/** When a released door locks again: as it closes, when its time is up, or as soon as it opens, for one person a release. */
export const RELOCKS = ['close', 'time', 'open'] as const;
export type Relock = (typeof RELOCKS)[number];

/** The times a door runs on, with where they are kept. */
export interface DoorTimes {
  readonly decider: Placed;
  /** Channel of the decider that serves this door, from 0. */
  readonly channel: number;
  /** Setting of the decider in which each time is kept; null where it has none. */
  readonly kept: Readonly<Record<TimeRole, string | null>>;
  readonly unlock: number;
  readonly exit: number;
  /** Null where the device has no door contact input. */
  readonly relock: Relock | null;
  readonly held: number | null;
}

const TIME_ROLES = ['unlock', 'exit', 'relock', 'held'] as const satisfies readonly SettingRole[];
export type TimeRole = (typeof TIME_ROLES)[number];

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
  const { device, type } = decider;
  const value = (role: TimeRole) => roleValue(type, device.settings, role, channel);
  const seconds = (role: TimeRole) => {
    const found = value(role);
    return typeof found === 'number' ? found : null;
  };
  const relock = value('relock');
  return {
    decider,
    channel,
    kept: Object.fromEntries(
      TIME_ROLES.map((role) => [role, settingFor(type, role, channel)?.id ?? null]),
    ) as DoorTimes['kept'],
    unlock: seconds('unlock') ?? LEAST_SECONDS,
    exit: seconds('exit') ?? LEAST_SECONDS,
    relock: RELOCKS.find((one) => one === relock) ?? null,
    held: seconds('held'),
  };
}
