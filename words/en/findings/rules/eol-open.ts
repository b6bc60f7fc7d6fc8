import { ohms, type Words } from '../text';

export const eolOpen: Words = {
  title: (v) => `The pair at ${v['terminal']} is open`,
  reason: (v) =>
    `The input expects ${ohms(v, 'limit')} and sees an open line: a wire is off, or the resistor is missing.`,
};
