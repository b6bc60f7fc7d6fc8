import { autowire } from '../autowire/index';
import { newDevice } from '../brief/index';
import type { Plan } from '../plan/index';
import { metres } from '../units/index';
import { mustApply } from './doors';
import { door } from './ruleEdits';

/** A magnet door with a second leaf: a magnet and a contact of its own, on the same supply and the same input. */
export function twoLeaves(...types: readonly string[]): Plan {
  const put = (types.length > 0 ? types : ['magnet-lock', 'door-contact']).reduce(
    (plan, type) =>
      mustApply(plan, { kind: 'addDevice', device: { ...newDevice(plan, 'D01', type), leaf: 2 } }),
    door('magnet-controller'),
  );
  return mustApply(put, autowire(put, 'D01', metres(8)).edit);
}
