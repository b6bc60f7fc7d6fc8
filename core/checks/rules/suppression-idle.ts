import { terminalAt } from '../../circuit/index';
import { terminalLabel } from '../../plan/index';
import { onDevice, onTerminal } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A diode or varistor that stands across nothing. */
const idleSuppressors: Analysis = (context) => {
  const { parts, world, plan, door } = context;
  return parts.diodes.flatMap(({ device, type }): Violation[] => {
    const part = type.parts.find((one) => one.kind === 'diode' || one.kind === 'varistor');
    const branch = world.netlist.branches.find((one) => one.id === `${device.id}:${part?.id ?? ''}`);
    if (!branch || parts.locks.length === 0) return [];
    const [a, b] = [branch.a, branch.b].map((node) => context.groupOf(terminalAt(world.netlist, node)));
    const used = world.netlist.branches.some((one) => {
      if (one.kind !== 'coil' && one.kind !== 'load' && one.kind !== 'electronic') return false;
      const ends = [one.a, one.b].map((node) => context.groupOf(terminalAt(world.netlist, node)));
      return ends.includes(a ?? -2) && ends.includes(b ?? -2);
    });
    if (used) return [];
    const terminal = terminalLabel(plan, terminalAt(world.netlist, branch.a), door.id);
    return [
      violation('suppression-idle', [onDevice(device.id), onTerminal(terminalAt(world.netlist, branch.a))], {
        tag: device.tag,
        terminal,
      }),
    ];
  });
};

export const suppressionIdle = rule({
  code: 'suppression-idle',
  family: 'W',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: idleSuppressors,
});
