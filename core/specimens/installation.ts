import { autowire } from '../autowire/index';
import { newDevice } from '../brief/index';
import type { Place, SettingValue } from '../devices/index';
import { blankDoor, emptyPlan, type Brief, type Door, type Plan, type Schools } from '../plan/index';
import { metres } from '../units/index';
import { mustApply } from './doors';

/** A device as an installer picks it: its type, and where it differs from how it comes. */
export type Picked =
  | string
  | {
      readonly type: string;
      readonly place?: Place;
      readonly settings?: Readonly<Record<string, SettingValue>>;
    };

export interface Installation {
  readonly name: string;
  readonly brief: Brief;
  readonly devices: readonly Picked[];
  readonly schools?: Partial<Schools>;
  readonly deadState?: Door['deadState'];
  /** Length of every run, metres. */
  readonly run?: number;
}

/** A door of an invented site from a choice of hardware: Aldaba wires it, and no wire is made by hand. */
export function installed({
  name,
  brief,
  devices,
  schools = {},
  deadState = null,
  run = 8,
}: Installation): Plan {
  const door = { ...blankDoor('D01', 1, name), brief, deadState, schools };
  const bare = mustApply(emptyPlan('s', 'An installation'), { kind: 'addDoor', door });
  const equipped = devices.reduce<Plan>((plan, picked) => {
    const one = typeof picked === 'string' ? { type: picked } : picked;
    const device = newDevice(plan, 'D01', one.type);
    return mustApply(plan, {
      kind: 'addDevice',
      device: {
        ...device,
        ...(one.place ? { place: one.place } : {}),
        settings: { ...device.settings, ...one.settings },
      },
    });
  }, bare);
  return mustApply(equipped, autowire(equipped, 'D01', metres(run)).edit);
}
