import { does, type DeviceType, type Part } from '../../devices/index';
import { allConductors, type Plan, terminalId } from '../../plan/index';
import { type Analysis, violation, type Violation } from '../violation';

/** A board of this door that does not run at rest although its loop is closed. */
export const unfedDevices: Analysis<'world' | 'rest' | 'door' | 'plan' | 'loops' | 'wiresAt'> = ({
  world,
  rest,
  door,
  plan,
  loops,
  wiresAt,
}) =>
  world.inhabitants.flatMap(({ device, type }): Violation[] => {
    // A bell or a lamp that rings only when asked is meant to be off at rest.
    if (device.door !== door.id || type.roles.bellOut) return [];
    const open = loops.some(
      (loop) =>
        loop.shape === 'round' &&
        loop.load.device === device.id &&
        loop.kind === 'feed' &&
        !loop.complete &&
        !does(type, 'sensor'),
    );
    return type.parts.flatMap((part): Violation[] => {
      if (
        part.kind !== 'electronic' ||
        open ||
        !isLanded(plan, type, device.id, part) ||
        rest.boards.get(`${device.id}:${part.id}`) === true
      )
        return [];
      const at = [{ kind: 'device', id: device.id } as const];
      const bare = [part.a, part.b].some((pin) => wiresAt(terminalId(device.id, pin)).length === 0);
      if (does(type, 'sensor') && bare)
        return [violation('sensor-without-supply', at, { tag: device.tag, needs: part.startVolts })];
      return [
        violation('device-unfed', at, {
          tag: plan.devices[device.id]?.tag ?? '',
          needs: part.startVolts,
        }),
      ];
    });
  });

/** False for a part on terminals that may stay empty, and do: the lamp of a lit button. */
function isLanded(plan: Plan, type: DeviceType, device: string, part: Part): boolean {
  const optional = (pin: string) => type.terminals.find(({ id }) => id === pin)?.use === 'optional';
  if (!optional(part.a) && !optional(part.b)) return true;
  const ends = new Set([terminalId(device, part.a), terminalId(device, part.b)]);
  return allConductors(plan).some(({ from, to }) => ends.has(from) || ends.has(to));
}
