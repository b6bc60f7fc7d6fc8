import { type InterfaceId, INTERFACES } from '../../devices/index';
import { legWires, type Loop } from '../../loops/index';
import { onDevice, onWire } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

const interfaceOf: Partial<Record<Loop['kind'], InterfaceId>> = {
  data: 'wiegand',
  exit: 'dry-input',
  contact: 'dry-input',
  signal: 'dry-input',
  audio: 'audio',
};

/** A pair longer than its interface carries. A bus is measured as a whole elsewhere. */
const interfaceLength: Analysis<'loops' | 'plan' | 'world'> = ({ loops, plan, world }) =>
  loops.flatMap((loop): Violation[] => {
    const usual = interfaceOf[loop.kind];
    // A pair that its input supervises has the limit of such inputs.
    const input =
      loop.shape === 'round'
        ? world.netlist.branchOf.get(`${loop.source.device}:${loop.source.part}`)
        : undefined;
    const branch = input === undefined ? undefined : world.netlist.branches[input];
    const supervised = branch?.kind === 'input' && branch.supervised !== null;
    const id = usual === 'dry-input' && supervised ? 'supervised-input' : usual;
    if (!id) return [];
    const wires =
      loop.shape === 'bundle'
        ? loop.lines.map(({ conductor }) => conductor).slice(0, 1)
        : legWires(loop.supply);
    const measured = wires.reduce((sum, wire) => sum + (plan.conductors[wire]?.length ?? 0), 0);
    const limit = INTERFACES[id].metres;
    if (measured <= limit) return [];
    const device = loop.shape === 'bundle' ? loop.left : loop.load.device;
    return [
      violation('interface-too-long', [onDevice(device), ...wires.map(onWire)], {
        tag: plan.devices[device]?.tag ?? '',
        kind: id,
        measured,
        limit,
      }),
    ];
  });

export const interfaceTooLong = rule({
  code: 'interface-too-long',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'rating',
  find: interfaceLength,
});
