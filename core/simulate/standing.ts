import { BLOWN } from '../circuit/index';
import { functionsOf } from '../devices/index';
import { keepsFreePassage, REARM } from '../functions/index';
import type { SimState, Stimulus } from './simState';
import type { World } from './world';

/** Something that was done to a door and still stands, with what undoes it. */
export interface Standing {
  readonly kind:
    | 'break-glass'
    | 'fire'
    | 'power'
    | 'cut'
    | 'switch'
    | 'failed'
    | 'fuse'
    | 'network'
    | 'lockdown'
    | 'hours'
    /** A delayed egress has let go, and waits for its key. */
    | 'egress';
  /** Device or wire it is about; null for what is about the whole door. */
  readonly id: string | null;
  /** What a person would do to end it, in order; empty where nobody can on the bench. */
  readonly undo: readonly Stimulus[];
}

/** Everything that was done and has not been undone. */
export function standing(world: World, state: SimState): Standing[] {
  const found: Standing[] = [];
  let fire = false;
  for (const { device, type } of world.inhabitants) {
    const isOn = (...kinds: readonly ('breakGlass' | 'switch' | 'fireRelay' | 'fireInput')[]) =>
      kinds.some((kind) =>
        functionsOf(type, kind).some((one) => state.states.has(`${device.id}:${one.state}`)),
      );
    if (isOn('breakGlass'))
      found.push({ kind: 'break-glass', id: device.id, undo: [{ kind: 'resetGlass', device: device.id }] });
    if (isOn('switch'))
      found.push({ kind: 'switch', id: device.id, undo: [{ kind: 'press', device: device.id }] });
    if (isOn('fireRelay', 'fireInput')) fire = true;
    for (const { state: released, rearm } of functionsOf(type, 'delayedEgress'))
      if (state.states.has(`${device.id}:${released}`))
        found.push({
          kind: 'egress',
          id: device.id,
          undo: rearm === undefined ? [{ kind: 'press', device: device.id, key: REARM }] : [],
        });
  }
  if (fire) found.push({ kind: 'fire', id: null, undo: [{ kind: 'fireGone' }, { kind: 'fireReset' }] });
  if ([...state.feeds.values()].some(({ kind }) => kind !== 'mains'))
    found.push({
      kind: 'power',
      id: null,
      undo: [
        { kind: 'dead', on: false },
        { kind: 'mains', on: true },
      ],
    });
  if (!state.network) found.push({ kind: 'network', id: null, undo: [{ kind: 'network', on: true }] });
  if (state.lockdown) found.push({ kind: 'lockdown', id: null, undo: [{ kind: 'lockdown', on: false }] });
  if (state.hours && world.inhabitants.some(keepsFreePassage))
    found.push({ kind: 'hours', id: null, undo: [{ kind: 'hours', on: false }] });
  for (const id of state.cut) found.push({ kind: 'cut', id, undo: [{ kind: 'mend', conductor: id }] });
  for (const id of new Set(blown(world, state)))
    found.push({ kind: 'fuse', id, undo: [{ kind: 'newFuses', device: id }] });
  for (const id of state.failed) found.push({ kind: 'failed', id, undo: [] });
  return found;
}

/** Devices in which a fuse has blown. */
const blown = ({ netlist }: World, { point }: SimState): string[] =>
  [...netlist.fast.fuses].flatMap((index) => {
    const branch = netlist.branches[index];
    return branch?.kind === 'fuse' && point.on[index] === BLOWN ? [branch.device] : [];
  });
