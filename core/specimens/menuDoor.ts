import { autowire } from '../autowire/index';
import { newDevice } from '../brief/index';
import { emptyPlan, type Edit, type Plan } from '../plan/index';
import { metres } from '../units/index';
import { MAGNET_BRIEF, mustApply } from './doors';

const SET = [
  'supply-12v-battery',
  'reader-wiegand',
  'magnet-lock',
  'exit-button',
  'break-glass-double',
  'fire-relay',
  'door-contact',
];

/** Settings of its controller. */
export const menu = (...settings: readonly (readonly [string, string])[]): Edit[] =>
  settings.map(([setting, value]) => ({ kind: 'setSetting', device: 'D01/K1', setting, value }));

/** A magnet door with such a controller, its menu set before it is wired. */
export function menuDoor(controller: string, ...edits: Edit[]): Plan {
  const empty = mustApply(emptyPlan('t', 'Menu'), {
    kind: 'addDoor',
    door: {
      id: 'D01',
      order: 1,
      name: 'Menu',
      brief: MAGNET_BRIEF,
      deadState: { state: 'fail-safe', overrideReason: null, by: 'test' },
      schools: {},
      freePassage: null,
      openingHours: null,
      expectations: [],
      notes: '',
      lastWire: 0,
    },
  });
  const put = [controller, ...SET].reduce(
    (plan, type) => mustApply(plan, { kind: 'addDevice', device: newDevice(plan, 'D01', type) }),
    empty,
  );
  const set = mustApply(put, ...edits);
  return mustApply(set, autowire(set, 'D01', metres(8)).edit);
}
