import type { Conditions } from './conditions';
import { blowInPlace } from './fuses';
import { closeContactsInPlace, modesAfter, startInPlace } from './modes';
import type { Netlist } from './netlist';
import { makeRoom, type OperatingPoint, type Room } from './operatingPoint';
import { indexConditions, type IndexedConditions } from './indexedConditions';
import { settledPoint, SettledPoint } from './settledPoint';
import { solveInPlace } from './solve';

/** Rounds of the fixed point before the circuit counts as restless. */
const MAX_ROUNDS = 200;

/**
 * Solves a circuit under conditions, starting from what coils, boards and sources did before (hysteresis), or
 * from everything at rest. Contacts, coils, brown-outs, current limits and diodes are iterated to a fixed
 * point: first all together, and if that runs in a circle one change at a time; a circle that remains is real
 * (a relay that chatters, a board that hiccups) and is reported in `restless`. Fuses blow once all else has come to rest, one
 * after the other, and stay so. Whoever watches sees every linear solution on
 * the way in the working memory of the netlist.
 */
export function settle(
  netlist: Netlist,
  conditions: Conditions,
  before?: Uint8Array,
  watch?: Watch,
): OperatingPoint {
  const room = makeRoom(netlist);
  const { restless, rounds } = comeToRestInPlace(
    netlist,
    indexConditions(netlist, conditions),
    room.on,
    before,
    watch,
  );
  return settledPoint(netlist, room, restless, rounds);
}

/**
 * The same without a single current: the voltages between nodes and what every part does, for whoever settles a great many
 * circuits only to read them. Each island's voltages are against a node of its own.
 */
export function settleVolts(netlist: Netlist, posed: IndexedConditions, before: Uint8Array): OperatingPoint {
  const { on, restless, rounds } = settleToRead(netlist, posed, before);
  const { potential, island, alternating } = netlist.scratch;
  const room: Room = { volts: potential.slice(), island: island.slice(), amps: NO_AMPS, on };
  const swings = netlist.fast.alternating.length > 0 ? alternating.slice() : null;
  return new SettledPoint(netlist, room, restless, rounds, swings);
}
const NO_AMPS = new Float64Array(0);

/**
 * The same without a copy: all but `on` is the working memory of the netlist, and gone when anything else of it is settled.
 * What it damages is not told.
 */
export function settleToRead(netlist: Netlist, posed: IndexedConditions, before: Uint8Array): OperatingPoint {
  const on = new Uint8Array(netlist.branches.length);
  const { restless, rounds } = comeToRestInPlace(netlist, posed, on, before);
  const { potential, island, alternating } = netlist.scratch;
  const swings = netlist.fast.alternating.length > 0 ? alternating : null;
  return {
    volts: potential,
    island,
    amps: NO_AMPS,
    on,
    restless,
    rounds,
    damages: NONE,
    alternating: swings,
  };
}
const NONE: readonly never[] = [];

/** Iterates to the fixed point: the modes in `on`, the solution that goes with them in the working memory. */
function comeToRestInPlace(
  netlist: Netlist,
  posed: IndexedConditions,
  on: Uint8Array,
  before?: Uint8Array,
  watch?: Watch,
): { readonly restless: readonly number[]; readonly rounds: number } {
  startInPlace(netlist, posed, on, before);
  let oneByOne = false;
  let seen: Uint8Array[] | null = null;
  let restless: readonly number[] = NONE;
  let rounds = 0;
  for (; ; rounds += 1) {
    closeContactsInPlace(netlist, posed, on);
    const unsolved = solveInPlace(netlist, posed, on);
    watch?.(netlist, on);
    const next = modesAfter(netlist, posed, on);
    if (next === null && unsolved.length === 0 && blowInPlace(netlist, on)) {
      // A circuit of its own from here on: what it did before is no circle.
      oneByOne = false;
      seen = null;
      continue;
    }
    if (next === null) {
      // No state contradicts the modes, and still the boards' own law is not met: no state at all.
      restless = [...unsolved];
      break;
    }
    seen ??= [];
    const before = seen.findIndex((modes) => isSame(modes, on));
    if (before >= 0 || rounds >= MAX_ROUNDS) {
      if (oneByOne || rounds >= MAX_ROUNDS) {
        restless = [...new Set([...togglesOf(seen.slice(Math.max(0, before)), on), ...unsolved])];
        break;
      }
      oneByOne = true;
      seen = [];
    }
    seen.push(on.slice());
    if (oneByOne) {
      const first = next.findIndex((mode, branch) => mode !== on[branch]);
      on[first] = next[first]!;
    } else on.set(next);
  }
  return { restless, rounds };
}

export type Watch = (netlist: Netlist, on: Uint8Array) => void;

function isSame(one: Uint8Array, two: Uint8Array): boolean {
  for (let index = 0; index < one.length; index += 1) if (one[index] !== two[index]) return false;
  return true;
}

/** Branches that differ between the states of a circle. */
const togglesOf = (circle: readonly Uint8Array[], on: Uint8Array): number[] =>
  [...on.keys()].filter((branch) => circle.some((state) => state[branch] !== on[branch]));
