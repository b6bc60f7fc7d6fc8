import type { Conditions } from './conditions';
import type { Netlist } from './netlist';
import { LIMITING, OFF, ON } from './mode';
import { type OperatingPoint } from './operatingPoint';
import { boardAmps } from './constantPower';
import { conductanceOf, emfOf, inputPowered } from './branchLaw';

/** A settled circuit as a list of linear elements: what the slow twin and the SPICE deck are made from. */
export interface LinearNetwork {
  readonly nodes: number;
  readonly resistors: readonly {
    readonly id: string;
    readonly a: number;
    readonly b: number;
    readonly siemens: number;
  }[];
  /** Voltage `volts` from b to a behind `ohms`. */
  readonly emfs: readonly {
    readonly id: string;
    readonly a: number;
    readonly b: number;
    readonly volts: number;
    readonly ohms: number;
  }[];
  /** Current that flows from a to b through the element. */
  readonly currents: readonly {
    readonly id: string;
    readonly a: number;
    readonly b: number;
    readonly amps: number;
  }[];
  /** Constant power from a to b; the dense twin takes the settled current, the deck lets SPICE find it. */
  readonly powers: readonly {
    readonly id: string;
    readonly a: number;
    readonly b: number;
    readonly watts: number;
    readonly amps: number;
  }[];
}

/** The network in the modes of this operating point. Open branches are left out. */
export function linearise(netlist: Netlist, point: OperatingPoint, conditions: Conditions): LinearNetwork {
  const resistors: LinearNetwork['resistors'][number][] = [];
  const emfs: LinearNetwork['emfs'][number][] = [];
  const currents: LinearNetwork['currents'][number][] = [];
  const powers: LinearNetwork['powers'][number][] = [];
  netlist.branches.forEach((branch, index) => {
    const { id, a, b } = branch;
    const mode = point.on[index] ?? OFF;
    const siemens = conductanceOf(branch, mode, conditions);
    if (siemens !== 0) {
      const volts = emfOf(branch, mode, conditions, inputPowered(netlist, index, point.on));
      if (volts === 0) resistors.push({ id, a, b, siemens });
      else emfs.push({ id, a, b, volts, ohms: 1 / siemens });
    }
    if (branch.kind === 'source' && mode === LIMITING) currents.push({ id, a, b, amps: -branch.maxAmps });
    if (branch.kind === 'electronic' && mode === ON && branch.law !== 'resistive') {
      const amps = boardAmps(branch, (point.volts[a] ?? 0) - (point.volts[b] ?? 0));
      if (branch.law === 'current') currents.push({ id, a, b, amps });
      else powers.push({ id, a, b, watts: branch.draw, amps });
    }
  });
  return { nodes: netlist.nodes.length, resistors, emfs, currents, powers };
}
