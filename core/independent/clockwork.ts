import { functionsOf, settingValue } from '../devices/index';
import { heard, lost, over, pushOn, turnKeys } from './delay';
import { driveLost, driveOver, heardByDrive } from './drive';
import type { Decider, Hand, House, Thing } from './house';
import { comeToRest, type AtRest } from './rest';
import { NotRead } from './wiring';

/** A door at a moment, as the second reading has it. */
export interface Moment {
  readonly now: number;
  readonly rest: AtRest;
  readonly states: ReadonlySet<string>;
  readonly out: ReadonlySet<string>;
  /** When each state ends that somebody set for a time. */
  readonly ends: ReadonlyMap<string, number>;
  /** What each input reads. */
  readonly reads: ReadonlyMap<string, string>;
  /** A fire input that is not as it must be, and fires that are told by software, by input. */
  readonly alarms: ReadonlySet<string>;
  /** Devices that do nothing any more, and stay as they are. */
  readonly hung: ReadonlySet<string>;
}

/** Rounds of devices that answer one another at one moment. */
const MOST_ANSWERS = 24;

interface Draft {
  now: number;
  rest: AtRest;
  states: Set<string>;
  out: Set<string>;
  ends: Map<string, number>;
  reads: Map<string, string>;
  alarms: Set<string>;
  hung: Set<string>;
}

const draftOf = (it: Moment): Draft => ({
  ...it,
  states: new Set(it.states),
  out: new Set(it.out),
  ends: new Map(it.ends),
  reads: new Map(it.reads),
  alarms: new Set(it.alarms),
  hung: new Set(it.hung),
});

/** What every input reads in this circuit. */
function readAll({ wiring }: House, rest: AtRest): Map<string, string> {
  const reads = new Map<string, string>();
  for (const one of wiring.elements) {
    if (one.kind !== 'input') continue;
    if (one.needs !== null && rest.doing.get(one.needs) !== 1) {
      reads.set(one.id, 'dead');
      continue;
    }
    const across = rest.volts.get(one.id);
    const share = across === null || across === undefined ? 1 : across / one.volts;
    const within = ([low, high]: readonly [number, number]) => share >= low && share <= high;
    reads.set(one.id, within(one.closed) ? 'closed' : within(one.open) ? 'open' : 'neither');
  }
  return reads;
}

const relayOf = ({ thing, relay }: Decider) => `${thing.device.id}:${relay}`;

/** Another door of the same device is let go or stands open, and this one waits for it. */
function mustWait(it: Draft, house: House, decider: Decider): boolean {
  if (decider.waits !== 'always') return false;
  return house.deciders.some((other) => {
    if (other.thing !== decider.thing || other === decider) return false;
    const leaf = it.reads.get(`${other.thing.device.id}:${other.contactInput}`);
    const isOpen = leaf !== undefined && leaf !== 'dead' && leaf !== 'closed';
    return isOpen || it.states.has(relayOf(other));
  });
}

/** Whoever leaves lets a relay go for a time that begins now, unless another door keeps it. */
function letGo(it: Draft, house: House, decider: Decider, ms: number): void {
  if (mustWait(it, house, decider)) return;
  it.states.add(relayOf(decider));
  it.ends.set(relayOf(decider), it.now + ms);
}

/** An input that is asked: while it reads closed, or otherwise than closed where it rests closed. */
const isAsked = (reading: string | undefined, closes: boolean): boolean =>
  reading !== undefined && reading !== 'dead' && (closes ? reading === 'closed' : reading !== 'closed');

/** A device whose board just stopped: it lets go of everything that it held by itself. */
function stopped(it: Draft, house: House, thing: Thing): void {
  for (const decider of house.deciders.filter((one) => one.thing === thing)) {
    it.states.delete(relayOf(decider));
    it.ends.delete(relayOf(decider));
  }
  for (const { state } of functionsOf(thing.type, 'sensor')) {
    it.states.delete(`${thing.device.id}:${state}`);
    it.ends.delete(`${thing.device.id}:${state}`);
  }
  lost(it, thing);
  driveLost(it, thing);
  for (const key of [...it.alarms]) if (key.startsWith(`soft ${thing.device.id}:`)) it.alarms.delete(key);
}

