import { channelsOf } from '../../devices/index';
import { hearsFire, recall } from '../../functions/index';
import { patience } from '../../prove/index';
import { afterNext, standing, type SimState } from '../../simulate/index';
import { isSound, type DoorFacts } from './facts';
import type { DoorPromise } from './promise';

/** Whoever may come in is let in, at a door at which nothing stands in the way: nothing is dead, broken, turned, or hung. */
export const letsIn: DoorPromise = {
  notAsked: (facts) => (outer(facts).length === 0 ? 'no-entry' : null),
  isBroken: (facts, { before, event, after }) => {
    const { stimulus } = event;
    if (stimulus?.kind !== 'credential' || !stimulus.valid || (stimulus.output ?? 0) > 0) return false;
    if (!outer(facts).some(({ device }) => device.id === stimulus.device)) return false;
    return isCalm(facts, before) && !freeSoon(facts, after);
  },
};

const outer = ({ entries }: DoorFacts) => entries.filter(({ device }) => device.place !== 'inside');

/** Nothing keeps anybody out: no lasting cause, no lock-out after wrong cards, no other door of the room in use. */
function isCalm({ world, others, isHeld, lasts }: DoorFacts, state: SimState): boolean {
  if (!isHeld(state) || lasts(state, 0) || state.lockdown || standing(world, state).length > 0) return false;
  if (others.interlocked && (others.isOpen(state) || others.isFree(state))) return false;
  return !world.inhabitants.some(
    ({ device, type }) =>
      hearsFire(state.memory[device.id]) ||
      channelsOf(type).some((_, channel) =>
        (['lockedOut', 'open', 'clearing'] as const).some(
          (what) => recall(state.memory[device.id], channel, what) === true,
        ),
      ),
  );
}

function freeSoon({ world, isFree }: DoorFacts, after: SimState): boolean {
  const longest = patience(world);
  for (let at: SimState | null = after; at !== null; at = afterNext(world, at)) {
    if (at.now - after.now > longest) return false;
    if (isSound(at) && isFree(at)) return true;
  }
  return false;
}
