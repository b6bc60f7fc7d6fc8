import { functionsOf } from '../devices/index';
import type { DoorId, Plan } from '../plan/index';
import {
  alarm,
  alarmOver,
  broken,
  dueAt,
  later,
  lay,
  powerBack,
  quiet,
  rearmed,
  step,
  without,
  type Moment,
} from './clockwork';
import { delaysOf, isDelayed, waitsFor } from './delay';
import { drivesOf, leafMark } from './drive';
import { handsAt, houseOf, leafHold, type Hand, type Hold, type House } from './house';
import { NotRead } from './wiring';

/** A leaf that a drive has moved is free, whatever its locks do. */
const holdOf = (house: House, at: Moment, leaf: 1 | 2): Hold | null =>
  at.states.has(leafMark(house.door.id)) ? 'free' : leafHold(house, at.rest, house.door.id, leaf);

/** The leaf that people use, and whichever is the freest. */
const active = (house: House, at: Moment): Hold => holdOf(house, at, 1) ?? holdOf(house, at, 2) ?? 'between';
const freest = (house: House, at: Moment): Hold => {
  const both = [holdOf(house, at, 1), holdOf(house, at, 2)].filter((one) => one !== null);
  return both.includes('free') ? 'free' : both.includes('between') ? 'between' : 'held';
};

/** What is found of a door in one situation. */
export interface Opinion {
  /** At some moment it stands open to bare hands outside. */
  readonly opensOutside: boolean;
  /** At every moment people inside leave without any act. */
  readonly freeInside: boolean;
  /** At every moment some act inside lets people out. */
  readonly wayOut: boolean;
}

export type Asked = keyof typeof BEGINS;

const handsOf = (house: House, isHere: boolean): Hand[] =>
  handsAt(house.things.filter(({ device }) => (device.door === house.door.id) === isHere)).filter(
    ({ bare, from }) => bare && from !== 'locked',
  );
const dead = (house: House, at: Moment) => without(house, at, () => true);

/** Volts by which a lock's voltage differs where something was done to it, and not to what shares its supply. */
const MOVES_VOLTS = 2;
const moves = ({ locks, door }: House, before: Moment, after: Moment): boolean =>
  locks.some(({ door: its, element }) => {
    const volts = ({ rest }: Moment) => rest.volts.get(element) ?? 0;
    return its === door.id && Math.abs(volts(after) - volts(before)) > MOVES_VOLTS;
  });

/** How each situation begins: in one way, or in several, each of which is looked at. */
const BEGINS = {
  rest: (_house: House, at: Moment) => [at],
  // All at once, and each that has to do with a lock of this door.
  fire: (house: House, at: Moment) => [
    alarm(house, at),
    ...house.things
      .filter(({ type }) => functionsOf(type, 'fireRelay').length > 0)
      .map(({ device }) => alarm(house, at, device.id))
      .filter((told) => moves(house, at, told)),
  ],
  dead: (house: House, at: Moment) => [dead(house, at)],
  'mains-off': (house: House, at: Moment) => [without(house, at, ({ hasBattery }) => !hasBattery)],
  'power-back': (house: House, at: Moment) => [
    later(house, rearmed(house, powerBack(house, dead(house, at))), 600_000),
  ],
  'fire-power': (house: House, at: Moment) => [
    powerBack(house, dead(house, alarmOver(house, alarm(house, at)))),
  ],
  'supply-dead': (house: House, at: Moment) =>
    [
      ...new Set(house.wiring.elements.filter(({ kind }) => kind === 'source').map(({ device }) => device)),
    ].map((device) => without(house, at, (source) => source.device === device)),
  'controller-dead': (house: House, at: Moment) => [broken(house, at)],
  'break-glass': (house: House, at: Moment) =>
    handsOf(house, true)
      .filter(({ kind }) => kind === 'break')
      .map((hand) => lay(house, at, hand)),
  'other-door': (house: House, at: Moment) => handsOf(house, false).map((hand) => lay(house, at, hand)),
} as const;

const BURNING: ReadonlySet<Asked> = new Set<Asked>(['fire', 'dead', 'fire-power']);

/** Situations in which more is tried than is read here: only what passes is looked at. */
export const IN_PART: ReadonlySet<Asked> = new Set<Asked>(['other-door']);

/** Moments of a situation: its begin, and each at which something ends by itself, with one in between. */
function momentsOf(house: House, begin: Moment): Moment[] {
  const found = [begin];
  for (let at: Moment | null = begin; at && found.length < 40;) {
    const due = dueAt(at);
    if (due === null) break;
    found.push(later(house, at, Math.max(1, (due - at.now) / 2)));
    at = step(house, at);
    if (at) found.push(at);
  }
  return found;
}