/** One input of one device that changed. */
function answer(it: Draft, house: House, id: string, reading: string, before: string): void {
  const cut = id.lastIndexOf(':');
  const [device, input] = [id.slice(0, cut), id.slice(cut + 1)];
  const thing = house.things.find((one) => one.device.id === device);
  if (!thing || it.hung.has(device)) return;
  const its = house.deciders.filter((one) => one.thing === thing);
  const soft = () => [...it.alarms].some((key) => key.startsWith(`soft ${device}:`));
  // The leaf stands still here: what a contact tells of it, and what follows from that, is not read.
  if (before !== 'dead' && reading !== 'dead' && its.some(({ contactInput }) => contactInput === input))
    throw new NotRead('a door contact that moves without the door');
  for (const decider of its) {
    if (decider.exitInput !== input || decider.reports || soft()) continue;
    const asks = reading === decider.asks;
    if (asks && (decider.level || (before !== decider.asks && before !== 'dead')))
      letGo(it, house, decider, decider.exitMs);
  }
  heard(it, thing, input, reading, before);
  heardByDrive(it, thing, input, reading, before);
  for (const spec of functionsOf(thing.type, 'fireInput')) {
    if (spec.input !== input || reading === 'dead') continue;
    const trigger =
      spec.triggerSetting && settingValue(thing.type, thing.device.settings, spec.triggerSetting);
    const ok = (reading === 'closed') !== (trigger === 'NO');
    const follows = settingValue(thing.type, thing.device.settings, spec.latchSetting) === 'following';
    if (!ok) it.states.add(`${device}:${spec.state}`);
    else if (follows || before === 'dead') it.states.delete(`${device}:${spec.state}`);
  }
  for (const spec of functionsOf(thing.type, 'input')) {
    if (spec.input !== input) continue;
    const set = (setting: string) => settingValue(thing.type, thing.device.settings, setting);
    const acts = typeof spec.acts === 'string' ? spec.acts : set(spec.acts.setting);
    const closes = spec.restSetting === undefined || set(spec.restSetting) !== 'NC';
    const asked = isAsked(reading, closes);
    if (acts === 'interlock' || acts === 'lockdown') {
      if (asked) throw new NotRead(String(acts));
    } else if (acts === 'exit' && asked) {
      const decider = its[spec.ofChannel ?? 0];
      if (decider && !soft()) letGo(it, house, decider, decider.exitMs);
    } else if (acts === 'fire') {
      const key = `soft ${id}`;
      if (asked) {
        it.alarms.add(key);
        for (const decider of its) {
          it.states.add(relayOf(decider));
          it.ends.delete(relayOf(decider));
        }
      } else if (it.alarms.delete(key) && !soft())
        for (const decider of its) it.states.delete(relayOf(decider));
    }
  }
}

/** Outputs that follow whether anything is let go. */
function follow(it: Draft, house: House): void {
  for (const { device, type } of house.things)
    for (const { state, follows } of functionsOf(type, 'output')) {
      const followed =
        typeof follows === 'string' ? follows : settingValue(type, device.settings, follows.setting);
      if (followed !== 'unlocked' || it.hung.has(device.id)) continue;
      const on = house.deciders.some(
        (one) => one.thing.device.id === device.id && it.states.has(relayOf(one)),
      );
      if (on) it.states.add(`${device.id}:${state}`);
      else it.states.delete(`${device.id}:${state}`);
    }
}

/** Comes to rest, and lets devices answer until nobody has anything more to say. */
function calm(house: House, it: Draft): Moment {
  for (let round = 0; round < MOST_ANSWERS; round += 1) {
    follow(it, house);
    const rest = comeToRest(house.wiring, { states: it.states, out: it.out }, it.rest.doing);
    if (!rest.rests) throw new NotRead('never comes to rest');
    if (rest.shorted) throw new NotRead('what the wires leave of a supply that is shorted');
    const before = it.rest;
    it.rest = rest;
    const reads = readAll(house, rest);
    const changed = [...reads].filter(([id, reading]) => it.reads.get(id) !== reading);
    const was = it.reads;
    it.reads = reads;
    for (const thing of house.things) {
      const boards = house.wiring.elements.filter(
        (one) => one.kind === 'board' && one.device === thing.device.id,
      );
      if (boards.some(({ id }) => before.doing.get(id) === 1 && rest.doing.get(id) !== 1))
        stopped(it, house, thing);
    }
    const size = [...it.states].sort().join();
    for (const [id, reading] of changed) answer(it, house, id, reading, was.get(id) ?? 'dead');
    if (changed.length === 0 && size === [...it.states].sort().join()) return it;
  }
  throw new NotRead('devices answer one another without end');
}

