import { ohms, type Words } from '../text';

export const eolMissing: Words = {
  title: (v) => `No end-of-line resistor at ${v['terminal']}`,
  reason: (v) =>
    `The input expects ${ohms(v, 'limit')} and sees ${ohms(v, 'measured')}: a short. Every opening and closing reads as trouble.`,
};
