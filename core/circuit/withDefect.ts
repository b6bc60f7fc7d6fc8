import type { BranchOf } from './branch';
import { planElimination } from './elimination';
import { longer, withOneMore } from './fastBranches';
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
export function withDefect(netlist: Netlist, defect: Defect, bridged: Bridged = new Map()): Netlist {
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
      return withBridge(netlist, defect.a, defect.b, bridged);
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
      fuses: moves(fast.fuses),
      dead: Int32Array.from([...fast.dead, ...dead]),
    },
  };
}

function withBridge(netlist: Netlist, a: number, b: number, bridged: Bridged): Netlist {
  const bridge: BranchOf<'conductor'> = { kind: 'conductor', id: BRIDGE, a, b, siemens: LINK_SIEMENS };
  const branches = [...netlist.branches, bridge];
  const key = a * netlist.nodes.length + b;
  const like = bridged.get(key);
  if (like)
    return { ...like, branches, fast: { ...like.fast, fixed: longer(netlist.fast.fixed, bridge.siemens) } };
  const made = withScratch({
    ...netlist,
    branches,
    branchOf: new Map(netlist.branchOf).set(BRIDGE, branches.length - 1),
    elimination: planElimination(
      netlist.nodes.length,
      branches.map((branch) => [branch.a, branch.b] as const),
      netlist.elimination.order,
    ),
    coilOf: longer(netlist.coilOf, -1),
    boardOf: longer(netlist.boardOf, -1),
    fast: withOneMore(netlist.fast, bridge),
  });
  bridged.set(key, made);
  return made;
}

/**
 * Bridged circuits by the two nodes: one that differs from another in the sizes and lengths of its conductors alone takes all that
 * was looked up and ordered for it, and its working memory.
 */
export type Bridged = Map<number, Netlist>;

/** Id of the branch that a bridge is. */
export const BRIDGE = 'bridge';
