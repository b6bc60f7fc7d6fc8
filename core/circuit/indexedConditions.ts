import type { Conditions, Feed } from './conditions';
import type { FastBranches } from './fastBranches';
import type { Netlist } from './netlist';

/** Conditions in the numbers of a netlist: looked up once, and good for every defect of it. */
export interface IndexedConditions {
  readonly conditions: Conditions;
  /** 1 for each state that is true, by its number. */
  readonly active: Uint8Array;
  /** Conductors that are cut, by branch number. */
  readonly cut: readonly number[];
  /** Boards that never start, by branch number. */
  readonly failed: readonly number[];
  /** Sources that do not run on mains, by branch number. */
  readonly fed: readonly Fed[];
}

/** A source that runs on its battery, or gives nothing. */
export interface Fed {
  readonly index: number;
  readonly battery: { readonly volts: number; readonly extraOhms: number } | null;
}

/** The battery that a source runs on, where it runs on one. */
export function batteryAt({ fed }: IndexedConditions, index: number): Fed['battery'] {
  for (const one of fed) if (one.index === index) return one.battery;
  return null;
}

/** Turns ids into numbers. What no contact of the netlist answers to is left out. */
export function indexConditions(
  netlist: { readonly fast: Pick<FastBranches, 'stateOf'> } & Pick<Netlist, 'branches' | 'branchOf'>,
  conditions: Conditions,
): IndexedConditions {
  const { stateOf } = netlist.fast;
  const active = new Uint8Array(stateOf.size);
  for (const state of conditions.states) {
    const number = stateOf.get(state);
    if (number !== undefined) active[number] = 1;
  }
  return {
    conditions,
    active,
    cut: conditions.cut.size === 0 ? NONE : indicesOf(netlist, conditions.cut),
    failed: conditions.failed.size === 0 ? NONE : indicesOf(netlist, conditions.failed),
    fed: conditions.feeds.size === 0 ? NONE : fedBy(netlist, conditions.feeds),
  };
}
const NONE: readonly never[] = [];

function indicesOf({ branchOf }: Pick<Netlist, 'branchOf'>, ids: ReadonlySet<string>): number[] {
  const found: number[] = [];
  for (const id of ids) {
    const index = branchOf.get(id);
    if (index !== undefined) found.push(index);
  }
  return found;
}

function fedBy(
  { branches, branchOf }: Pick<Netlist, 'branches' | 'branchOf'>,
  feeds: ReadonlyMap<string, Feed>,
): Fed[] {
  const found: Fed[] = [];
  for (const [id, feed] of feeds) {
    const index = branchOf.get(id) ?? -1;
    const branch = branches[index];
    if (branch?.kind !== 'source' || feed.kind === 'mains') continue;
    const battery =
      feed.kind === 'battery' ? { volts: feed.volts, extraOhms: branch.battery?.ohms ?? 0 } : null;
    found.push({ index, battery });
  }
  return found;
}
