import { isUnsettledAt, ON, voltsAcross, type Netlist, type OperatingPoint } from '../circuit/index';
import { formatAmps, formatOhms, formatVolts } from '../units/index';
import type { LockStatus } from '../simulate/index';
import type { Live } from './shapes';

/** What a drawing says of a lock, by its state; passed in because wording belongs to the interface. */
export type HoldWords = Readonly<Record<LockStatus['hold'], string>>;

/** Readings of an operating point as a drawing wants them. */
export function liveView(
  netlist: Netlist,
  point: OperatingPoint,
  cut: ReadonlySet<string>,
  locks: readonly LockStatus[],
  words: HoldWords,
): Live {
  // Of what never comes to rest no current is drawn, and none is written.
  const amps = (id: string) => {
    const index = netlist.branchOf.get(id) ?? -1;
    return isUnsettledAt(netlist, point, index) ? 0 : (point.amps[index] ?? 0);
  };
  return {
    ampsOf: amps,
    isCut: (id) => cut.has(id),
    isClosed: (part) => point.on[netlist.branchOf.get(part) ?? -1] === ON,
    ampsThrough: amps,
    figures: (device, part) => {
      const index = netlist.branchOf.get(`${device}:${part}`);
      const branch = index === undefined ? undefined : netlist.branches[index];
      if (index === undefined || !branch) return [];
      const lockThere = locks.find((one) => one.branch === index);
      if (isUnsettledAt(netlist, point, index))
        return lockThere ? [NO_FIGURE, words[lockThere.hold]] : [NO_FIGURE];
      const volts = voltsAcross(netlist, point, index);
      const current = Math.abs(point.amps[index] ?? 0);
      if (lockThere) return [formatVolts(volts), formatAmps(current), words[lockThere.hold]];
      switch (branch.kind) {
        case 'source':
          return [formatVolts(volts), `${current.toFixed(2)} of ${branch.maxAmps} A`];
        case 'input':
          return [inputReads(volts, current), formatVolts(volts)];
        default:
          return [formatVolts(volts), formatAmps(current)];
      }
    },
  };
}

/** Shown in place of a figure of a circuit that never comes to rest. */
const NO_FIGURE = formatVolts(null);

/** What an ohmmeter in place of the input would read, from its own voltage and current. */
function inputReads(volts: number | null, amps: number): string {
  if (volts === null || amps < 2e-5) return 'open';
  return formatOhms(Math.abs(volts) / amps);
}
