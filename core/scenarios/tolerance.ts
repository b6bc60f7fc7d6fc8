import { does } from '../devices/index';
import type { Scenario } from '../plan/index';
import { paced, type SimState, type World } from '../simulate/index';
import { judge, type Differs } from './judge';
import { play } from './play';

/**
 * How far a timer may be off what it is set to, as a share. Source: practice in data sheets; a board that counts a crystal is
 * near, a dial that sets a resistor and a capacitor is not, and an operator's leaf is slowed by wind, cold and wear.
 */
export const TIMER_TOLERANCE = { board: 0.02, dial: 0.25, operator: 0.15 } as const;

/** A device that keeps a time of this door, and how far it may be off. */
export interface TimeKeeper {
  readonly device: string;
  readonly share: number;
}

/** Whatever keeps time in the circuit of this door. */
export const timeKeepers = (world: World): TimeKeeper[] =>
  world.inhabitants.flatMap(({ device, type }): TimeKeeper[] => {
    if (does(type, 'operator')) return [{ device: device.id, share: TIMER_TOLERANCE.operator }];
    if (does(type, 'timer')) return [{ device: device.id, share: TIMER_TOLERANCE.dial }];
    return device.door === world.door.id && does(type, 'decides')
      ? [{ device: device.id, share: TIMER_TOLERANCE.board }]
      : [];
  });

/** Timers that are off as far as they may be, and what then comes otherwise than when none is. */
export interface WorstTimes {
  /** Share by which each device is slow (above nought) or fast; those that are as set are left out. */
  readonly off: readonly { readonly device: string; readonly share: number }[];
  readonly differs: readonly Differs[];
}

/** Devices whose timers are tried against each other; three to the power of it are played. */
const MOST_KEEPERS = 5;

/**
 * Plays a scenario with every timer as slow and as fast as it may be, in every combination, and gives the one with most that is
 * wrong only then, the fewest timers off among equals; null where nothing is. What lies between is not tried: a door that fails
 * only at a half of a tolerance is not found.
 */
export function worstTimes(world: World, rest: SimState, scenario: Scenario): WorstTimes | null {
  const free = { ...scenario, kept: null };
  const usual = new Set(judge(world, free, play(world, rest, free)).map(mark));
  let worst: WorstTimes | null = null;
  for (const off of combinations(timeKeepers(world).slice(0, MOST_KEEPERS))) {
    if (off.length === 0) continue;
    const other = paced(world, new Map(off.map(({ device, share }) => [device, 1 + share])));
    const differs = judge(other, free, play(other, rest, free)).filter((one) => !usual.has(mark(one)));
    if (differs.length === 0) continue;
    const better =
      worst === null ||
      differs.length > worst.differs.length ||
      (differs.length === worst.differs.length && off.length < worst.off.length);
    if (better) worst = { off, differs };
  }
  return worst;
}

/** What went wrong, whenever it did. */
const mark = (one: Differs): string =>
  [one.kind, 'alarm' in one ? one.alarm : '', 'expected' in one ? one.expected : ''].join();

const combinations = (keepers: readonly TimeKeeper[]): TimeKeeper[][] =>
  keepers.reduce<TimeKeeper[][]>(
    (sum, { device, share }) =>
      sum.flatMap((before) => [
        before,
        [...before, { device, share }],
        [...before, { device, share: -share }],
      ]),
    [[]],
  );
