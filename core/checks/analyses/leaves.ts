import { leafWithoutLock, stimulate } from '../../simulate/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { notWired } from './notWired';

/** A door with two leaves: the first without a lock while the second has one, and a second that is torn open unnoticed. */
export const leaves: Analysis<'plan' | 'door' | 'parts' | 'world' | 'rest'> = (context) => {
  const { world, rest } = context;
  const seconds = world.locks.filter(({ device }) => device.leaf === 2);
  const [lock] = seconds;
  if (!lock || notWired(context)) return [];
  const at = [onDevice(lock.device.id)];
  const { tag } = lock.device;
  const hits: Violation[] =
    leafWithoutLock(world) === null ? [] : [violation('leaf-without-lock', at, { tag })];
  const torn = (leaf: 1 | 2) =>
    stimulate(world, rest, { kind: 'openDoor', from: 'force', leaf }).state.alarms.has('forced');
  return torn(1) && !torn(2) ? [...hits, violation('leaf-unwatched', at, { tag })] : hits;
};
