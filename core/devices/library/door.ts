import type { DeviceType } from '../deviceType';
import type { Part } from '../parts';
import { board, changeover, contact, EOL_OHMS, needed, optional, PASSIVE, pigtails } from '../build';

/** Ways to ask a door to open from inside, and what senses the door itself. */

const EXIT = { ...PASSIVE, family: 'exit', tagPrefix: 'X', place: 'inside' } as const;
const pressed = { kind: 'button', state: 'pressed' } as const;
export const dcBoard = (amps: number, limits: readonly [number, number]): Part =>
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
    functions: [{ kind: 'sensor', state: 'sensed', board: 'board', sees: 'hand' }],
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
    functions: [{ kind: 'sensor', state: 'sensed', board: 'board', sees: 'walking' }],
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
    functions: [{ kind: 'switch', state: 'turned', key: true }],
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
