import type { DeviceType, Terminal } from '../deviceType';
import type { Part } from '../parts';
import { board, choice, contact, each, needed, numberSetting, optional, PASSIVE } from '../build';

/** Intercom sets: one supply, any number of door and answering stations, four channels. */

const INTERCOM = { ...PASSIVE, family: 'intercom' } as const;
const audio = (...ids: string[]): Terminal[] =>
  each(optional(...ids), { carries: 'audio', maxConductors: 4 });
const CHANNELS = [1, 2, 3, 4];
const setName: DeviceType['settings'][number] = {
  id: 'set',
  label: 'intercom set',
  kind: 'text',
  role: 'set',
  format: 'letter',
  example: 'A',
  initial: 'A',
};

export const intercoms: readonly DeviceType[] = [
  {
    ...INTERCOM,
    id: 'intercom-door-station',
    name: 'Intercom door station',
    short: 'door station',
    description:
      'Speaks on its own numbered channel. With two cores its jumper joins E and negative; with three it must be out.',
    tagPrefix: 'DS',
    place: 'outside',
    terminals: [...audio('CH', 'E', '-')],
    parts: [
      board('CH', '-', { amps: 0.025 }, [5, 18], { id: 'speech' }),
      { kind: 'link', id: 'jumper', a: '-', b: 'E', when: { setting: 'jumper', is: ['in'] } },
    ],
    settings: [
      setName,
      numberSetting('channel', 'channel', '', [1, 4], 1),
      choice('jumper', 'jumper between E and negative', { in: 'in: two cores', out: 'out: three cores' }),
    ],
    roles: {
      intercom: {
        part: 'door-station',
        line: 'CH',
        common: 'E',
        minus: '-',
        channelSetting: 'channel',
        coresSetting: 'jumper',
      },
    },
    ip: 'IP54',
    symbol: 'station',
    interfaces: ['audio'],
  },
  {
    ...INTERCOM,
    id: 'intercom-answering-station',
    name: 'Intercom answering station, four channels',
    short: 'answering',
    description:
      'Answers up to four doors. Its key for a channel gives voltage to that door’s release relay while it is pressed.',
    tagPrefix: 'AS',
    place: 'inside',
    terminals: [
      ...each(needed('+', '-'), { maxConductors: 4 }),
      // The common is a bar: a station, a relay and a core for every channel come together here.
      ...each(audio('E'), { maxConductors: 12 }),
      ...audio(...CHANNELS.map(String)),
      ...each(optional(...CHANNELS.map((n) => `K${n}`)), { carries: 'signal', maxConductors: 4 }),
      ...audio('CALL', 'CI'),
    ],
    parts: [
      board('+', '-', { amps: 0.05 }, [10, 18]),
      { kind: 'link', id: 'common', a: 'E', b: '-' },
      ...CHANNELS.flatMap((n): Part[] => [
        { kind: 'resistor', id: `line${n}`, a: '+', b: String(n), ohms: 100 },
        contact(`key${n}`, 'NO', '+', `K${n}`, `key${n}`, 0.5, 'board'),
      ]),
      contact('call', 'NO', '+', 'CALL', 'calling', 0.2, 'board'),
      { kind: 'resistor', id: 'buzzer', a: 'CI', b: 'E', ohms: 1000 },
    ],
    settings: [setName],
    functions: [
      {
        kind: 'keys',
        keys: Object.fromEntries([...CHANNELS.map((n) => [String(n), `key${n}`]), ['call', 'calling']]),
      },
    ],
    roles: {
      intercom: {
        part: 'answering-station',
        plus: '+',
        minus: '-',
        common: 'E',
        channels: CHANNELS.map((n) => ({ line: String(n), key: `K${n}` })),
        call: 'CALL',
        callIn: 'CI',
      },
    },
    symbol: 'handset',
    interfaces: ['audio'],
  },
  {
    ...INTERCOM,
    id: 'intercom-supply',
    name: 'Intercom supply 14 V 1 A',
    short: 'intercom supply',
    description:
      'The one supply of an intercom set. A second one in the same set makes the stations hum or fail.',
    tagPrefix: 'IS',
    place: 'enclosure',
    terminals: each(needed('+', '-'), { maxConductors: 4, sizes: [0.22, 2.5] }),
    parts: [
      { kind: 'source', id: 'output', a: '+', b: '-', volts: 14, tolerance: 0.05, ohms: 0.15, maxAmps: 1 },
    ],
    settings: [setName],
    roles: { intercom: { part: 'supply', plus: '+', minus: '-' } },
    symbol: 'supply',
  },
  {
    ...INTERCOM,
    id: 'intercom-ac',
    name: 'Intercom handset with lock voltage, AC',
    short: 'AC intercom',
    description:
      'An older handset: while its key is pressed it puts 12 V AC on its lock terminals. Never straight onto a dry input.',
    tagPrefix: 'H',
    place: 'inside',
    terminals: [...needed('AC1', 'AC2'), ...optional('S1', 'S2')],
    parts: [
      board('AC1', 'AC2', { amps: 0.06 }, [8, 16], { current: 'ac' }),
      contact('key', 'NO', 'AC1', 'S1', 'pressed', 1, 'board'),
      { kind: 'link', id: 'return', a: 'AC2', b: 'S2' },
    ],
    functions: [{ kind: 'button', state: 'pressed' }],
    roles: { feed: { plus: 'AC1', minus: 'AC2' }, lockVoltage: { plus: 'S1', minus: 'S2' } },
    symbol: 'handset',
    interfaces: ['audio'],
  },
];
