import { messages } from '../../../messages';

export const say = messages({
  hoursOnBattery: 'hours on battery',
  vAt: (tag: string) => `V at ${tag}`,
  needsV: (needsVolts: string) => `needs ${needsVolts} V`,
  voltageBatteryVEnd: (tag: string, volts: undefined | string, hours: undefined | number) =>
    `Voltage at ${tag} on battery, from ${volts} V to its end after ${hours} h`,
});
