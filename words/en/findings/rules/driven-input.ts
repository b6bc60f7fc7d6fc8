import { volts, type Words } from '../text';

export const drivenInput: Words = {
  title: (v) => `Voltage on the dry input ${v['terminal']}`,
  reason: (v) =>
    `${volts(v, 'measured')} from outside on an input with its own ${volts(v, 'limit')}. It takes a contact, never a voltage.`,
};
