import { does, settingFor } from '../../devices/index';
import { terminalId } from '../../plan/index';
import { doorHold, lockStatuses, stimulate } from '../../simulate/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation } from '../violation';

/** A lever that opens by itself and still moves the lock, or that nobody hears. */
export const levers: Analysis = (context) => {
  const { world, rest, parts, plan } = context;
  if (parts.locks.length === 0 || !parts.decider) return [];
  const levered = world.inhabitants.filter(
    ({ device, type }) => device.door === context.door.id && does(type, 'lever'),
  );
  return levered.flatMap(({ device, type }): Violation[] => {
    const ends = type.roles.exitContact;
    const landed =
      ends && [ends.a, ends.b].every((pin) => context.wiresAt(terminalId(device.id, pin)).length > 0);
    const at = [onDevice(device.id)];
    const tag = plan.devices[device.id]?.tag ?? '';
    const opened = stimulate(world, rest, { kind: 'openDoor', from: 'inside' }).state;
    // Whoever leaves raises it, whether its wires lead nowhere or there are none.
    if (opened.alarms.has('forced')) return [violation('lever-unheard', at, { tag })];
    if (!landed) return [];
    const before = doorHold(lockStatuses(world, rest.point));
    const after = doorHold(lockStatuses(world, opened.point));
    const setting = parts.decider && settingFor(parts.decider.type, 'rex', parts.channel)?.id;
    if (before === after || !setting || context.door.brief.mechanicalEgress !== true) return [];
    const remedy = {
      kind: 'setSetting',
      device: parts.decider!.device.id,
      setting,
      value: 'reports',
    } as const;
    return [violation('lever-unlocks', at, { tag }, { remedy })];
  });
};
