import { PHONE_METRES, roleValue, settingFor } from '../../devices/index';
import { allDevices, typeIn, type Plan } from '../../plan/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** Doors of the site, other than this one, with a reader that hears phones. */
const othersThatHear = (plan: Plan, door: string): string[] => [
  ...new Set(
    allDevices(plan).flatMap((device) =>
      device.door !== null && device.door !== door && settingFor(typeIn(plan, device), 'range')
        ? [device.door]
        : [],
    ),
  ),
];

/** A reader that hears a phone before anybody means it: at once beside another that does, and at arm's length from inside. */
const heardTooFar: Analysis<'plan' | 'door' | 'parts'> = ({ plan, door, parts }) =>
  parts.readers.flatMap(({ device, type }): Violation[] => {
    const value = String(roleValue(type, device.settings, 'range') ?? 'near');
    const metres = PHONE_METRES[value] ?? 0;
    if (value === 'near') return [];
    const others = othersThatHear(plan, door.id);
    if (value === 'middle' && others.length === 0) return [];
    const setting = settingFor(type, 'range')?.id;
    const values = { tag: device.tag, measured: metres, others: others.slice(0, 4).join(', ') };
    return [
      violation(
        'phone-range',
        [onDevice(device.id)],
        values,
        setting ? { remedy: { kind: 'setSetting', device: device.id, setting, value: 'near' } } : {},
      ),
    ];
  });

export const phoneRange = rule({
  code: 'phone-range',
  family: 'R',
  station: 'timing',
  severity: 'caution',
  basis: 'practice',
  find: heardTooFar,
});
