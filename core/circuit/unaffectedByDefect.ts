import type { Conditions } from './conditions';
import type { Netlist } from './netlist';
import { ON } from './mode';
import { type OperatingPoint } from './operatingPoint';
import { settle } from './settle';
import type { Defect } from './withDefect';

/** A settled circuit with all that was true on the way there: enough to say that a defect would have changed nothing. */
export interface Witness {
  readonly point: OperatingPoint;
  /** Most current that each branch carried in any solution on the way, amps. */
  readonly carried: Float64Array;
  /** Potentials and islands of each solution on the way. */
  readonly solutions: readonly { readonly volts: Float64Array; readonly island: Int32Array }[];
  /** By branch: 1 where it was off in some solution, plus 2 where it was on in some. */
  readonly modes: Uint8Array;
}

/** Settles a circuit and keeps what was seen on the way. */
export function witness(netlist: Netlist, conditions: Conditions, before: Uint8Array): Witness {
  const { a, b } = netlist.fast;
  const carried = new Float64Array(netlist.branches.length);
  const modes = new Uint8Array(netlist.branches.length);
  const solutions: { volts: Float64Array; island: Int32Array }[] = [];
  const point = settle(netlist, conditions, before, ({ scratch }, on) => {
    const { potential, siemens, emf } = scratch;
    solutions.push({ volts: potential.slice(), island: scratch.island.slice() });
    for (let index = 0; index < carried.length; index += 1) {
      modes[index]! |= on[index] === ON ? 2 : 1;
      const g = siemens[index]!;
      if (g === 0) continue;
      const amps = Math.abs(g * (potential[a[index]!]! - potential[b[index]!]! - emf[index]!));
      if (amps > carried[index]!) carried[index] = amps;
    }
  });
  return { point, carried, solutions, modes };
}

/** Below this a branch carries nothing, amps, and two nodes stand at one potential, volts: a trace of rounding. */
const NOTHING = 1e-9;

/**
 * True where the circuit would have settled just so with the defect in it: a conductor that carried nothing is open, two nodes
 * at one potential touch, a contact is stuck where it stood all the while. False is no answer: then it must be settled.
 */
export function isUnaffectedByDefect({ carried, modes, solutions }: Witness, defect: Defect): boolean {
  switch (defect.kind) {
    case 'open':
      return defect.branches.every((branch) => carried[branch]! <= NOTHING);
    case 'bridge':
      return solutions.every(
        ({ volts, island }) =>
          island[defect.a] === island[defect.b] && Math.abs(volts[defect.a]! - volts[defect.b]!) <= NOTHING,
      );
    case 'stuck':
      return (
        modes[defect.branch] === (defect.closed ? 2 : 1) && defect.others.every((other) => modes[other] === 1)
      );
  }
}
