import type { Words } from '../text';

const WHY: Readonly<Record<string, string>> = {
  'one-digit': 'it is one digit throughout',
  run: 'its digits run up or down',
  repeats: 'it repeats itself',
  year: 'it is a year',
  factory: 'the keypad came with it',
};

export const codeWeak: Words = {
  title: (v) => `${v['name']}’s code is too easy`,
  reason: (v) => `Whoever tries a few tries it first: ${WHY[String(v['why'])] ?? ''}. Give another one.`,
};
