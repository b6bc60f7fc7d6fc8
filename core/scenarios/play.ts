import type { Act, Scenario } from '../plan/index';
import { waysOut } from '../prove/index';
import { advance, stimulate, type Effect, type SimState, type World } from '../simulate/index';
import { lanesOf, type Lane } from './lanes';
import { stimulusOf } from './stimulusOf';

/** A stretch of a lane: what it shows from a moment on, ms, until the next one begins. */
export interface Run {
  readonly at: number;
  readonly is: string;
}

/** One lane over a whole scenario: its runs, the first from 0, each unlike the one before. */
export interface Track {
  readonly lane: Omit<Lane, 'show'>;
  readonly runs: readonly Run[];
}

/** What an act did at its moment, or what came by itself later. */
export interface Done {
  /** Its place in the scenario's list; null for what timers did. */
  readonly act: number | null;
  readonly effects: readonly Effect[];
}

/** A scenario as it goes. */
export interface Played {
  readonly tracks: readonly Track[];
  readonly done: readonly Done[];
  /** Moments from which on nobody gets out from inside, until the given one, ms. */
  readonly trapped: readonly { readonly from: number; readonly to: number }[];
  readonly end: SimState;
}

/** Acts in the order of time; those of one moment in the order in which they stand. */
export const inOrder = (acts: readonly Act[]): { readonly act: Act; readonly index: number }[] =>
  acts.map((act, index) => ({ act, index })).sort((a, b) => a.act.at - b.act.at || a.index - b.index);

/** States that are looked at before a scenario counts as one that never comes to rest. */
const MOST_STATES = 20_000;

/** Plays a scenario from rest: act by act, timer by timer, to the end of the time that it is watched. */
export function play(
  world: World,
  rest: SimState,
  { acts, until }: Pick<Scenario, 'acts' | 'until'>,
): Played {
  const lanes = lanesOf(world);
  const runs = lanes.map((): Run[] => []);
  const trapped: { from: number; to: number }[] = [];
  const done: Done[] = [];
  let state = rest;
  let inside = false;
  let looked = 0;
  const look = () => {
    looked += 1;
    const at = state.now - rest.now;
    lanes.forEach((lane, index) => note(runs[index]!, at, lane.show(state)));
    const shut = !state.doorOpen && waysOut(world, state).works.length === 0;
    if (shut && !inside) trapped.push({ from: at, to: until });
    if (!shut && inside) trapped[trapped.length - 1] = { from: trapped.at(-1)!.from, to: at };
    inside = shut;
  };
  const pass = (to: number) => {
    for (let due = state.queue[0]; due && due.at <= to && looked < MOST_STATES; due = state.queue[0]) {
      const step = advance(world, state, due.at);
      state = step.state;
      if (step.effects.length > 0) done.push({ act: null, effects: step.effects });
      look();
    }
    state = advance(world, state, to).state;
  };
  look();
  for (const { act, index } of inOrder(acts)) {
    if (act.at > until) break;
    pass(rest.now + act.at);
    const step = stimulate(world, state, stimulusOf(act));
    state = step.state;
    done.push({ act: index, effects: step.effects });
    look();
  }
  pass(rest.now + until);
  return {
    tracks: lanes.map(({ show: _show, ...lane }, index) => ({ lane, runs: runs[index]! })),
    done,
    trapped: trapped.filter(({ from, to }) => to > from),
    end: state,
  };
}

/** Notes what a lane shows; of one moment the last counts. */
function note(runs: Run[], at: number, is: string): void {
  const last = runs.at(-1);
  if (last?.is === is) return;
  if (last?.at === at) runs.pop();
  if (runs.at(-1)?.is !== is) runs.push({ at, is });
}