/** The door as it is left alone. */
export function quiet(house: House): Moment {
  const nothing: AtRest = { doing: new Map(), volts: new Map(), rests: true, shorted: false };
  return later(
    house,
    calm(house, {
      now: 0,
      rest: nothing,
      states: new Set(),
      out: new Set(),
      ends: new Map(),
      reads: new Map(),
      alarms: new Set(),
      hung: new Set(),
    }),
    600_000,
  );
}

/** A hand laid on a device. */
export function lay(house: House, at: Moment, hand: Hand): Moment {
  const it = draftOf(at);
  if (hand.kind === 'push') pushOn(it, hand.thing);
  for (const state of hand.sets) {
    const on = hand.kind !== 'switch' || !it.states.has(state);
    if (!on) it.states.delete(state);
    else it.states.add(state);
    if (hand.ms !== null) it.ends.set(state, it.now + hand.ms);
  }
  return calm(house, it);
}

/** The next moment at which something ends by itself; null where nothing does. */
export const dueAt = ({ ends }: Moment): number | null =>
  ends.size === 0 ? null : Math.min(...ends.values());

/** Goes on for so long, and lets everything end that ends. */
export function later(house: House, from: Moment, ms: number): Moment {
  let at = from;
  for (;;) {
    const due = dueAt(at);
    if (due === null || due > from.now + ms) return { ...at, now: from.now + ms };
    at = step(house, at)!;
  }
}

/** Goes on to the next moment at which something ends; null where nothing does. */
export function step(house: House, at: Moment): Moment | null {
  const due = dueAt(at);
  if (due === null) return null;
  const it = draftOf(at);
  it.now = due;
  for (const [state, end] of at.ends) {
    if (end > due) continue;
    it.ends.delete(state);
    if (over(it, house, state) || driveOver(it, house, state)) continue;
    const decider = house.deciders.find((one) => relayOf(one) === state);
    if (decider && it.hung.has(decider.thing.device.id)) continue;
    const asked =
      decider?.level === true &&
      it.reads.get(`${decider.thing.device.id}:${decider.exitInput}`) === decider.asks;
    // Held down beyond its time: it is looked at again when the hand is gone.
    if (asked) it.ends.set(state, due + 100);
    else it.states.delete(state);
  }
  return calm(house, it);
}

/** Everything told at once that a fire tells, at these relays or at all. */
export function alarm(house: House, at: Moment, only: string | null = null): Moment {
  const it = draftOf(at);
  for (const { device, type } of house.things)
    if (only === null || only === device.id)
      for (const { state } of functionsOf(type, 'fireRelay')) it.states.add(`${device.id}:${state}`);
  return calm(house, it);
}

/** The panel is quiet again: what follows it goes back, what latches stays. */
export function alarmOver(house: House, at: Moment): Moment {
  const it = draftOf(at);
  for (const { device, type } of house.things)
    for (const { state, latchSetting } of functionsOf(type, 'fireRelay'))
      if (settingValue(type, device.settings, latchSetting) !== 'latching')
        it.states.delete(`${device.id}:${state}`);
  return calm(house, it);
}

/** Sources that give nothing from here on, by what tells them. */
export function without(
  house: House,
  at: Moment,
  isOut: (source: House['wiring']['elements'][number]) => boolean,
): Moment {
  const it = draftOf(at);
  for (const one of house.wiring.elements) if (one.kind === 'source' && isOut(one)) it.out.add(one.id);
  return calm(house, it);
}

/** Every source gives again what it gives. */
export function powerBack(house: House, at: Moment): Moment {
  const it = draftOf(at);
  for (const one of house.wiring.elements) if (one.kind === 'source') it.out.delete(one.id);
  return calm(house, it);
}

/** Whatever waits for a key is re-armed. */
export function rearmed(house: House, at: Moment): Moment {
  const it = draftOf(at);
  turnKeys(it, house, ({ device }, fire) => it.reads.get(`${device.id}:${fire}`) === 'closed');
  return calm(house, it);
}

/** Boards of whatever decides here that are dead. */
export function broken(house: House, at: Moment): Moment {
  const it = draftOf(at);
  const devices = new Set(
    house.things.filter(({ type }) => functionsOf(type, 'decides').length > 0).map(({ device }) => device.id),
  );
  for (const one of house.wiring.elements)
    if (one.kind === 'board' && devices.has(one.device)) it.out.add(one.id);
  return calm(house, it);
}
