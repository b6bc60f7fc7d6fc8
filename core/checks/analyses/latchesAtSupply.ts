import { functionOf, settingValue, type DeviceType } from '../../devices/index';
import { terminalId } from '../../plan/index';
import type { CheckContext } from '../context';
import { isLatching } from './isLatching';

/** The relay works the fire input of a supply, and that input latches. */
export function latchesAtSupply({ parts, groupOf }: CheckContext, relay: string, type: DeviceType): boolean {
  // Either throw may work the input: the one that opens on alarm, or the one that closes.
  const poles = (type.roles.breakers ?? []).flatMap(({ com }) =>
    type.parts
      .filter((part) => part.kind === 'contact' && part.a === com)
      .flatMap((part) => [part.a, part.b].map((pin) => groupOf(terminalId(relay, pin)))),
  );
  return parts.supplies.some((supply) => {
    const drop = functionOf(supply.type, 'fireInput');
    const { roles } = supply.type;
    if (!drop || !roles.fireInput) return false;
    const latching = settingValue(supply.type, supply.device.settings, drop.latchSetting) === 'latching';
    return latching && poles.includes(groupOf(terminalId(supply.device.id, roles.fireInput.input)));
  });
}

/** A release that lasts until somebody resets it: the relay latches, or the supply whose input it works. */
export const isLatched = (context: CheckContext, relay: string, type: DeviceType): boolean =>
  isLatching(context.plan.devices[relay]?.settings ?? {}, type) || latchesAtSupply(context, relay, type);
