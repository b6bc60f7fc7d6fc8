import type { Branch } from './branch';
import { planElimination } from './elimination';
import { LINK_SIEMENS, type Netlist, withScratch } from './netlist';

/** Something broken in a circuit, by branch and node numbers. */
export type Defect =
  /** Branches that no longer conduct: a conductor, a winding. */
  | { readonly kind: 'open'; readonly branches: readonly number[] }
  /** A contact that no longer moves; `others` are throws of its armature that stand open with it. */
  | {
      readonly kind: 'stuck';
      readonly branch: number;
      readonly closed: boolean;
      readonly others: readonly number[];
    }
  /** Two nodes that touch. */
  | { readonly kind: 'bridge'; readonly a: number; readonly b: number };

/**
 * The circuit with a defect in it. Branch numbers stand, so that what it did before can be its beginning; a bridge is one
 * more branch, after all others. Shares its working memory with the sound circuit where no branch is new.
 */
export function withDefect(netlist: Netlist, defect: Defect): Netlist {
  switch (defect.kind) {
    case 'open':
      return withFixed(netlist, new Map(defect.branches.map((branch) => [branch, 0])), defect.branches);
    case 'stuck': {
      const closed = (branch: number) => {
        const part = netlist.branches[branch];
        return part?.kind === 'contact' ? part.siemens : 0;
      };
      const stands = new Map([[defect.branch, defect.closed ? closed(defect.branch) : 0]]);
      for (const other of defect.others) stands.set(other, 0);
      return withFixed(netlist, stands);
    }
    case 'bridge':
      return withBridge(netlist, defect.a, defect.b);
  }
}

/** Branches that stand at a conductance whatever happens. */
function withFixed(
  netlist: Netlist,
  stands: ReadonlyMap<number, number>,
  dead: readonly number[] = [],
): Netlist {
  const { fast } = netlist;
  const fixed = fast.fixed.slice();
  for (const [branch, siemens] of stands) fixed[branch] = siemens;
  // Whoever asks what is joined, and not what flows, asks the branch itself.
  const branches = netlist.branches.slice();
  for (const index of stands.keys()) {
    const branch = branches[index];
    if (branch?.kind === 'conductor') branches[index] = { ...branch, siemens: 0 };
  }
  const moves = (list: Int32Array) => list.filter((branch) => !stands.has(branch));
  return {
    ...netlist,
    branches,
    fast: {
      ...fast,
      fixed,
      contacts: moves(fast.contacts),
      switching: moves(fast.switching),
      sources: moves(fast.sources),
      dead: Int32Array.from(dead),
    },
  };
}

function withBridge(netlist: Netlist, a: number, b: number): Netlist {
  const { fast } = netlist;
  const bridge: Branch = { kind: 'conductor', id: BRIDGE, a, b, siemens: LINK_SIEMENS };
  const branches = [...netlist.branches, bridge];
  const one = <T extends Int32Array | Float64Array>(list: T, value: number): T => {
    const longer = new (list.constructor as new (length: number) => T)(list.length + 1);
    longer.set(list);
    longer[list.length] = value;
    return longer;
  };
  return withScratch({
    ...netlist,
    branches,
    branchOf: new Map(netlist.branchOf).set(BRIDGE, branches.length - 1),
    elimination: planElimination(
      netlist.nodes.length,
      branches.map((branch) => [branch.a, branch.b] as const),
      netlist.elimination.order,
    ),
    coilOf: one(netlist.coilOf, -1),
    boardOf: one(netlist.boardOf, -1),
    fast: {
      ...fast,
      a: one(fast.a, a),
      b: one(fast.b, b),
      fixed: one(fast.fixed, bridge.siemens),
      worksOn: one(fast.worksOn, -1),
      heldBy: one(fast.heldBy, -1),
    },
  });
}

/** Id of the branch that a bridge is. */
export const BRIDGE = 'bridge';