/** How long a lock must stay free for somebody to get through, and how long one waits for it: longer where a drive opens. */
const THROUGH_MS = 1500;
const PATIENCE_MS = 1000;
const DRIVE_MS = 11_000;
const patience = (house: House): number =>
  house.things.some((thing) => thing.device.door === house.door.id && drivesOf(thing).length > 0)
    ? DRIVE_MS
    : PATIENCE_MS;
/** Whoever breaks in has time. */
const MOST_DELAY_MS = 60_000;

/** True where after this act the leaf that people use is free for long enough. */
function frees(house: House, after: Moment): boolean {
  let at: Moment | null = after;
  let since: number | null = null;
  while (at) {
    if (since === null && at.now - after.now >= patience(house)) return false;
    if (active(house, at) === 'free') since ??= at.now;
    else if (since !== null && at.now - since < THROUGH_MS) since = null;
    if (since !== null && at.now - since >= THROUGH_MS) return true;
    const due = dueAt(at);
    if (since !== null && (due === null || due - since > THROUGH_MS)) return true;
    at = step(house, at);
  }
  return since !== null;
}

/** True where a push lets somebody out for good, no later than a delay may be here. */
function freesLate(house: House, after: Moment): boolean {
  const most = house.door.brief.delayedEgress === 0 ? 0 : waitsFor(house);
  let since: number | null = null;
  for (let at: Moment | null = after; at; at = step(house, at)) {
    if (active(house, at) === 'free') since ??= at.now;
    else since = null;
  }
  return since !== null && since - after.now <= most;
}

/** True where at some moment after this act some leaf is free. */
function opens(house: House, after: Moment): boolean {
  for (let at: Moment | null = after; at; at = step(house, at)) {
    if (freest(house, at) === 'free') return true;
    if (at.now - after.now > Math.max(patience(house), MOST_DELAY_MS * Number(waitsFor(house) > 0)))
      return false;
  }
  return false;
}

/**
 * Opinions of a door in the situations that are asked; null where the second reading does not read what is there, or a lock is between
 * held and free.
 */
export function opinionsOf(plan: Plan, door: DoorId): ReadonlyMap<Asked, Opinion | null> {
  const found = new Map<Asked, Opinion | null>();
  const start = read(() => {
    const house = houseOf(plan, door);
    return { house, at: quiet(house) };
  });
  for (const asked of Object.keys(BEGINS) as Asked[]) {
    const all =
      start &&
      read(() =>
        BEGINS[asked](start.house, start.at).map((begin) =>
          opinionOf(start.house, begin, !BURNING.has(asked)),
        ),
      );
    if (all === null) found.set(asked, null);
    else if (all.length > 0)
      found.set(asked, {
        opensOutside: all.some(({ opensOutside }) => opensOutside),
        freeInside: all.every(({ freeInside }) => freeInside),
        wayOut: all.every(({ wayOut }) => wayOut),
      });
  }
  return found;
}

/** What is found, or null where something is not read. */
function read<T>(find: () => T): T | null {
  try {
    return find();
  } catch (error) {
    if (error instanceof NotRead) return null;
    throw error;
  }
}

/** `isCalm`: nothing burns, and the power is there: only then does anybody wait for a delay. */
function opinionOf(house: House, begin: Moment, isCalm: boolean): Opinion {
  const moments = momentsOf(house, begin);
  const here = house.things.filter(({ device }) => device.door === house.door.id);
  const leans = house.things.some((thing) => delaysOf(thing).some(({ push }) => push !== undefined));
  const hands = handsAt(here, leans).filter(({ bare }) => bare);
  const outside = hands.filter(({ from }) => from === 'outside');
  const inside = hands.filter(
    ({ from, kind, thing }) => from === 'inside' && (kind === 'break' || thing.type.family === 'exit'),
  );
  const late = leans ? inside : hands.filter((hand) => hand.from === 'inside' && isDelayed(hand));
  const lever =
    house.door.brief.mechanicalEgress === true &&
    house.locks
      .filter(({ door, leaf }) => door === house.door.id && leaf === 1)
      .every(({ byHandle }) => byHandle);
  for (const at of moments)
    if (active(house, at) === 'between' || freest(house, at) === 'between') throw new NotRead('between');
  return {
    opensOutside: moments.some(
      (at) => freest(house, at) === 'free' || outside.some((hand) => opens(house, lay(house, at, hand))),
    ),
    freeInside: lever || moments.every((at) => active(house, at) === 'free'),
    wayOut:
      lever ||
      moments.every(
        (at) =>
          active(house, at) === 'free' ||
          inside.some((hand) => frees(house, lay(house, at, hand))) ||
          (isCalm && late.some((hand) => freesLate(house, lay(house, at, hand)))),
      ),
  };
}
