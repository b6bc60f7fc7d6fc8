import { volts, type Words } from '../text';

export const drivenOutput: Words = {
  title: (v) => `Voltage on the low-level output ${v['terminal']}`,
  reason: (v) =>
    `${volts(v, 'measured')} from outside; it bears ${volts(v, 'limit')}. A speaker or chime output feeds its bell by itself and takes no applied voltage.`,
};
