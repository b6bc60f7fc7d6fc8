import { long, notated, short } from './notated';

const KEYS = [
  ['1', '2', '3', 'MENU'],
  ['4', '5', '6', '▲'],
  ['7', '8', '9', '▼'],
  ['BACK', '0', 'OK'],
] as const;
const SCREEN = { up: '▲', down: '▼', ok: 'OK', back: 'BACK', rows: 4 };

const REPLIES = {
  programming: short(1, 'off'),
  stored: long(1, 'green'),
  left: short(0, 'off'),
  refused: short(2, 'red'),
  opened: long(1, 'green'),
  'timed-out': short(0, 'off'),
};

/** Terminals with a screen: what they do is chosen from menus, and the first administrator closes these to everybody else. */
export const SCREENED = [
  notated({
    id: 'screen-fingers',
    name: 'Screen with menus: finger, card, number and password',
    keys: KEYS,
    screen: SCREEN,
    factoryCode: '',
    timeoutMs: 30_000,
    timeoutLoses: 'line',
    programming: { least: 1, most: 1 },
    code: { least: 4, most: 6 },
    rules: [],
    reserved: [],
    slots: { first: 1, last: 3000, digits: 4 },
    capacity: 3000,
    lockout: { tries: 5, ms: 60_000 },
    entry: '{slot} OK {code} OK',
    modes: [
      {
        id: 'menu',
        title: 'Menu',
        enter: 'MENU',
        as: ['MENU {slot} OK {code} OK', 'MENU {card}', 'MENU {finger}'],
        commands: [],
      },
      {
        id: 'people',
        title: 'People',
        from: 'menu',
        commands: [
          [
            'new-user',
            '{slot?} OK {name?} OK {role} OK {finger:3?} OK {card?} OK {code?} OK {again?} OK',
            { title: 'New person' },
          ],
          ['clear-slot', '{slot} OK OK', { title: 'Remove person' }],
          ['clear-all', 'OK OK', { title: 'Remove all' }],
        ],
      },
      {
        id: 'edit',
        title: 'Edit person',
        from: 'people',
        commands: [
          ['set-code', '{slot} OK {code} OK {again} OK', { title: 'Password' }],
          ['set-card', '{slot} OK {card} OK', { title: 'Card' }],
          ['add-finger', '{slot} OK {finger:3} OK', { title: 'Add finger' }],
          ['set-role', '{slot} OK {role} OK', { title: 'Role' }],
        ],
      },
      {
        id: 'lock',
        title: 'Door',
        from: 'menu',
        commands: [
          ['set-time', '{seconds:2} OK', { title: 'Lock open for' }],
          ['set-time', '{seconds:3} OK', { time: 'held', title: 'Held-open alarm after' }],
        ],
      },
    ],
    replies: REPLIES,
    resets: [
      {
        by: 'contact',
        how: 'Press the button on its back for ten seconds while the cover is off.',
        wipes: 'all',
      },
    ],
    examples: [
      {
        strokes: 'MENU OK ▼ OK 0001 OK OK ▼ OK {finger:1} {finger:1} {finger:1} OK OK 4711 OK 4711 OK',
        answer: 'stored',
        holds: { 1: '4711 finger 1 administrator' },
      },
      { strokes: 'OK OK 66677733 OK OK OK {card:5} OK OK OK', answer: 'stored', holds: { 2: 'card 5 ORE' } },
      { strokes: 'BACK BACK MENU {finger:1}', answer: 'programming', holds: {} },
      { strokes: 'BACK MENU {card:5}', answer: 'refused', holds: {} },
    ],
  }),
  notated({
    id: 'screen-names',
    name: 'Screen with menus: named people, card or code',
    keys: KEYS,
    screen: { ...SCREEN, rows: 3 },
    factoryCode: '',
    timeoutMs: 20_000,
    timeoutLoses: 'line',
    programming: { least: 1, most: 1 },
    code: { least: 4, most: 8 },
    rules: [],
    reserved: ['00000000'],
    slots: { first: 1, last: 5000, digits: 4 },
    capacity: 5000,
    lockout: { tries: 3, ms: 30_000 },
    entry: '{code} OK',
    modes: [
      {
        id: 'menu',
        title: 'Programming',
        enter: 'MENU OK',
        as: ['MENU OK {code} OK', 'MENU OK {card}'],
        commands: [
          ['new-user', '{slot} OK {name} OK {role} OK {code?} OK {card?} OK', { title: 'Add' }],
          ['set-code', '{slot} OK {code} OK', { title: 'Change code' }],
          ['set-card', '{slot} OK {card}', { title: 'Change card' }],
          ['clear-slot', '{slot} OK', { title: 'Remove' }],
          ['set-time', '{seconds:2} OK', { title: 'Unlock time' }],
        ],
      },
    ],
    replies: { ...REPLIES, stored: short(3, 'green') },
    resets: [{ by: 'power-up', how: 'Hold BACK while the power comes on.', wipes: 'all' }],
    examples: [
      {
        strokes: 'MENU OK OK 0001 OK 666 3 ▼ 3 OK ▲ OK 4711 OK OK',
        answer: 'stored',
        holds: { 1: '4711 administrator ODD' },
      },
      { strokes: 'BACK MENU OK 4711 OK', answer: 'programming', holds: {} },
      { strokes: '▼ ▼ ▼ OK 0001 OK', answer: 'stored', holds: { 1: '' } },
    ],
  }),
];
