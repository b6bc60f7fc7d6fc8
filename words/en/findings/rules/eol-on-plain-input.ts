import { ohms, type Words } from '../text';

export const eolOnPlainInput: Words = {
  title: (v) => `${v['terminal']} cannot tell open from closed`,
  reason: (v) =>
    `End-of-line resistors of ${ohms(v, 'measured')} hang on an input that is set for a plain contact.`,
  remedy: () => 'Watch it by resistors',
};
