import type { DeviceType, Roles, Terminal } from '../deviceType';
import type { Part } from '../parts';
import {
  board,
  changeover,
  channelOf,
  channelTimes,
  choice,
  contact,
  dryInput,
  needed,
  optional,
  PASSIVE,
  of,
} from '../build';
import { networkSettings } from './network';

export const keypadParts = (amps: number): Part[] => [
  board('+12', '0V', { amps }, [9, 16], { startVolts: 10 }),
  ...changeover('k', { com: 'COM', nc: 'NC', no: 'NO' }, 'relay', 2, 'board'),
  dryInput('push', 'PUSH', 'G', 'board'),
  { kind: 'link', id: 'ground', a: '0V', b: 'G' },
];
export const keypadChannel = channelOf({ relay: 'relay', exitInput: 'push', settings: 'ch1' });
export const keypadTimes = (prefix: string, name: string, channel = 0) =>
  channelTimes(prefix, name, channel).filter(({ role }) => role === 'unlock' || role === 'exit');

export const KEYPAD = {
  ...PASSIVE,
  family: 'keypad',
  short: 'keypad',
  tagPrefix: 'K',
  place: 'outside',
  symbol: 'keypad',
  ip: 'IP54',
  interfaces: ['dry-input'],
} as const;
export const keypadRoles: Roles = {
  feed: { plus: '+12', minus: '0V' },
  switches: [{ com: 'COM', nc: 'NC', no: 'NO' }],
  exitInputs: [{ input: 'PUSH', common: 'G' }],
};

/** Both keypads share the same terminals; they differ in the language spoken at their keys. */
const keypad = (
  id: string,
  name: string,
  description: string,
  language: string,
  users: number,
): DeviceType => ({
  ...KEYPAD,
  id,
  name,
  description,
  terminals: [...needed('+12', '0V'), ...optional('COM', 'NC', 'NO', 'PUSH', 'G')],
  parts: keypadParts(0.06),
  settings: keypadTimes('ch1', ''),
  functions: [
    { kind: 'decides', board: 'board', channels: [keypadChannel] },
    { kind: 'ownCodes', board: 'board', bell: 'ringing' },
  ],
  roles: keypadRoles,
  language,
  capacity: { users, cards: users },
});

