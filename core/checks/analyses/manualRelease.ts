import { byWhoLeaves } from '../../acts/index';
import { does, functionOf } from '../../devices/index';
import { lockDeadState } from '../../door/index';
import { givesWay, isSound, patience, releaseFrom } from '../../prove/index';
import { asksOf } from '../../regions/index';
import {
  leverOpens,
  lockStatuses,
  player,
  stimulate,
  type Inhabitant,
  type SimState,
} from '../../simulate/index';
import type { CheckContext } from '../context';
import { type Analysis, violation } from '../violation';
import { doorSubject } from './doorSubject';

/** How far the best release by hand gets: whose it is, and for how long it frees the door, s; Infinity for good. */
export interface Best {
  readonly at: Inhabitant;
  readonly seconds: number;
}

type Seen = 'world' | 'rest';

/**
 * The best release by hand that needs no program: whoever is inside works it while every board that is not at his hand has stopped. Null
 * where none lets go.
 */
export function releaseByHand({ world, rest }: Pick<CheckContext, Seen>): Best | null {
  const by = player(world);
  const isFree = (state: SimState) => isSound(state) && givesWay(world, state);
  const all = byWhoLeaves(world).flatMap(({ at, stimulus }): Best[] => {
    // What sees people is no release by hand.
    if (does(at.type, 'sensor')) return [];
    const boards = world.inhabitants.filter(
      ({ device, type }) =>
        device.id !== at.device.id && type.parts.some(({ kind }) => kind === 'electronic'),
    );
    const hung = stimulate(world, rest, {
      kind: 'hang',
      devices: boards.map(({ device }) => device.id),
    }).state;
    const release = releaseFrom(by, by.act(hung, stimulus), isFree);
    if (release === null || release.after > patience(world)) return [];
    return [{ at, seconds: release.lasts === null ? Infinity : release.lasts / 1000 }];
  });
  return all.sort((a, b) => b.seconds - a.seconds)[0] ?? null;
}

/** True where a lock that needs power to hold is all that keeps people in: no lever draws it. */
export function isHeldByPower({ parts, plan, world, rest }: CheckContext): boolean {
  const safe = parts.locks.some((lock) => lockDeadState(plan, lock) === 'fail-safe');
  return safe && !leverOpens(world) && lockStatuses(world, rest.point).some(({ hold }) => hold === 'held');
}

/** Where a region asks for a button: one that cuts the lock's power by itself, for as long as is asked. */
export const manualRelease: Analysis = (context) => {
  const asked = asksOf(context.plan).manualRelease;
  if (asked.by !== 'button' || !isHeldByPower(context)) return [];
  const best = releaseByHand(context);
  if (best && best.seconds >= asked.seconds) return [];
  const values = {
    seconds: asked.seconds,
    tag: best?.at.device.tag ?? '',
    lasts: best?.seconds ?? 0,
  };
  // One that has a time of its own need only be set for longer.
  const setting = best && functionOf(best.at.type, 'button')?.holdSetting;
  if (!best || !setting) return [violation('no-manual-release', doorSubject(context), values)];
  const remedy = {
    kind: 'setSetting',
    device: best.at.device.id,
    setting,
    value: asked.seconds,
  } as const;
  return [violation('no-manual-release', doorSubject(context), values, { remedy })];
};
