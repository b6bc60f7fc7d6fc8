import { autowire } from '../autowire/index';
import { newDevice } from '../brief/index';
import { emptyPlan, type Brief, type Door, type Plan } from '../plan/index';
import { metres } from '../units/index';
import { MAGNET_BRIEF, mustApply } from './doors';

const AT_EACH = [
  'reader-wiegand',
  'magnet-lock',
  'exit-button',
  'break-glass-double',
  'fire-relay',
  'door-contact',
];

/** A small room with a door at either end, both on one controller of the site that lets one be open at a time, and a lockdown button. */
export function vestibule(brief: Brief = MAGNET_BRIEF): Plan {
  const door = (id: string, order: number): Door => ({
    id,
    order,
    name: order === 1 ? 'Vestibule, street side' : 'Vestibule, hall side',
    brief,
    deadState: null,
    schools: {},
    freePassage: null,
    openingHours: null,
    expectations: [],
    notes: '',
    lastWire: 0,
  });
  let plan = mustApply(
    emptyPlan('s', 'A vestibule'),
    { kind: 'addDoor', door: door('D01', 1) },
    { kind: 'addDoor', door: door('D02', 2) },
  );
  const put = (at: string | null, ...types: string[]) => {
    for (const type of types)
      plan = mustApply(plan, { kind: 'addDevice', device: newDevice(plan, at, type) });
  };
  put(null, 'supply-12v-5a', 'controller-2-lobby');
  put('D01', ...AT_EACH, 'lockdown-button');
  put('D02', ...AT_EACH);
  for (const id of ['D01', 'D02']) plan = mustApply(plan, autowire(plan, id, metres(6)).edit);
  return plan;
}
