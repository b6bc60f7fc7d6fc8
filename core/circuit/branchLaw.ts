import { LEAK_SIEMENS, type Branch, type BranchOf } from './branch';
import type { Conditions } from './conditions';
import type { Netlist } from './netlist';
import { boardSiemens } from './siemens';
import { BLOWN, LIMITING, OFF, ON } from './mode';

/** What each kind of branch does, one branch at a time: the laws that the arrays of `fastBranches` hold for whoever is in haste. */

/** Conductance a branch has in its present mode, siemens. */
export function conductanceOf(branch: Branch, mode: number, conditions: Conditions): number {
  switch (branch.kind) {
    case 'conductor':
      return conditions.cut.has(branch.id) ? 0 : branch.siemens;
    case 'contact':
    case 'diode':
    case 'varistor':
      return mode === OFF ? 0 : branch.siemens;
    case 'fuse':
      return mode === BLOWN ? 0 : branch.siemens;
    case 'source':
      return mode === ON ? 1 / sourceOhms(branch, conditions) : mode === LIMITING ? LEAK_SIEMENS : 0;
    case 'electronic':
      return mode === ON && branch.law === 'resistive' ? boardSiemens(branch) : LEAK_SIEMENS;
    case 'coil':
    case 'load':
    case 'input':
    case 'resistor':
    case 'output':
    case 'link':
      return branch.siemens;
  }
}

/** Electromotive force behind a branch's conductance, from b to a, volts. */
export function emfOf(branch: Branch, mode: number, conditions: Conditions, boardRuns: boolean): number {
  switch (branch.kind) {
    case 'source':
      return mode === ON ? sourceVolts(branch, conditions) : 0;
    case 'input':
      return boardRuns ? branch.volts : 0;
    case 'diode':
      return mode === ON ? branch.volts : 0;
    case 'varistor':
      return mode === OFF ? 0 : mode === ON ? branch.volts : -branch.volts;
    default:
      return 0;
  }
}

type Source = BranchOf<'source'>;

const sourceVolts = (source: Source, { feeds }: Pick<Conditions, 'feeds'>): number => {
  const feed = feeds.get(source.id);
  return feed?.kind === 'battery' ? feed.volts : source.volts;
};
const sourceOhms = (source: Source, { feeds }: Pick<Conditions, 'feeds'>): number =>
  source.ohms + (feeds.get(source.id)?.kind === 'battery' ? (source.battery?.ohms ?? 0) : 0);

/** True where the board of this input runs. */
export const inputPowered = (netlist: Netlist, index: number, on: Uint8Array): boolean => {
  const board = netlist.boardOf[index]!;
  return board >= 0 && on[board] === ON;
};

/** The mode a branch takes at this voltage, given the one it has; `ac` where the voltage alternates. */
export function modeAt(
  branch: Branch,
  mode: number,
  across: number,
  conditions: Pick<Conditions, 'failed' | 'feeds'>,
  ac: boolean,
): number {
  switch (branch.kind) {
    case 'coil': {
      // A DC coil on AC hums and holds nothing.
      if (ac && branch.current === 'dc') return OFF;
      const size = Math.abs(across);
      if (mode === ON) return size < branch.dropOutVolts ? OFF : ON;
      return size >= branch.pullInVolts ? ON : OFF;
    }
    case 'electronic':
      if (conditions.failed.has(branch.id)) return OFF;
      if (ac ? branch.current === 'dc' : branch.current === 'ac') return OFF;
      {
        const size = branch.current === 'dc' ? across : Math.abs(across);
        if (mode === ON) return size < branch.minVolts ? OFF : ON;
        return size >= branch.startVolts ? ON : OFF;
      }
    case 'diode':
      // Conducting, its current is (across − forward)·g; it stops when that would turn negative.
      return across > branch.volts ? ON : OFF;
    case 'varistor':
      return Math.abs(across) <= branch.volts ? OFF : across > 0 ? ON : LIMITING;
    case 'source': {
      if (mode === OFF) return OFF;
      const emf = sourceVolts(branch, conditions);
      if (mode === ON) {
        const delivered = (emf - across) / sourceOhms(branch, conditions);
        return delivered > branch.maxAmps * (1 + 1e-9) ? LIMITING : ON;
      }
      return across > emf - branch.maxAmps * sourceOhms(branch, conditions) ? ON : LIMITING;
    }
    default:
      return mode;
  }
}
