import { functionsOf, roleValue, settingValue } from '../devices/index';
import type { Marks } from './delay';
import { leafHold, type House, type Thing } from './house';
import type { AtRest } from './rest';

/**
 * The second reading of a drive: asked, it lets its own relay go, waits, moves the leaf, stays, shuts, and holds again. It writes down where
 * it stands as marks among the states, which no contact follows: waits to open, stands open, waits to shut, shuts.
 */

type What = 'opens' | 'stands' | 'shuts' | 'closing' | 'stopped' | 'minded' | 'burns';
type Timed = Extract<What, 'opens' | 'shuts' | 'closing'>;
const TIMED: readonly Timed[] = ['opens', 'shuts', 'closing'];

const mark = ({ device }: Thing, what: What): string => `${device.id}:~${what}`;
/** A leaf that a drive has moved. */
export const leafMark = (door: string): string => `~leaf ${door}`;

export const drivesOf = ({ type }: Thing) => functionsOf(type, 'operator');

const wait = ({ type, device }: Thing, role: 'delay' | 'opening' | 'stay'): number => {
  const value = roleValue(type, device.settings, role);
  return 1000 * (typeof value === 'number' ? value : 1);
};

function begin(it: Marks, thing: Thing, what: Timed, ms: number): void {
  it.states.add(mark(thing, what));
  it.ends.set(mark(thing, what), it.now + ms);
}
function end(it: Marks, thing: Thing, ...what: readonly What[]): void {
  for (const one of what) {
    it.states.delete(mark(thing, one));
    it.ends.delete(mark(thing, one));
  }
}

/** A drive without such a setting always listens to the alarm. */
const listens = ({ type, device }: Thing, setting: string | undefined): boolean =>
  setting === undefined || settingValue(type, device.settings, setting) === 'on';

/** An input of a drive that reads something else. */
export function heardByDrive(it: Marks, thing: Thing, input: string, reading: string, before: string): void {
  const is = (what: What) => it.states.has(mark(thing, what));
  for (const { activate, relay, close, stop, safety, fire, fireSetting } of drivesOf(thing)) {
    const pressed = reading === 'closed' && before === 'open';
    if (input === stop) {
      if (reading === 'open') {
        end(it, thing, ...TIMED, 'stands');
        it.states.add(mark(thing, 'stopped'));
      } else end(it, thing, 'stopped');
    } else if (input === close && pressed && is('stands')) {
      end(it, thing, ...TIMED);
      begin(it, thing, 'shuts', 0);
    } else if (input === safety) {
      if (reading !== 'open') end(it, thing, 'minded');
      else {
        it.states.add(mark(thing, 'minded'));
        if (is('closing')) {
          end(it, thing, ...TIMED);
          begin(it, thing, 'opens', 0);
        }
      }
    } else if (input === fire && listens(thing, fireSetting)) {
      if (reading !== 'open') end(it, thing, 'burns');
      else {
        it.states.add(mark(thing, 'burns'));
        if (is('stands')) {
          end(it, thing, ...TIMED);
          begin(it, thing, 'shuts', 0);
        } else if (!is('closing')) {
          end(it, thing, ...TIMED);
          it.states.delete(`${thing.device.id}:${relay}`);
        }
      }
    } else if (input === activate && pressed && !is('stopped') && !is('burns')) {
      it.states.add(`${thing.device.id}:${relay}`);
      if (is('stands')) begin(it, thing, 'shuts', wait(thing, 'stay'));
      else {
        end(it, thing, ...TIMED);
        begin(it, thing, 'opens', wait(thing, 'delay'));
      }
    }
  }
}

/** Its board stops: whatever moves stays where it is, but for a leaf that a spring shuts. */
export function driveLost(it: Marks, thing: Thing): void {
  for (const { relay, unpowered } of drivesOf(thing)) {
    const away = (['stands', 'shuts', 'closing'] as const).some((what) => it.states.has(mark(thing, what)));
    end(it, thing, ...TIMED, 'stands', 'stopped', 'minded', 'burns');
    it.states.delete(`${thing.device.id}:${relay}`);
    if (away && unpowered === 'shuts') begin(it, thing, 'closing', wait(thing, 'opening'));
  }
}

/** Whatever feels the leaf of a door. */
function leaf(it: Marks, house: House, thing: Thing, open: boolean): void {
  const its = thing.device.door;
  if (its === null) return;
  if (open) it.states.add(leafMark(its));
  else it.states.delete(leafMark(its));
  for (const { device } of house.things) {
    if (device.door !== its || (open && device.leaf !== thing.device.leaf)) continue;
    if (open) it.states.add(`${device.id}:doorOpen`);
    else it.states.delete(`${device.id}:doorOpen`);
  }
}

/** A time of a drive is over; true where it was one. */
export function driveOver(it: Marks & { readonly rest: AtRest }, house: House, state: string): boolean {
  for (const thing of house.things)
    for (const { relay } of drivesOf(thing)) {
      if (state === mark(thing, 'opens')) {
        end(it, thing, 'opens', 'closing');
        it.states.add(mark(thing, 'stands'));
        begin(it, thing, 'shuts', wait(thing, 'opening') + wait(thing, 'stay'));
        // It does not push a leaf open that a lock holds; its times run all the same.
        if (leafHold(house, it.rest, thing.device.door, thing.device.leaf) !== 'held')
          leaf(it, house, thing, true);
        return true;
      }
      if (state === mark(thing, 'shuts')) {
        end(it, thing, 'shuts');
        if (it.states.has(mark(thing, 'minded'))) begin(it, thing, 'shuts', wait(thing, 'stay'));
        else {
          end(it, thing, 'stands');
          begin(it, thing, 'closing', wait(thing, 'opening'));
        }
        return true;
      }
      if (state === mark(thing, 'closing')) {
        end(it, thing, 'closing');
        it.states.delete(`${thing.device.id}:${relay}`);
        leaf(it, house, thing, false);
        return true;
      }
    }
  return false;
}
