import { volts, type Words } from '../text';

export const drivenInput: Words = {
  title: (v) => `Voltage on the dry input ${v['terminal']}`,
  reason: (v) =>
    `${volts(v, 'measured')} from an outside source on an input that has its own ${volts(v, 'limit')}. It takes a dry contact, never a voltage.`,
};
