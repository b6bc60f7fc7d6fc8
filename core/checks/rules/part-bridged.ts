import { terminalAt } from '../../circuit/index';
import { terminalLabel } from '../../plan/index';
import { bridge } from '../analyses/bridge';
import { spot } from '../analyses/spot';
import { takeOut } from '../analyses/takeOut';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A wire that bridges a part: both ends of a lock, a coil or a board are one point, and it gets nothing. */
const bridged: Analysis = (context) => {
  const { world, plan, groupOf, door } = context;
  return world.netlist.branches.flatMap((branch): Violation[] => {
    if (branch.kind !== 'coil' && branch.kind !== 'load' && branch.kind !== 'electronic') return [];
    if (plan.devices[branch.device]?.door !== door.id) return [];
    const [a, b] = [branch.a, branch.b].map((node) => terminalAt(world.netlist, node));
    if (!a || !b || groupOf(a) !== groupOf(b)) return [];
    const wire = bridge(context, a, b);
    const values = {
      tag: plan.devices[branch.device]?.tag ?? '',
      wire: wire ? (plan.conductors[wire]?.number ?? '') : '',
      from: terminalLabel(plan, a, door.id),
      to: terminalLabel(plan, b, door.id),
    };
    return [violation('part-bridged', [onDevice(branch.device), ...spot(wire)], values, takeOut(wire))];
  });
};

export const partBridged = rule({
  code: 'part-bridged',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: bridged,
});
