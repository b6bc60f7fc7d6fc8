import { volts, type Words } from '../text';

export const overVoltage: Words = {
  title: (v) => `Too much voltage at ${v['tag']}`,
  reason: (v) => `${volts(v, 'measured')}; it is rated ${volts(v, 'limit')}.`,
};
