import { terminalId } from '../../plan/index';
import { stimulate } from '../../simulate/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A lock's own contact that is wired and changes no input when the door opens. */
const statusThatNobodyReads: Analysis<'parts' | 'wiresAt' | 'world' | 'rest'> = ({
  parts,
  wiresAt,
  world,
  rest,
}) => {
  return parts.locks.flatMap(({ device, type }): Violation[] => {
    const opened = stimulate(world, rest, { kind: 'openDoor', from: 'force', leaf: device.leaf }).state;
    const changed = [...rest.readings].some(([id, reading]) => opened.readings.get(id) !== reading);
    const ends = type.roles.statusContact;
    if (!ends || ![ends.a, ends.b].every((pin) => wiresAt(terminalId(device.id, pin)).length > 0)) return [];
    return changed ? [] : [violation('status-unread', [onDevice(device.id)], { tag: device.tag })];
  });
};

export const statusUnread = rule({
  code: 'status-unread',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: statusThatNobodyReads,
});
