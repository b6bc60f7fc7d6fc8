import { functionOf, settingValue } from '../../devices/index';
import { terminalId } from '../../plan/index';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A fire input whose contact closes on alarm: a cut wire goes unnoticed until the fire. */
const fireTrigger: Analysis<'parts' | 'wiresAt'> = ({ parts, wiresAt }) =>
  parts.supplies.flatMap(({ device, type }): Violation[] => {
    const drop = functionOf(type, 'fireInput');
    const { roles } = type;
    if (!drop || !roles.fireInput) return [];
    const setting = drop.triggerSetting;
    const closes = setting !== undefined && settingValue(type, device.settings, setting) === 'NO';
    if (!closes || wiresAt(terminalId(device.id, roles.fireInput.input)).length === 0) return [];
    return [violation('fire-unwatched', [{ kind: 'device', id: device.id }], { tag: device.tag })];
  });

export const fireUnwatched = rule({
  code: 'fire-unwatched',
  family: 'R',
  station: 'prove',
  severity: 'caution',
  basis: 'practice',
  find: fireTrigger,
});
