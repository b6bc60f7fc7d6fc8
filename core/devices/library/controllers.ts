import type { Channel, DeviceType } from '../deviceType';
import type { Part } from '../parts';
import { changeover, channelTimes, dryInput, needed, optional } from '../build';

/** Terminals, parts and channel of one door of the two-door controller. */
function door(n: 1 | 2): { parts: Part[]; channel: Channel } {
  return {
    parts: [
      ...changeover(`k${n}`, { com: `COM${n}`, nc: `NC${n}`, no: `NO${n}` }, `relay${n}`, 5, 'board'),
      dryInput(`ex${n}`, `EX${n}`, `G${n}`, 'board'),
      dryInput(`dc${n}`, `DC${n}`, `G${n}`, 'board'),
      dryInput(`d0.${n}`, `D0-${n}`, `G${n}`, 'board'),
      dryInput(`d1.${n}`, `D1-${n}`, `G${n}`, 'board'),
      { kind: 'link', id: `g${n}`, a: '0V', b: `G${n}` },
    ],
    channel: {
      relay: `relay${n}`,
      exitInput: `ex${n}`,
      contactInput: `dc${n}`,
      d0Input: `d0.${n}`,
      d1Input: `d1.${n}`,
      settings: `ch${n}`,
    },
  };
}

const [one, two] = [door(1), door(2)];
const terminalsOf = (n: number) => [`COM${n}`, `NC${n}`, `NO${n}`, `EX${n}`, `DC${n}`, `D0-${n}`, `D1-${n}`];

export const controllers: readonly DeviceType[] = [
  {
    id: 'controller-2-dry',
    version: 1,
    family: 'controller',
    name: 'Two-door controller, dry contacts',
    short: 'controller',
    description: 'Two relays that only switch: the lock needs its own supply and a link to the common.',
    tagPrefix: 'K',
    place: 'enclosure',
    terminals: [
      ...needed('+12', '0V'),
      ...optional(...terminalsOf(1)),
      { id: 'G1', maxConductors: 4, use: 'optional' },
      ...optional(...terminalsOf(2)),
      { id: 'G2', maxConductors: 4, use: 'optional' },
    ],
    parts: [
      {
        kind: 'electronic',
        id: 'board',
        a: '+12',
        b: '0V',
        law: 'power',
        draw: 2.2,
        minVolts: 9,
        startVolts: 10,
        maxVolts: 15,
      },
      ...one.parts,
      ...two.parts,
    ],
    settings: [...channelTimes('ch1', 'door 1 '), ...channelTimes('ch2', 'door 2 ')],
    behaviour: { kind: 'controller', board: 'board', channels: [one.channel, two.channel] },
    roles: {
      feed: { plus: '+12', minus: '0V' },
      switches: [
        { com: 'COM1', nc: 'NC1', no: 'NO1' },
        { com: 'COM2', nc: 'NC2', no: 'NO2' },
      ],
      exitInputs: [
        { input: 'EX1', common: 'G1' },
        { input: 'EX2', common: 'G2' },
      ],
      contactInputs: [
        { input: 'DC1', common: 'G1' },
        { input: 'DC2', common: 'G2' },
      ],
      dataInputs: [
        { d0: 'D0-1', d1: 'D1-1' },
        { d0: 'D0-2', d1: 'D1-2' },
      ],
    },
  },
];

const keypadChannel: Channel = {
  relay: 'relay',
  exitInput: 'push',
  contactInput: null,
  d0Input: null,
  d1Input: null,
  settings: 'ch1',
};

/** Both keypads share the same terminals; they differ in the language spoken at their keys. */
const keypad = (id: string, name: string, description: string, language: string): DeviceType => ({
  id,
  version: 1,
  family: 'keypad',
  name,
  short: 'keypad',
  description,
  tagPrefix: 'K',
  place: 'outside',
  terminals: [...needed('+12', '0V'), ...optional('COM', 'NC', 'NO', 'PUSH', 'G')],
  parts: [
    {
      kind: 'electronic',
      id: 'board',
      a: '+12',
      b: '0V',
      law: 'current',
      draw: 0.06,
      minVolts: 9,
      startVolts: 10,
      maxVolts: 16,
    },
    ...changeover('k', { com: 'COM', nc: 'NC', no: 'NO' }, 'relay', 2, 'board'),
    dryInput('push', 'PUSH', 'G', 'board'),
    { kind: 'link', id: 'ground', a: '0V', b: 'G' },
  ],
  settings: channelTimes('ch1', '').filter((setting) => !/relock|held/.test(setting.id)),
  behaviour: { kind: 'keypad', board: 'board', channel: keypadChannel },
  roles: {
    feed: { plus: '+12', minus: '0V' },
    switches: [{ com: 'COM', nc: 'NC', no: 'NO' }],
    exitInputs: [{ input: 'PUSH', common: 'G' }],
  },
  language,
});

export const keypads: readonly DeviceType[] = [
  keypad(
    'keypad-slots',
    'Keypad, one relay, 999 slots',
    'Standalone keypad and card reader. Codes and cards live in numbered slots; each slot can be cleared.',
    'slots-1000',
  ),
  keypad(
    'keypad-overwrite',
    'Keypad, one relay, 99 slots, no clearing',
    'Standalone keypad. A slot cannot be cleared, only overwritten: keep its ledger.',
    'overwrite-100',
  ),
];
