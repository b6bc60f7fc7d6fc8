import { type BranchOf, isAlternating, voltsAcross, terminalAt } from '../../circuit/index';
import { allConductors, type TerminalId, type Edit } from '../../plan/index';
import { type CheckContext, onDevice } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { usedStates } from './usedStates';

/** Highest voltage a varistor should begin to clamp at, as a multiple of the coil's own limit. */
const CLAMP_SHARE = 4;

type Clamp = BranchOf<'diode'> | BranchOf<'varistor'>;

/** Diodes and varistors that stand across the same two points as this part, whichever way round. */
function clampsAcross({ world, groupOf }: CheckContext, a: number, b: number): Clamp[] {
  const group = (node: number) => groupOf(terminalAt(world.netlist, node));
  const ends = [group(a), group(b)].sort().join();
  return world.netlist.branches.filter(
    (branch): branch is Clamp =>
      (branch.kind === 'diode' || branch.kind === 'varistor') &&
      [group(branch.a), group(branch.b)].sort().join() === ends,
  );
}

/** Volts over a diode from which it stands in the way of the feed: far below what any conducts at. */
const ALONG_VOLTS = 0.05;

/**
 * A diode that the feed flows through, instead of only the current of a coil that is let go: what its terminals and the coil's are called says
 * nothing of that, since both may be turned.
 */
const pointsAlong = (context: CheckContext, clamp: Clamp): boolean => {
  const { netlist } = context.world;
  const index = netlist.branchOf.get(clamp.id) ?? -1;
  return (
    clamp.kind === 'diode' &&
    usedStates(context).some(({ point }) => (voltsAcross(netlist, point, index) ?? 0) > ALONG_VOLTS)
  );
};

/** An inductive part with neither its own suppression nor a fit diode or varistor across it. */
export const suppressionOf: Analysis = (context) => {
  const { world, door, plan } = context;
  return world.inhabitants.flatMap(({ device, type }): Violation[] => {
    if (device.door !== door.id) return [];
    return type.parts.flatMap((part): Violation[] => {
      if ((part.kind !== 'coil' && part.kind !== 'load') || part.suppressed) return [];
      const index = world.netlist.branchOf.get(`${device.id}:${part.id}`);
      const branch = index === undefined ? undefined : world.netlist.branches[index];
      if (index === undefined || (branch?.kind !== 'coil' && branch?.kind !== 'load')) return [];
      const ends = [branch.a, branch.b].map((node) => terminalAt(world.netlist, node));
      if (ends.some((end) => context.wiresAt(end).length === 0)) return [];
      const alternating = usedStates(context).some(({ point }) =>
        isAlternating(world.netlist, point.alternating, index),
      );
      const across = clampsAcross(context, branch.a, branch.b);
      const at = [onDevice(device.id)];
      const tag = device.tag;
      if (across.length === 0) return alternating ? [] : [violation('no-suppression', at, { tag })];
      return across.flatMap((clamp): Violation[] => {
        const other = plan.devices[clamp.device]?.tag ?? '';
        const subject = [onDevice(clamp.device), ...at];
        if (pointsAlong(context, clamp))
          return [
            violation(
              'diode-reversed',
              subject,
              { tag: other, other: tag },
              { remedy: turn(context, clamp) },
            ),
          ];
        if (clamp.kind !== 'varistor') return [];
        const volts = usedVolts(context, index);
        const values = { tag: other, other: tag, measured: clamp.volts, limit: volts };
        if (clamp.volts < volts) return [violation('varistor-below-supply', subject, values)];
        const most = branch.maxVolts * CLAMP_SHARE;
        return clamp.volts > most
          ? [violation('suppression-too-high', subject, { ...values, limit: most })]
          : [];
      });
    });
  });
};

/** Highest voltage that a part sees in any state of use: what lies across it must bear that all day. */
const usedVolts = (context: CheckContext, index: number): number =>
  Math.max(
    ...usedStates(context).map(({ point }) =>
      Math.abs(voltsAcross(context.world.netlist, point, index) ?? 0),
    ),
  );

/** The two leads of a diode changed over. */
function turn({ plan, world }: CheckContext, clamp: Clamp): Edit {
  const [a, b] = [clamp.a, clamp.b].map((node) => terminalAt(world.netlist, node));
  const other = (end: TerminalId) => (end === a ? (b ?? end) : end === b ? (a ?? end) : end);
  const edits = allConductors(plan).flatMap((wire): Edit[] => {
    const patch = { from: other(wire.from), to: other(wire.to) };
    return patch.from !== wire.from || patch.to !== wire.to
      ? [{ kind: 'setConductor', id: wire.id, patch }]
      : [];
  });
  return { kind: 'batch', label: 'turn the diode round', edits };
}
