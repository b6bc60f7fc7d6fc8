import type { DeviceType, Roles } from '../deviceType';
import type { Part } from '../parts';
import {
  board,
  changeover,
  choice,
  contact,
  EOL_OHMS,
  needed,
  of,
  optional,
  PASSIVE,
  pigtails,
} from '../build';

/** Ways to ask a door to open from inside, and what senses the door itself. */

const EXIT = { ...PASSIVE, family: 'exit', tagPrefix: 'X', place: 'inside' } as const;
const pressed = { kind: 'button', state: 'pressed' } as const;
const dcBoard = (amps: number, limits: readonly [number, number]): Part =>
  board('V+', 'V-', { amps }, limits);

export const exits: readonly DeviceType[] = [
  {
    ...EXIT,
    id: 'exit-button',
    name: 'Exit button, normally open',
    short: 'exit button',
    description: 'A plain push button. Needs no supply.',
    terminals: needed('C', 'NO'),
    parts: [contact('pole', 'NO', 'C', 'NO', 'pressed', 1)],
    functions: [pressed],
    roles: { exitContact: { a: 'C', b: 'NO' } },
    symbol: 'button',
  },
  {
    ...EXIT,
    id: 'exit-button-nc',
    name: 'Exit button, normally closed',
    short: 'exit button, NC',
    description:
      'Opens its contact when pushed: the input must be set for it. A cut wire then releases the door.',
    terminals: needed('C', 'NC'),
    parts: [contact('pole', 'NC', 'C', 'NC', 'pressed', 1)],
    functions: [pressed],
    roles: { exitContact: { a: 'C', b: 'NC' } },
    symbol: 'button',
  },
  {
    ...EXIT,
    id: 'exit-button-double',
    name: 'Exit button, two poles',
    short: 'two-pole button',
    description: 'One pole asks the controller, the other opens the lock’s own power.',
    terminals: optional('1C', '1NO', '2C', '2NC'),
    parts: [contact('ask', 'NO', '1C', '1NO', 'pressed', 1), contact('cut', 'NC', '2C', '2NC', 'pressed', 3)],
    functions: [pressed],
    roles: { exitContact: { a: '1C', b: '1NO' }, breakers: [{ com: '2C', nc: '2NC' }] },
    symbol: 'button',
  },
  {
    ...EXIT,
    id: 'exit-button-lit',
    name: 'Exit button, illuminated, 12 V',
    short: 'lit exit button',
    description: 'A plain push button with a 12 V lamp. The lamp needs a supply, the contact does not.',
    terminals: [...needed('C', 'NO'), ...optional('V+', 'V-')],
    parts: [
      contact('pole', 'NO', 'C', 'NO', 'pressed', 1),
      { ...dcBoard(0.015, [6, 15]), id: 'lamp' } as Part,
    ],
    functions: [pressed],
    roles: { feed: { plus: 'V+', minus: 'V-' }, exitContact: { a: 'C', b: 'NO' } },
    symbol: 'button',
  },
  {
    ...EXIT,
    id: 'exit-touchless',
    name: 'Touchless exit sensor',
    short: 'touchless exit',
    description: 'Sees a hand. Needs its own 12 V: without supply it never closes its contact.',
    terminals: [...needed('V+', 'V-'), ...optional('COM', 'NO', 'NC')],
    parts: [
      dcBoard(0.04, [9, 28]),
      ...changeover('k', { com: 'COM', nc: 'NC', no: 'NO' }, 'sensed', 2, 'board'),
    ],
    functions: [{ kind: 'sensor', state: 'sensed', board: 'board' }],
    roles: { feed: { plus: 'V+', minus: 'V-' }, exitContact: { a: 'COM', b: 'NO' } },
    symbol: 'wave',
  },
  {
    ...EXIT,
    id: 'exit-motion',
    name: 'Motion sensor for exit, 12/24 V',
    short: 'motion sensor',
    description:
      'Sees somebody walk up to the door. Needs a supply; a thing pushed under the door may fool it.',
    place: 'above',
    terminals: [...needed('V+', 'V-'), ...optional('COM', 'NO', 'NC')],
    parts: [
      dcBoard(0.03, [10, 30]),
      ...changeover('k', { com: 'COM', nc: 'NC', no: 'NO' }, 'sensed', 1, 'board'),
    ],
    functions: [{ kind: 'sensor', state: 'sensed', board: 'board' }],
    roles: { feed: { plus: 'V+', minus: 'V-' }, exitContact: { a: 'COM', b: 'NO' } },
    symbol: 'motion',
  },
  {
    ...EXIT,
    id: 'exit-lever-contact',
    name: 'Lever with exit contact',
    short: 'lever contact',
    description:
      'The lever opens the latch by itself; its contact tells the system that the opening is wanted.',
    terminals: pigtails('needed', { a: 'WH', b: 'YE' }),
    parts: [contact('pole', 'NO', 'a', 'b', 'turned', 0.5)],
    functions: [{ kind: 'lever', state: 'turned' }],
    roles: { exitContact: { a: 'a', b: 'b' } },
    symbol: 'lever',
  },
  {
    ...EXIT,
    id: 'exit-bar-contact',
    name: 'Panic bar with exit contact',
    short: 'bar contact',
    description: 'The bar opens the latch by itself; its changeover contact tells the system.',
    terminals: [...pigtails('needed', { COM: 'WH', NO: 'GN' }), ...pigtails('optional', { NC: 'BU' }, 3)],
    parts: changeover('k', { com: 'COM', nc: 'NC', no: 'NO' }, 'turned', 1),
    functions: [{ kind: 'lever', state: 'turned' }],
    roles: { exitContact: { a: 'COM', b: 'NO' } },
    symbol: 'bar',
  },
  {
    ...EXIT,
    id: 'key-switch',
    name: 'Key switch, maintained',
    short: 'key switch',
    description: 'Stays as the key leaves it: holds a door released for a delivery, or for a caretaker.',
    place: 'outside',
    terminals: needed('C', 'NO'),
    parts: [contact('pole', 'NO', 'C', 'NO', 'turned', 3)],
    functions: [{ kind: 'switch', state: 'turned' }],
    roles: { exitContact: { a: 'C', b: 'NO' } },
    ip: 'IP54',
    symbol: 'key',
  },
];

