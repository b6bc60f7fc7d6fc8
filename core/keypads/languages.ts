import type { FieldId, KeypadLanguage, Token } from './language';

const key = (...keys: string[]): Token[] => keys.map((one) => ({ key: one }));
const field = (id: FieldId, least: number, most = least): Token => ({ field: id, least, most });

const PHONE_KEYS = [
  ['1', '2', '3'],
  ['4', '5', '6'],
  ['7', '8', '9'],
  ['*', '0', '#'],
] as const;

const REPLIES: KeypadLanguage['replies'] = {
  opened: { beeps: 1, long: true, light: 'green' },
  refused: { beeps: 3, long: false, light: 'red' },
  programming: { beeps: 2, long: false, light: 'amber' },
  stored: { beeps: 1, long: false, light: 'amber' },
  left: { beeps: 1, long: true, light: 'off' },
  'timed-out': { beeps: 2, long: true, light: 'off' },
  'locked-out': { beeps: 5, long: false, light: 'red' },
  key: { beeps: 0, long: false, light: 'off' },
};

/** Two invented languages that between them have the traits met in the field. */
export const LANGUAGES: readonly KeypadLanguage[] = [
  {
    id: 'slots-1000',
    name: '999 slots, clearable',
    keys: PHONE_KEYS,
    factoryCode: '975310',
    timeoutMs: 12_000,
    code: { least: 4, most: 6 },
    sameLength: false,
    slots: { first: 1, last: 999, digits: 3 },
    cards: true,
    clears: true,
    lockout: { tries: 5, ms: 30_000 },
    entry: [field('code', 4, 6), ...key('#')],
    enter: [...key('*', '0'), field('programming', 4, 8), ...key('#')],
    leave: key('*', '#'),
    commands: {
      'set-code': [...key('1'), field('slot', 3), ...key('#'), field('code', 4, 6), ...key('#')],
      'set-card': [...key('2'), field('slot', 3), ...key('#'), { card: true }],
      'clear-slot': [...key('3'), field('slot', 3), ...key('#')],
      'unlock-time': [...key('4'), field('seconds', 2), ...key('#')],
      'programming-code': [
        ...key('9'),
        field('programming', 4, 8),
        ...key('#'),
        field('again', 4, 8),
        ...key('#'),
      ],
    },
    replies: REPLIES,
  },
  {
    id: 'overwrite-100',
    name: '99 slots, overwrite only',
    keys: PHONE_KEYS,
    factoryCode: '2468',
    timeoutMs: 8_000,
    code: { least: 4, most: 8 },
    sameLength: true,
    slots: { first: 1, last: 99, digits: 2 },
    cards: false,
    clears: false,
    lockout: { tries: 3, ms: 60_000 },
    entry: [field('code', 4, 8), ...key('*')],
    enter: [...key('#'), field('programming', 4, 8), ...key('#'), field('again', 4, 8), ...key('#')],
    leave: key('#', '#'),
    commands: {
      'set-code': [
        field('slot', 2),
        ...key('*'),
        field('code', 4, 8),
        ...key('*'),
        field('again', 4, 8),
        ...key('*'),
      ],
      'unlock-time': [...key('#', '7'), field('seconds', 2), ...key('*')],
      'programming-code': [
        ...key('#', '9'),
        field('programming', 4, 8),
        ...key('*'),
        field('again', 4, 8),
        ...key('*'),
      ],
    },
    replies: { ...REPLIES, stored: { beeps: 2, long: false, light: 'green' } },
  },
];

/** The language with this id, or undefined. */
export const findLanguage = (id: string | undefined): KeypadLanguage | undefined =>
  LANGUAGES.find((language) => language.id === id);
