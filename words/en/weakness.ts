import type { Weakness } from '#core/keypads/index';
import { spoken, texts } from '../messages';

/** Why a code is tried first. */
export const WEAKNESSES: Readonly<Record<Weakness, string>> = texts({
  'one-digit': 'it is one digit throughout',
  run: 'its digits run up or down',
  repeats: 'it repeats itself',
  year: 'it is a year',
  factory: 'the keypad came with it',
});

export const weaknessWords = spoken(
  (weak: Weakness): string => `Whoever tries a few tries it first: ${WEAKNESSES[weak]}.`,
);
