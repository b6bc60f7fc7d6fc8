import type * as z from 'zod';
import type { DeviceType } from './deviceType';
import type { deviceTypeSchema } from './deviceTypeSchema';
import { functionsOfOld, withSettingRoles, type OldBehaviour } from './upgradeType';

/**
 * What the schema lets through is a device type, whose type is inferred from it. Old ones get setting roles, and the
 * one thing that they did becomes the first of their functions.
 */
export function asDeviceType(parsed: z.output<typeof deviceTypeSchema>): DeviceType {
  const { behaviour, functions = [], ...type } = parsed;
  const old = behaviour ? functionsOfOld(behaviour as OldBehaviour) : [];
  return withSettingRoles({ ...type, functions: [...old, ...functions] } as DeviceType);
}
