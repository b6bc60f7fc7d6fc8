import { does } from '../devices/index';
import type { OperatingPoint } from '../circuit/index';
import type { CardRead } from './cardRead';
import { follow, numberOf, pending, settled, type Explored, type Pending, type Settled } from './explored';
import { BATTERY } from './mains';
import type { Player } from './player';
import type { SimState, Stimulus } from './simState';
import { dueBy, timerRun, withoutBattery } from './step';
import { changedBy, presentedTo, readAt, type Credential } from './stimuli';
import type { World } from './world';

/** One circuit of an exploration, as far as devices know of it. `H` stands for a way in which it has settled. */
export interface Circuit<H> {
  /** Settles it anew under conditions of this number. */
  settle(before: H, number: number): H;
  /** What devices read of it. */
  reads(at: H): string;
  point(at: H): OperatingPoint;
  /** A card that goes over a bus: what is joined counts there, whatever flows. */
  overBus(at: Settled, stimulus: Credential): CardRead | null;
}

/** A door of one circuit that has come to rest: what the devices do, and how the circuit has settled. */
export interface Place<H> {
  readonly at: Settled;
  readonly here: H;
}

/** Thrown where what happens hangs on more than readings: a battery in use, whose charge goes by the current. */
export class NotShared extends Error {}

export interface Explorer<H> extends Player<Place<H>> {
  /** What happens when the state is changed so from outside; `named` tells this change from others. */
  change(from: Place<H>, named: string, to: (state: SimState) => SimState): Place<H>;
}

/** Plays in one circuit, going the ways that are known. The world has the devices of the exploration. */
export function explorer<H>(world: World, explored: Explored, circuit: Circuit<H>): Explorer<H> {
  const state = ({ at, here }: Place<H>): SimState => ({ ...at.state, point: circuit.point(here) });
  const run = (from: Place<H>, first: Pending | Settled): Place<H> => {
    let { here } = from;
    let at = first;
    while (at.kind === 'pending') {
      here = circuit.settle(here, at.number);
      const key = circuit.reads(here);
      let next = at.after.get(key);
      if (!next) {
        next = follow(world, explored, at, circuit.point(here));
        at.after.set(key, next);
      }
      at = next;
    }
    return { at, here };
  };
  const change = (from: Place<H>, named: string, to: (state: SimState) => SimState): Place<H> => {
    let next = from.at.next.get(named);
    if (!next) {
      const before = state(from);
      next = pending(explored, to(before), before, 0);
      from.at.next.set(named, next);
    }
    return run(from, next);
  };
  const cardRead = (from: Place<H>, stimulus: Credential): CardRead | null => {
    const to = presentedTo(world, stimulus);
    if (to && does(to.type, 'busReader')) return circuit.overBus(from.at, stimulus);
    return readAt(world, state(from), stimulus, (conditions) =>
      circuit.point(circuit.settle(from.here, numberOf(explored, conditions))),
    );
  };
  const act = (from: Place<H>, stimulus: Stimulus): Place<H> => {
    let named = JSON.stringify(stimulus);
    if (stimulus.kind === 'credential') {
      const read = cardRead(from, stimulus);
      if (read)
        named += ` ${read.outcome} ${read.controller} ${read.channel} ${JSON.stringify(read.also ?? [])}`;
    }
    return change(from, named, (before) => changedBy(world, before, stimulus, []));
  };
  /** The first timer runs, at the moment at which it is due. */
  const timed = (place: Place<H>, due: number): Place<H> => {
    let timer = place.at.next.get('timer');
    if (!timer) {
      const here = state(place);
      const then = dueBy(here, due)!;
      timer = pending(explored, timerRun(world, then, here, []), then, 0);
      place.at.next.set('timer', timer);
    }
    return run(place, timer);
  };
  /** The same place with no battery in use. */
  const calm = (place: Place<H>): Place<H> => {
    const { state: before, next } = place.at;
    const without = withoutBattery(before);
    if (without === before) return place;
    let same = next.get('calm');
    if (!same) next.set('calm', (same = settled(without)));
    return run(place, same);
  };
  const next = (from: Place<H>): Place<H> | null => {
    let place = calm(from);
    const due = place.at.state.queue[0]?.at;
    if (due === undefined) return null;
    while ((place.at.state.queue[0]?.at ?? Infinity) <= due) place = calm(timed(place, due));
    return place;
  };
  const wait = (from: Place<H>, ms: number): Place<H> => {
    const until = from.at.state.now + ms;
    let place = from;
    for (;;) {
      const [due] = place.at.state.queue;
      if (!due || due.at > until) break;
      if (due.device === BATTERY) throw new NotShared();
      place = timed(place, due.at);
    }
    const named = `until ${until}`;
    let end = place.at.next.get(named);
    if (!end) {
      end = settled({ ...place.at.state, now: Math.max(place.at.state.now, until) });
      place.at.next.set(named, end);
    }
    return run(place, end);
  };
  return { act, wait, next, change, state, isOpen: ({ at }) => at.state.doorOpen };
}
