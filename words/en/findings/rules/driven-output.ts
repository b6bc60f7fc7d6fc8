import { volts, type Words } from '../text';

export const drivenOutput: Words = {
  title: (v) => `Voltage on the low-level output ${v['terminal']}`,
  reason: (v) =>
    `${volts(v, 'measured')} from an outside source; it withstands ${volts(v, 'limit')}. A speaker or chime output drives its bell itself and takes no applied voltage.`,
};
