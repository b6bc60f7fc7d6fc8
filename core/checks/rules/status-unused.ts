import { terminalId } from '../../plan/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A lock's own contact that nobody reads although an input for it is free. */
const unusedStatus: Analysis<'parts' | 'wiresAt'> = ({ parts, wiresAt }) =>
  parts.locks.flatMap(({ device, type }): Violation[] => {
    const ends = type.roles.statusContact;
    if (!ends || !parts.decider?.type.roles.contactInputs) return [];
    if ([ends.a, ends.b].some((pin) => wiresAt(terminalId(device.id, pin)).length > 0)) return [];
    return [violation('status-unused', [onDevice(device.id)], { tag: device.tag })];
  });

export const statusUnused = rule({
  code: 'status-unused',
  family: 'W',
  station: 'wire',
  severity: 'note',
  basis: 'practice',
  find: unusedStatus,
});
