import type { Leaflet } from '#core/plan/index';
import { say } from '#words/sitePages/types/blankLanguage';

/** Where whoever writes a leaflet down begins: a keypad with telephone keys and one function. */
export const BLANK_LANGUAGE: Leaflet = {
  id: 'new',
  version: 1,
  name: say.newKeypad,
  keys: [
    ['1', '2', '3'],
    ['4', '5', '6'],
    ['7', '8', '9'],
    ['*', '0', '#'],
  ],
  screen: null,
  factoryCode: '1234',
  timeoutMs: 10_000,
  timeoutLoses: 'line',
  programming: { least: 4, most: 8 },
  code: { least: 4, most: 6 },
  rules: [],
  reserved: [],
  slots: { first: 1, last: 99, digits: 2 },
  capacity: 99,
  lockout: { tries: 5, ms: 30_000 },
  entry: say.code,
  modes: [
    {
      id: 'programming',
      title: '',
      as: [],
      from: 'door',
      enter: say.programming,
      leave: '*',
      commands: [{ does: 'set-code', strokes: '1 {slot} # {code} #' }],
    },
  ],
  resets: [],
  replies: {
    opened: { beeps: 1, long: true, light: 'green' },
    refused: { beeps: 3, long: false, light: 'red' },
    programming: { beeps: 2, long: false, light: 'amber' },
    stored: { beeps: 1, long: false, light: 'green' },
    left: { beeps: 1, long: true, light: 'off' },
    'timed-out': { beeps: 2, long: true, light: 'off' },
    'locked-out': { beeps: 5, long: false, light: 'red' },
    key: { beeps: 0, long: false, light: 'off' },
  },
  examples: [],
};
