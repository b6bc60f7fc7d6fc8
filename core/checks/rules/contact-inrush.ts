import { lockStatuses, stimulate } from '../../simulate/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A contact that breaks an inrush it was not made for. */
const inrush: Analysis<'world' | 'rest' | 'parts'> = ({ world, rest, parts }) =>
  parts.locks.flatMap(({ device, type }): Violation[] => {
    if (!type.inrush) return [];
    const statuses = lockStatuses(
      world,
      stimulate(world, rest, { kind: 'credential', valid: true }).state.point,
    );
    const now = statuses.find((one) => one.device === device.id)?.amps ?? 0;
    const amps = Math.max(
      now,
      lockStatuses(world, rest.point).find((one) => one.device === device.id)?.amps ?? 0,
    );
    const measured = amps * type.inrush;
    const contacts = world.netlist.branches.filter(
      (branch) =>
        branch.kind === 'contact' && branch.device === parts.decider?.device.id && branch.maxAmps >= 0.5,
    );
    const limit = Math.min(
      ...contacts.map((branch) => (branch.kind === 'contact' ? branch.maxAmps : Infinity)),
    );
    return measured > limit
      ? [
          violation('contact-inrush', [onDevice(device.id)], {
            tag: device.tag,
            other: parts.decider?.device.tag ?? '',
            measured,
            limit,
          }),
        ]
      : [];
  });

export const contactInrush = rule({
  code: 'contact-inrush',
  family: 'P',
  station: 'power',
  severity: 'caution',
  basis: 'rating',
  find: inrush,
});
