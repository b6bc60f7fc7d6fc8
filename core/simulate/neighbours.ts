import { does, functionsOf, settingValue } from '../devices/index';
import { doorHold, lockStatuses } from './lockStatus';
import type { SimState } from './simState';
import type { World } from './world';

/** The other doors of a circuit, seen from one of them. */
export interface Neighbours {
  readonly doors: readonly string[];
  /** A device of this circuit lets one of its doors be open at a time. */
  readonly interlocked: boolean;
  /** Those devices, by id. */
  readonly by: readonly string[];
  /** Whoever leaves is let go all the same: set so at whatever interlocks them. */
  readonly exitsPass: boolean;
  /** Any of their leaves stands open, as far as a contact feels it. */
  isOpen(state: Pick<SimState, 'states'>): boolean;
  /** Any of them is let go. */
  isFree(state: Pick<SimState, 'point'>): boolean;
}

/** Looks the other doors up once. */
export function neighboursOf(world: World): Neighbours {
  const { inhabitants, door, beside } = world;
  const others = inhabitants.filter(({ device }) => device.door !== null && device.door !== door.id);
  const doors = [...new Set(others.flatMap(({ device }) => device.door ?? []))];
  const felt = others.map(({ device }) => `${device.id}:doorOpen`);
  const views = doors
    .map((id) => ({ ...world, locks: beside.filter(({ device }) => device.door === id) }))
    .filter(({ locks }) => locks.length > 0);
  const locking = inhabitants.filter(
    ({ device, type }) =>
      does(type, 'interlock') &&
      functionsOf(type, 'interlock').some(
        ({ usedSetting }) => settingValue(type, device.settings, usedSetting) === 'on',
      ),
  );
  const known = new WeakMap<SimState['point'], boolean>();
  return {
    doors,
    interlocked: doors.length > 0 && locking.length > 0,
    by: locking.map(({ device }) => device.id),
    exitsPass: locking.some(({ device, type }) =>
      functionsOf(type, 'interlock').some(
        ({ exitsSetting }) =>
          exitsSetting !== undefined && settingValue(type, device.settings, exitsSetting) === 'pass',
      ),
    ),
    isOpen: ({ states }) => felt.some((key) => states.has(key)),
    isFree({ point }) {
      let free = known.get(point);
      if (free === undefined) {
        free = views.some((view) => doorHold(lockStatuses(view, point)) === 'free');
        known.set(point, free);
      }
      return free;
    },
  };
}
