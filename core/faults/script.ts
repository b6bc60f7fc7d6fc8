import {
  explorer,
  type CardRead,
  type Circuit,
  type Credential,
  type Explored,
  type Explorer,
  type Place,
  type Settled,
  type World,
} from '../simulate/index';
import type { SettledState } from './settledStates';

/**
 * What is asked of a circuit while something is brought about, one question after the other, and where each way of answering
 * leads. The devices were played once for each way; whoever answers the same goes the same way and comes to the same end.
 */
export interface Script<E> {
  first: Way<E> | null;
}

type Way<E> = Settling<E> | OverBus<E> | End<E>;

/** Settle from what answer number `from` was, under these conditions: what is read then? */
interface Settling<E> {
  readonly kind: 'settle';
  readonly from: number;
  readonly number: number;
  readonly after: Map<string, Way<E>>;
}

/** How far does this card come over its bus? */
interface OverBus<E> {
  readonly kind: 'bus';
  readonly at: Settled;
  readonly stimulus: Credential;
  readonly after: Map<string, Way<E>>;
}

interface End<E> {
  readonly kind: 'end';
  readonly end: E;
}

export const blankScript = <E>(): Script<E> => ({ first: null });

/** A spot of the circuit that is played, by the number of the question whose answer it was; 0 is where it began. */
export interface Answered {
  readonly spot: SettledState;
  readonly index: number;
}

/**
 * Follows a script in a circuit, from a spot on. Where an answer is new, the devices are played with `play`, and the script
 * grows by this way. `spots` is filled with the answers.
 */
export function follow<E>(
  script: Script<E>,
  circuit: Circuit<SettledState>,
  spots: SettledState[],
  from: Place<SettledState>,
  world: World,
  explored: Explored,
  play: (by: Explorer<Answered>, from: Place<Answered>) => E,
): E {
  spots.length = 1;
  spots[0] = from.here;
  let way = script.first;
  while (way) {
    if (way.kind === 'end') return way.end;
    if (way.kind === 'settle') {
      const spot = circuit.settle(spots[way.from]!, way.number);
      spots.push(spot);
      way = way.after.get(spot.reads) ?? null;
    } else way = way.after.get(outcomeOf(circuit.overBus(way.at, way.stimulus))) ?? null;
  }
  spots.length = 1;
  const asked: Asked[] = [];
  const by = explorer(world, explored, recorded(circuit, asked, spots));
  const end = play(by, { at: from.at, here: { spot: from.here, index: 0 } });
  learn(script, asked, end);
  return end;
}

/** A question that was asked, and its answer. */
type Asked = (
  | { readonly kind: 'settle'; readonly from: number; readonly number: number }
  | { readonly kind: 'bus'; readonly at: Settled; readonly stimulus: Credential }
) & { readonly answer: string };

const outcomeOf = (read: CardRead | null): string =>
  read ? `${read.outcome} ${read.controller} ${read.channel}` : '';

/** The circuit with every question written down. */
function recorded(circuit: Circuit<SettledState>, asked: Asked[], spots: SettledState[]): Circuit<Answered> {
  return {
    settle(before, number) {
      const spot = circuit.settle(before.spot, number);
      asked.push({ kind: 'settle', from: before.index, number, answer: spot.reads });
      return { spot, index: spots.push(spot) - 1 };
    },
    reads: ({ spot }) => spot.reads,
    point: ({ spot }) => circuit.point(spot),
    overBus(at, stimulus) {
      const read = circuit.overBus(at, stimulus);
      asked.push({ kind: 'bus', at, stimulus, answer: outcomeOf(read) });
      return read;
    },
  };
}

/** Adds a way to a script: it parts from the others where an answer was new. */
function learn<E>(script: Script<E>, asked: readonly Asked[], end: E): void {
  let way = script.first;
  let put = (next: Way<E>): void => {
    script.first = next;
  };
  for (const question of asked) {
    let here = way;
    if (!here) {
      here =
        question.kind === 'settle'
          ? { kind: 'settle', from: question.from, number: question.number, after: new Map() }
          : { kind: 'bus', at: question.at, stimulus: question.stimulus, after: new Map() };
      put(here);
    }
    if (here.kind === 'end') throw new Error('a way went on where it had ended');
    const { after } = here;
    way = after.get(question.answer) ?? null;
    put = (next) => {
      after.set(question.answer, next);
    };
  }
  if (way) throw new Error('a way ended where it had gone on');
  put({ kind: 'end', end });
}
