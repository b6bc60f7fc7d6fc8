import { does, functionsOf } from '../devices/index';
import { standAt } from '../door/index';
import type { World } from '../simulate/index';
import type { Act } from './act';
import { actsAt } from './actsAt';

/** Whose acts are asked for: a door among the devices that its circuit reaches. */
type At = Pick<World, 'inhabitants'> & { readonly door: { readonly id: string } };

const known = new WeakMap<World['inhabitants'], Map<string, readonly Act[]>>();

/** Everything that people can do at the devices of this door, in the order of its devices. */
export function actsOf({ inhabitants, door }: At): readonly Act[] {
  const byDoor = known.get(inhabitants) ?? new Map<string, readonly Act[]>();
  known.set(inhabitants, byDoor);
  const before = byDoor.get(door.id);
  if (before) return before;
  const found = inhabitants.filter(({ device }) => device.door === door.id).flatMap(actsAt);
  byDoor.set(door.id, found);
  return found;
}

/** Who is not let out at once leans on the bar longer than any bump lasts, ms. */
const LEANS_MS = 5000;

/** True where a delayed egress here hears of a push from another device: only one that lasts counts for it. */
const hearsPushes = ({ inhabitants }: At): boolean =>
  inhabitants.some(({ type }) => functionsOf(type, 'delayedEgress').some(({ push }) => push !== undefined));

const leant = (act: Act): Act =>
  act.stimulus.kind === 'press' && act.purpose === 'leave' && act.stimulus.key === undefined
    ? { ...act, stimulus: { ...act.stimulus, held: LEANS_MS } }
    : act;

/** Bars and levers by which somebody leans on a delayed egress. */
const bars = ({ inhabitants, door }: At): Act[] =>
  inhabitants
    .filter(({ device, type }) => device.door === door.id && type.family === 'exit' && does(type, 'lever'))
    .map((at) => ({
      id: `push:${at.device.id}`,
      at,
      stimulus: { kind: 'press', device: at.device.id, held: LEANS_MS },
      undo: null,
      needs: 'nothing',
      purpose: 'leave',
      stand: standAt(at.device),
    }));

/** Everything that people can do at this door, as they do it: where a delay hears of pushes, leaning on whatever may begin it. */
export const doneAt = (world: At): readonly Act[] =>
  hearsPushes(world) ? [...actsOf(world).map(leant), ...bars(world)] : actsOf(world);

/** What anybody can do who stands outside and has nothing but hands. */
export const byAnybodyOutside = (world: At): Act[] =>
  doneAt(world).filter(({ stand, needs }) => stand === 'outside' && needs === 'nothing');

/** What people inside do to get out: exits, and then glasses, which somebody has to mend. */
export function byWhoLeaves(world: At): Act[] {
  const inside = doneAt(world).filter(({ stand, needs }) => stand === 'inside' && needs === 'nothing');
  return [
    ...inside.filter(({ purpose }) => purpose === 'leave'),
    ...inside.filter(({ purpose }) => purpose === 'emergency'),
  ];
}

/** True where somebody may rightly let the door go by it: whoever is inside, has a right, a key, or sits at the panel. */
export const isRightful = ({ stand, needs }: Pick<Act, 'stand' | 'needs'>): boolean =>
  needs !== 'nothing' || stand === 'inside';
