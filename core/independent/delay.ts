import { functionsOf, settingValue } from '../devices/index';
import type { Hand, House, Thing } from './house';

/**
 * The second reading of what delays the way out: a push that lasts begins a count, its end lets go for good; so does a fire, and a loss of
 * power. It writes down where it stands as marks among the states, which no contact follows: pushed, counting, let go, let past.
 */

type Spec = ReturnType<typeof delaysOf>[number];
export interface Marks {
  readonly states: Set<string>;
  readonly ends: Map<string, number>;
  readonly now: number;
}

export const delaysOf = ({ type }: Thing) => functionsOf(type, 'delayedEgress');

const mark = ({ device }: Thing, what: 'pushed' | 'counting' | 'gone' | 'past'): string =>
  `${device.id}:~${what}`;
const seconds = ({ type, device }: Thing, setting: string): number =>
  1000 * Number(settingValue(type, device.settings, setting));

/** What its contact does follows from where it stands. */
function follow(it: Marks, thing: Thing, { state }: Spec): void {
  const free = it.states.has(mark(thing, 'gone')) || it.states.has(mark(thing, 'past'));
  if (free) it.states.add(`${thing.device.id}:${state}`);
  else it.states.delete(`${thing.device.id}:${state}`);
}

function forget(
  it: Marks,
  thing: Thing,
  ...what: readonly ('pushed' | 'counting' | 'gone' | 'past')[]
): void {
  for (const one of what) {
    it.states.delete(mark(thing, one));
    it.ends.delete(mark(thing, one));
  }
}

function letGo(it: Marks, thing: Thing, spec: Spec): void {
  forget(it, thing, 'pushed', 'counting');
  it.states.add(mark(thing, 'gone'));
  follow(it, thing, spec);
}

/** Somebody begins to push. */
function push(it: Marks, thing: Thing, spec: Spec): void {
  const taken = (['pushed', 'counting', 'gone', 'past'] as const).some((one) =>
    it.states.has(mark(thing, one)),
  );
  if (taken) return;
  it.states.add(mark(thing, 'pushed'));
  it.ends.set(mark(thing, 'pushed'), it.now + seconds(thing, spec.nuisanceSetting));
}

/** An input of such a device that reads something else. */
export function heard(it: Marks, thing: Thing, input: string, reading: string, before: string): void {
  for (const spec of delaysOf(thing)) {
    if (reading === 'dead') continue;
    if (input === spec.fire && reading !== 'closed') letGo(it, thing, spec);
    if (input === spec.push) {
      if (reading === 'closed' && before !== 'dead') push(it, thing, spec);
      else forget(it, thing, 'pushed');
    }
    if (input === spec.bypass) {
      forget(it, thing, 'past');
      if (reading === 'closed') {
        forget(it, thing, 'pushed', 'counting');
        it.states.add(mark(thing, 'past'));
      }
      follow(it, thing, spec);
    }
  }
}

/** Its board stops. */
export function lost(it: Marks, thing: Thing): void {
  for (const spec of delaysOf(thing)) {
    forget(it, thing, 'pushed', 'counting', 'past', 'gone');
    const back = spec.backSetting && settingValue(thing.type, thing.device.settings, spec.backSetting);
    if (back !== 'arms') it.states.add(mark(thing, 'gone'));
    follow(it, thing, spec);
  }
}

/** A time of such a device is over; true where it was one. */
export function over(it: Marks, house: House, state: string): boolean {
  for (const thing of house.things)
    for (const spec of delaysOf(thing)) {
      if (state === mark(thing, 'pushed')) {
        it.states.delete(state);
        it.states.add(mark(thing, 'counting'));
        it.ends.set(mark(thing, 'counting'), it.now + seconds(thing, spec.delaySetting));
        return true;
      }
      if (state === mark(thing, 'counting')) {
        letGo(it, thing, spec);
        return true;
      }
    }
  return false;
}

/** A hand that pushes on the device itself. */
export function pushOn(it: Marks, thing: Thing): void {
  for (const spec of delaysOf(thing)) push(it, thing, spec);
}

/** Whoever resets this door has its key with him and turns it, where its board is fed and its fire line closed. */
export function turnKeys(it: Marks, house: House, isCalm: (thing: Thing, fire: string) => boolean): void {
  for (const thing of house.things.filter(({ device }) => device.door === house.door.id))
    for (const spec of delaysOf(thing)) {
      if (spec.rearm !== undefined || !isCalm(thing, spec.fire)) continue;
      forget(it, thing, 'pushed', 'counting', 'gone');
      follow(it, thing, spec);
    }
}

/** Longest that somebody who pushes waits here, ms, where a delay is allowed; 0 where none is. */
export const waitsFor = ({ door, things }: House): number =>
  things.some((thing) => delaysOf(thing).length > 0) ? 1000 * (door.brief.delayedEgress ?? 0) + 3000 : 0;

/** A hand at whose device a delay begins. */
export const isDelayed = ({ thing }: Hand): boolean => delaysOf(thing).length > 0;
