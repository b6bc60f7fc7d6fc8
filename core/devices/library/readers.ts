import type { DeviceType, Roles } from '../deviceType';
import { choice, contact, needed, of, PASSIVE, pigtails } from '../build';
import { dcBoard } from './door';

/** Readers of cards, codes, fingers and phones. */

const READER = {
  ...PASSIVE,
  family: 'reader',
  tagPrefix: 'R',
  place: 'outside',
  short: 'card reader',
  symbol: 'reader',
  ip: 'IP65',
} as const;
const readerFeed = { plus: 'V+', minus: 'V-' };

const wiegand = (
  id: string,
  name: string,
  description: string,
  amps: number,
  over: Partial<DeviceType> = {},
): DeviceType => ({
  ...READER,
  id,
  name,
  description,
  terminals: [
    ...pigtails('needed', { 'V+': 'RD', 'V-': 'BK' }).map((lead) => ({ ...lead, maxConductors: 2 })),
    ...pigtails('needed', { D0: 'GN', D1: 'WH' }, 3).map((lead) => ({ ...lead, carries: 'data' as const })),
    ...pigtails('optional', { LED: 'BN', BZ: 'YE' }, 5),
  ],
  parts: [
    dcBoard(amps, [8, 16]),
    contact('pull0', 'NO', 'D0', 'V-', 'd0', 0.1, 'board'),
    contact('pull1', 'NO', 'D1', 'V-', 'd1', 0.1, 'board'),
  ],
  functions: [{ kind: 'reader', board: 'board', d0: 'd0', d1: 'd1' }],
  roles: { feed: readerFeed, dataOut: { d0: 'D0', d1: 'D1' } },
  interfaces: ['wiegand'],
  ...over,
});

const busRoles: Roles = { feed: readerFeed };
const bus = (id: string, name: string, description: string, amps: number): DeviceType => ({
  ...READER,
  id,
  name,
  description,
  terminals: [
    ...needed('V+', 'V-'),
    ...needed('A', 'B').map((terminal) => ({ ...terminal, carries: 'bus' as const })),
  ],
  parts: [
    dcBoard(amps, [8, 16]),
    { kind: 'resistor', id: 'end', a: 'A', b: 'B', ohms: 120, when: { setting: 'terminator', is: ['on'] } },
  ],
  settings: [
    {
      id: 'address',
      label: 'bus address',
      kind: 'number',
      unit: '',
      min: 1,
      max: 31,
      initial: 1,
      dip: 5,
    },
    {
      id: 'terminator',
      label: 'bus terminator',
      kind: 'choice',
      options: [
        { value: 'off', label: 'off' },
        { value: 'on', label: 'on: this is the last device' },
      ],
      initial: 'off',
    },
  ],
  functions: [
    {
      kind: 'busReader',
      board: 'board',
      bus: {
        a: 'A',
        b: 'B',
        common: 'V-',
        addressSetting: 'address',
        terminatorSetting: 'terminator',
        unitLoads: 1,
      },
    },
  ],
  roles: busRoles,
  interfaces: ['rs485'],
});

/** A reader that hears phones too: how near one must come is set. */
const forPhones = (type: DeviceType): DeviceType => ({
  ...type,
  settings: [
    ...type.settings,
    of(
      choice('range', 'a phone opens from', {
        near: 'a hand’s breadth',
        middle: 'about 1 m',
        far: 'about 5 m, walls or not',
      }),
      'range',
    ),
  ],
});

export const readers: readonly DeviceType[] = [
  wiegand(
    'reader-wiegand',
    'Card reader, Wiegand',
    'Reads a card and pulls two data lines low in turn. The lines need a common 0 V.',
    0.07,
  ),
  wiegand(
    'reader-wiegand-keypad',
    'Card reader with keys, Wiegand',
    'Card and code; both travel down the same two data lines.',
    0.11,
    { symbol: 'keypad' },
  ),
  wiegand(
    'reader-long-range',
    'Long-range reader, Wiegand, 12 V',
    'Reads a tag in a car at several metres. Draws more than other readers: give it thicker wire.',
    0.45,
    { short: 'long-range reader' },
  ),
  wiegand(
    'reader-mullion',
    'Card reader for a narrow frame, Wiegand',
    'Fits beside the glass. Reads nearer than a wide one: hang it where a hand comes.',
    0.05,
  ),
  wiegand(
    'reader-finger-wiegand',
    'Fingerprint reader, Wiegand',
    'Reads a finger and sends a number down the two lines: what it sends must be on the controller’s list.',
    0.3,
    { symbol: 'finger', short: 'finger reader' },
  ),
  forPhones(
    bus(
      'reader-rs485-phone',
      'Card and phone reader, RS-485',
      'Reads cards, and phones near it; how near is set per door, so that it does not hear the neighbour’s.',
      0.16,
    ),
  ),
  forPhones(
    wiegand(
      'reader-wiegand-phone',
      'Card and phone reader, Wiegand',
      'Reads cards, and phones near it; both travel as a number down the same two lines.',
      0.14,
    ),
  ),
  bus(
    'reader-rs485',
    'Card reader, RS-485',
    'Talks on a pair shared with other readers, each with an address; the last one ends the line.',
    0.09,
  ),
  bus(
    'reader-rs485-keypad',
    'Card reader with keys, RS-485',
    'Card and code on a shared pair; supervised by the controller, which asks it all the time.',
    0.13,
  ),
  {
    ...READER,
    id: 'reader-serial',
    name: 'Card reader, serial',
    description: 'Talks to one controller on a serial line: its transmit lands on the other’s receive.',
    terminals: [
      ...needed('V+', 'V-'),
      ...needed('TX', 'RX').map((terminal) => ({ ...terminal, carries: 'bus' as const })),
    ],
    parts: [dcBoard(0.08, [8, 16])],
    functions: [
      {
        kind: 'busReader',
        board: 'board',
        bus: {
          a: 'TX',
          b: 'RX',
          common: 'V-',
          addressSetting: null,
          terminatorSetting: null,
          unitLoads: 1,
          crossed: true,
        },
      },
    ],
    roles: busRoles,
    interfaces: ['serial'],
  },
];