const CONTACT = { ...PASSIVE, family: 'contact', tagPrefix: 'C', place: 'frame', symbol: 'reed' } as const;
const doorOpen = { kind: 'doorContact', state: 'doorOpen' } as const;

export const doorContacts: readonly DeviceType[] = [
  {
    ...CONTACT,
    id: 'door-contact',
    name: 'Door contact, reed',
    short: 'door contact',
    description: 'Closed while the door is closed.',
    terminals: needed('a', 'b'),
    parts: [contact('reed', 'NC', 'a', 'b', 'doorOpen', 0.5)],
    functions: [doorOpen],
    roles: { doorContact: { a: 'a', b: 'b' } },
    ip: 'IP67',
  },
  {
    ...CONTACT,
    id: 'door-contact-changeover',
    name: 'Door contact, changeover',
    short: 'door contact',
    description: 'COM to NC while the door is closed, COM to NO while it is open.',
    terminals: optional('COM', 'NC', 'NO'),
    parts: changeover('k', { com: 'COM', nc: 'NC', no: 'NO' }, 'doorOpen', 0.5),
    functions: [doorOpen],
    roles: { doorContact: { a: 'COM', b: 'NC' } },
    ip: 'IP67',
  },
  {
    ...CONTACT,
    id: 'door-contact-eol',
    name: 'Door contact with end-of-line resistors, 2.2 kΩ',
    short: 'contact with EOL',
    description: 'Closed 2.2 kΩ, open 4.4 kΩ: for an input that watches its own wires.',
    terminals: pigtails('needed', { a: 'WH', b: 'BN' }),
    nodes: ['~m'],
    parts: [
      { kind: 'resistor', id: 'series', a: 'a', b: '~m', ohms: EOL_OHMS },
      contact('reed', 'NC', '~m', 'b', 'doorOpen', 0.1),
      { kind: 'resistor', id: 'across', a: '~m', b: 'b', ohms: EOL_OHMS },
    ],
    functions: [doorOpen],
    roles: { doorContact: { a: 'a', b: 'b' } },
    ip: 'IP67',
  },
  {
    ...CONTACT,
    id: 'bolt-contact',
    name: 'Bolt or latch contact, micro switch',
    short: 'latch contact',
    description: 'In the keep: open while the latch stands in it, closed when the door is away.',
    terminals: pigtails('needed', { a: 'GN', b: 'WH' }),
    parts: [contact('pole', 'NO', 'a', 'b', 'doorOpen', 0.5)],
    functions: [doorOpen],
    roles: { doorContact: { a: 'a', b: 'b' } },
  },
];

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
