import { list, num, volts, type Values, type Words } from '../text';

/** What a part does in its two states, and why neither lasts. */
const SWINGS: Readonly<Record<string, (v: Values) => string>> = {
  electronic: (v) =>
    `Running, it gets ${volts(v, 'onVolts')}, too little to keep running; stopped, it gets ${volts(v, 'offVolts')} and starts again.`,
  coil: (v) =>
    `Pulled in, it gets ${volts(v, 'onVolts')} and drops out; dropped out, it gets ${volts(v, 'offVolts')} and pulls in again.`,
  source: (v) =>
    `It goes between ${volts(v, 'onVolts')} and its current limit, at which it gives no more than ${volts(v, 'offVolts')}.`,
};

const HOLDS: Readonly<Record<string, string>> = { held: 'locked', free: 'unlocked', weak: 'neither' };

/** Figures of the two states are at hand once they were sought. */
const isSought = (v: Values): boolean => Number.isFinite(num(v, 'onVolts'));

export const restless: Words = {
  title: (v) => `${v['tag']} never comes to rest`,
  reason: (v) => {
    const swings = isSought(v) ? SWINGS[String(v['part'])]?.(v) : undefined;
    const lock =
      swings && v['lock'] !== undefined
        ? ` Meanwhile ${v['lock']} swings between ${volts(v, 'lowVolts')} and ${volts(v, 'highVolts')}: ${list(
            v['holds'],
          )
            .map((hold) => HOLDS[hold] ?? hold)
            .join(', ')}.`
        : '';
    return (
      (swings ??
        'It switches itself on and off: a chattering relay, or a voltage that collapses as soon as it starts.') +
      lock
    );
  },
};
