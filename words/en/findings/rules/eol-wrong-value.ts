import { ohms, type Words } from '../text';

export const eolWrongValue: Words = {
  title: (v) => `Wrong end-of-line value at ${v['terminal']}`,
  reason: (v) => `It reads ${ohms(v, 'measured')}; the input expects ${ohms(v, 'limit')} and twice that.`,
};