export const keypads: readonly DeviceType[] = [
  keypad(
    'keypad-slots',
    'Keypad, one relay, 999 slots',
    'Standalone keypad and card reader. Codes and cards live in numbered slots; each slot can be cleared.',
    'slots-1000',
    999,
  ),
  keypad(
    'keypad-overwrite',
    'Keypad, one relay, 99 slots, no clearing',
    'Standalone keypad. A slot cannot be cleared, only overwritten: keep its ledger.',
    'overwrite-100',
    99,
  ),
  keypad(
    'keypad-list',
    'Keypad, one relay, list of 1000',
    'Standalone keypad and card reader with one list: what goes is keyed or presented, and nothing has a number.',
    'list-by-code',
    1000,
  ),
  keypad(
    'keypad-masters',
    'Keypad, one relay, master cards',
    'Standalone keypad and card reader. One master card begins and ends adding, another one deleting.',
    'master-cards',
    300,
  ),
  keypad(
    'keypad-card-series',
    'Keypad, one relay, 200 slots, cards in series',
    'Standalone keypad and card reader: many cards one after the other into slots that follow each other.',
    'cards-in-series',
    200,
  ),
  keypad(
    'keypad-submodes',
    'Keypad, one relay, 250 slots, sub-modes',
    'Standalone keypad whose functions stand in sub-modes. Silence loses all that was keyed since programming began.',
    'menus-by-number',
    250,
  ),
  keypad(
    'keypad-fixed',
    'Keypad, one relay, 50 slots, no separators',
    'Standalone keypad for codes of four digits, with neither star nor hash between what is keyed.',
    'fixed-lengths',
    50,
  ),
  keypad(
    'keypad-wiped',
    'Keypad, one relay, 20 slots, erased all at once',
    'Standalone keypad. One slot is overwritten; to remove a card all users are erased.',
    'wipe-only',
    20,
  ),
  keypad(
    'keypad-padded',
    'Keypad, one relay, list of 100, six digits',
    'Standalone keypad whose codes are filled up with zeros to six digits, as a reader port sends them.',
    'padded-port',
    100,
  ),
  {
    ...KEYPAD,
    id: 'keypad-two-relays',
    name: 'Keypad, two relays, bell output',
    description:
      'A momentary relay for codes that open and a second one for codes that hold the door open until keyed again; a dry bell contact.',
    terminals: [
      ...needed('+12', '0V'),
      ...optional('COM', 'NC', 'NO', 'COM2', 'NC2', 'NO2', 'PUSH', 'G', 'BELL-A', 'BELL-B'),
    ],
    parts: [
      ...keypadParts(0.09),
      ...changeover('k2', { com: 'COM2', nc: 'NC2', no: 'NO2' }, 'relay2', 2, 'board'),
      contact('bell', 'NO', 'BELL-A', 'BELL-B', 'ringing', 1, 'board'),
    ],
    settings: [
      ...keypadTimes('ch1', ''),
      of(
        choice('ch2.mode', 'second relay', {
          toggle: 'holds until keyed again',
          momentary: 'for the unlock time',
        }),
        'mode',
        1,
      ),
      ...keypadTimes('ch2', 'second relay ', 1),
    ],
    functions: [
      {
        kind: 'decides',
        board: 'board',
        channels: [keypadChannel, channelOf({ relay: 'relay2', exitInput: '', settings: 'ch2' })],
      },
      { kind: 'ownCodes', board: 'board', bell: 'ringing' },
    ],
    roles: {
      ...keypadRoles,
      second: { com: 'COM2', nc: 'NC2', no: 'NO2' },
      bellContact: { a: 'BELL-A', b: 'BELL-B' },
    },
    language: 'slots-1000',
    capacity: { users: 999, cards: 999 },
  },
  {
    ...KEYPAD,
    id: 'terminal-finger',
    name: 'Fingerprint terminal, relay and contacts on pigtails',
    short: 'finger terminal',
    description:
      'Decides by itself: finger, card or code. Its relay hangs on three leads beside the door; a contact and an exit input on others.',
    terminals: terminalPigtails(),
    parts: [
      board('+12', '0V', { amps: 0.25 }, [9.5, 14.5]),
      ...changeover('k', { com: 'COM', nc: 'NC', no: 'NO' }, 'relay', 2, 'board'),
      dryInput('push', 'BUT', 'G', 'board'),
      dryInput('sensor', 'SEN', 'G', 'board'),
      { kind: 'link', id: 'ground', a: '0V', b: 'G' },
    ],
    settings: [...channelTimes('ch1', ''), ...networkSettings()],
    functions: [
      {
        kind: 'decides',
        board: 'board',
        channels: [channelOf({ relay: 'relay', exitInput: 'push', contactInput: 'sensor', settings: 'ch1' })],
      },
      { kind: 'ownCodes', board: 'board', bell: 'ringing' },
    ],
    roles: {
      feed: { plus: '+12', minus: '0V' },
      switches: [{ com: 'COM', nc: 'NC', no: 'NO' }],
      exitInputs: [{ input: 'BUT', common: 'G' }],
      contactInputs: [{ input: 'SEN', common: 'G' }],
    },
    symbol: 'finger',
    language: 'screen-fingers',
    capacity: { users: 3000, cards: 3000 },
    interfaces: ['dry-input', 'ethernet'],
  },
  {
    ...KEYPAD,
    id: 'terminal-card',
    name: 'Card terminal, network, one relay',
    short: 'card terminal',
    description:
      'A card terminal with an address on the network. Its relay is small: let it trigger a timed supply.',
    terminals: [...needed('+12', '0V'), ...optional('COM', 'NC', 'NO', 'PUSH', 'SEN', 'G')],
    parts: [
      board('+12', '0V', { amps: 0.18 }, [10, 15]),
      ...changeover('k', { com: 'COM', nc: 'NC', no: 'NO' }, 'relay', 0.5, 'board'),
      dryInput('push', 'PUSH', 'G', 'board'),
      dryInput('sensor', 'SEN', 'G', 'board'),
      { kind: 'link', id: 'ground', a: '0V', b: 'G' },
    ],
    settings: [...channelTimes('ch1', ''), ...networkSettings()],
    functions: [
      {
        kind: 'decides',
        board: 'board',
        channels: [channelOf({ relay: 'relay', exitInput: 'push', contactInput: 'sensor', settings: 'ch1' })],
      },
      { kind: 'ownCodes', board: 'board', bell: 'ringing' },
    ],
    roles: {
      feed: { plus: '+12', minus: '0V' },
      switches: [{ com: 'COM', nc: 'NC', no: 'NO' }],
      exitInputs: [{ input: 'PUSH', common: 'G' }],
      contactInputs: [{ input: 'SEN', common: 'G' }],
    },
    symbol: 'reader',
    capacity: { users: 10_000, cards: 10_000 },
    interfaces: ['dry-input', 'ethernet'],
  },
];

function terminalPigtails(): Terminal[] {
  const lead = (
    id: string,
    colour: Terminal['colour'] & string,
    use: Terminal['use'],
    pin: number,
  ): Terminal => ({
    id,
    maxConductors: 2,
    use,
    form: 'pigtail',
    colour,
    pin,
    sizes: [0.14, 0.5],
  });
  return [
    lead('+12', 'RD', 'needed', 1),
    lead('0V', 'BK', 'needed', 2),
    lead('NC', 'OG', 'optional', 3),
    lead('COM', 'WH', 'optional', 4),
    lead('NO', 'YE', 'optional', 5),
    lead('SEN', 'BU', 'optional', 6),
    { ...lead('G', 'GY', 'optional', 7), maxConductors: 4 },
    lead('BUT', 'GN', 'optional', 8),
  ];
}
