import { entries } from '../../door/index';
import {
  doorHold,
  keepsPassback,
  lockStatuses,
  stimulate,
  type SimState,
  type World,
} from '../../simulate/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation } from '../violation';

/** A card that comes in twice is watched: whether it can go out at all, and whether others follow on it. */
export const passback: Analysis<'door' | 'parts' | 'world' | 'rest'> = ({
  parts: { decider, channel },
  world,
  rest,
}) => {
  if (!decider || !keepsPassback(decider, channel)) return [];
  const values = { tag: decider.device.tag };
  const at = [onDevice(decider.device.id)];
  const readers = entries(world).filter(({ device }) => device.door === world.door.id);
  const at1 = (state: SimState, device: string) =>
    stimulate(world, state, { kind: 'credential', valid: true, device, who: 1 });
  const found: Violation[] = [];
  const comesIn = readers.find(({ device }) => {
    const once = at1(rest, device.id).state;
    return at1(once, device.id).effects.some(({ kind }) => kind === 'passback');
  });
  if (!comesIn) return [];
  const came = at1(rest, comesIn.device.id).state;
  // Whatever reader it leaves by: presented there, it may come in again.
  const leaves = readers.some(({ device }) => {
    const left = at1(came, device.id);
    return (
      left.effects.every(({ kind }) => kind !== 'passback') &&
      at1(left.state, comesIn.device.id).effects.every(({ kind }) => kind !== 'passback')
    );
  });
  if (!leaves) found.push(violation('passback-one-side', at, values));
  else if (follows(world, rest, came)) found.push(violation('passback-follows', at, values));
  return found;
};

/** Let in, through, and shut behind: the lock still lets the next one in, on the same card. */
function follows(world: World, rest: SimState, came: SimState): boolean {
  const isFree = (state: SimState) => doorHold(lockStatuses(world, state.point)) === 'free';
  if (isFree(rest) || !isFree(came)) return false;
  const through = stimulate(world, came, { kind: 'openDoor', from: 'outside' }).state;
  return isFree(stimulate(world, through, { kind: 'closeDoor' }).state);
}
