import { stimulate } from '../../simulate/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** Inputs that an act should close and does not: a pull station's alarm line. */
const alarmLines: Analysis = (context) => {
  const { parts, world, rest, plan } = context;
  return parts.breakGlasses.flatMap(({ device, type }): Violation[] => {
    if (!type.roles.alarmContact || parts.monitors.length === 0) return [];
    const pulled = stimulate(world, rest, { kind: 'breakGlass', device: device.id }).state;
    const heard = parts.monitors.some((monitor) =>
      world.netlist.branches.some(
        (branch) =>
          branch.kind === 'input' &&
          branch.device === monitor.device.id &&
          rest.readings.get(branch.id) !== 'closed' &&
          pulled.readings.get(branch.id) === 'closed',
      ),
    );
    if (heard) return [];
    const values = { tag: plan.devices[device.id]?.tag ?? '', other: parts.monitors[0]?.device.tag ?? '' };
    return [violation('pull-unheard', [onDevice(device.id)], values)];
  });
};

export const pullUnheard = rule({
  code: 'pull-unheard',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: alarmLines,
});
