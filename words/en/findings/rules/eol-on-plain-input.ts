import { ohms, type Words } from '../text';

export const eolOnPlainInput: Words = {
  title: (v) => `${v['terminal']} cannot tell open from closed`,
  reason: (v) =>
    `End-of-line resistors of ${ohms(v, 'measured')} are on an input that is set for a plain contact.`,
  remedy: () => 'Set it for end-of-line resistors',
};
