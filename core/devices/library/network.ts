import type { Channel, DeviceType, Offline, Setting } from '../deviceType';
import { channelsOf, does } from '../functions';
import { board, busSettings, choice, each, needed, numberSetting, of, optional, PASSIVE } from '../build';

/** Address and hardware number of a device on the network, noted from its screen or label. */
export function networkSettings(): DeviceType['settings'] {
  return [
    {
      id: 'ip',
      label: 'network address',
      kind: 'text',
      role: 'ip',
      format: 'ipv4',
      example: '10.0.4.21',
      initial: '',
    },
    {
      id: 'mac',
      label: 'hardware number (MAC)',
      kind: 'text',
      role: 'mac',
      format: 'mac',
      example: '02:00:5e:10:00:21',
      initial: '',
    },
  ];
}

/** What still decides while the network is lost, in the words of a menu. */
const OFFLINE_WORDS: Readonly<Record<Offline, string>> = {
  keeps: 'goes on with the list it was sent last',
  facility: 'lets in every card of the site, known or not',
  refuses: 'lets nobody in; exits still work',
  nothing: 'does nothing: exits neither',
};

/** What a lockdown does here that is called for the whole site. */
const LOCKDOWN_WORDS = {
  ignores: 'goes on as before',
  heeds: 'nobody in, whoever is inside gets out',
} as const;

/** Every type that decides and has an address on the network is told by it, and has a menu for the time without it and for a lockdown of the site. */
export const withLink = (type: DeviceType): DeviceType =>
  does(type, 'decides') && type.settings.some(({ role }) => role === 'ip') && !does(type, 'link')
    ? {
        ...type,
        settings: [
          ...type.settings,
          { ...choice('offline', 'network lost', OFFLINE_WORDS, 'keeps'), role: 'offline' },
          choice('netLockdown', 'lockdown over the network', LOCKDOWN_WORDS, 'ignores'),
        ],
        functions: [
          ...type.functions,
          { kind: 'link', lostSetting: 'offline', lockdownSetting: 'netLockdown' },
        ],
      }
    : type;

/** How free passage begins, and what becomes of a card that comes in twice, in the words of a menu. */
const FREE_WORDS = {
  no: 'none: always locked',
  clock: 'by schedule',
  'first-in': 'first card in',
} as const;
const PASSBACK_WORDS = {
  no: 'off',
  reports: 'let in again, and reported',
  refuses: 'refused until it has gone out',
} as const;

/**
 * Whatever decides and is told over a network keeps hours, each of its doors its own; so does a controller without keys of its own: a
 * computer tells it who may pass, and when.
 */
export const withClock = (type: DeviceType): DeviceType =>
  does(type, 'decides') &&
  !does(type, 'clock') &&
  (does(type, 'link') || (type.family === 'controller' && !does(type, 'ownCodes')))
    ? {
        ...type,
        settings: [...type.settings, ...channelsOf(type).flatMap(clockSettings), ...frameSetting(type)],
        functions: [...type.functions, { kind: 'clock' }],
      }
    : type;

/** The frame that a controller makes a card of; what reads cards itself knows its own. */
const frameSetting = (type: DeviceType): Setting[] =>
  !does(type, 'ownCodes')
    ? [
        {
          id: 'frame',
          label: 'card format',
          kind: 'text',
          role: 'frame',
          format: 'frame',
          example: 'bits-26',
          initial: 'bits-26',
        },
      ]
    : [];

function clockSettings({ settings }: Channel, index: number, all: readonly Channel[]): Setting[] {
  const where = all.length > 1 ? `door ${index + 1}: ` : '';
  return [
    of(choice(`${settings}.free`, `${where}unlock schedule`, FREE_WORDS), 'free', index),
    of(choice(`${settings}.passback`, `${where}anti-passback`, PASSBACK_WORDS), 'passback', index),
    of(
      numberSetting(
        `${settings}.forgive`,
        `${where}anti-passback reset after, 0 for never`,
        'min',
        [0, 1440],
        0,
      ),
      'forgive',
      index,
    ),
  ];
}

/** Bridge between the network and a bus of readers. */
export const network: readonly DeviceType[] = [
  {
    ...PASSIVE,
    id: 'bus-converter',
    family: 'network',
    name: 'Network to RS-485 converter',
    short: 'converter',
    description:
      'Carries a reader bus over the network. It has an address there and ends the bus on its side.',
    tagPrefix: 'N',
    place: 'enclosure',
    terminals: [...needed('+12', '0V'), ...each(optional('A', 'B'), { carries: 'bus' })],
    parts: [board('+12', '0V', { amps: 0.12 }, [9, 26])],
    settings: [...networkSettings(), ...busSettings(5).slice(1)],
    roles: { feed: { plus: '+12', minus: '0V' } },
    symbol: 'network',
    interfaces: ['ethernet', 'rs485'],
  },
  {
    ...PASSIVE,
    id: 'bus-isolator',
    family: 'network',
    name: 'RS-485 isolator',
    short: 'isolator',
    description:
      'Carries a bus between buildings without joining their grounds. Each side counts as the end of its own line.',
    tagPrefix: 'N',
    place: 'enclosure',
    terminals: [
      ...needed('V+', 'V-'),
      ...each(optional('A1', 'B1', 'A2', 'B2'), { carries: 'bus' }),
      ...optional('G2'),
    ],
    parts: [board('V+', 'V-', { amps: 0.06 }, [9, 28])],
    roles: { feed: { plus: 'V+', minus: 'V-' } },
    symbol: 'network',
    interfaces: ['rs485'],
  },
  {
    ...PASSIVE,
    id: 'surge-arrester',
    family: 'network',
    name: 'Surge arrester for a bus pair, 12 V',
    short: 'surge arrester',
    description: 'Where a bus leaves the building: takes what lightning drives into the pair, to earth.',
    tagPrefix: 'SA',
    place: 'enclosure',
    terminals: [
      ...each(optional('A', 'B'), { carries: 'bus' }),
      ...each(optional('PE'), { earth: true, sizes: [0.5, 4] }),
    ],
    parts: [
      { kind: 'varistor', id: 'a', a: 'A', b: 'PE', clampVolts: 18, ohms: 1 },
      { kind: 'varistor', id: 'b', a: 'B', b: 'PE', clampVolts: 18, ohms: 1 },
    ],
    roles: { earth: 'PE' },
    symbol: 'varistor',
    interfaces: ['rs485'],
  },
  {
    ...PASSIVE,
    id: 'network-switch-plain',
    family: 'network',
    name: 'Network switch, no PoE, 12 V feed',
    short: 'network switch',
    description: 'Carries the network and feeds nothing: each device needs a supply of its own.',
    tagPrefix: 'N',
    place: 'enclosure',
    terminals: needed('+12', '0V'),
    parts: [board('+12', '0V', { watts: 5 }, [9, 30])],
    settings: networkSettings(),
    roles: { feed: { plus: '+12', minus: '0V' } },
    symbol: 'network',
    interfaces: ['ethernet'],
  },
  {
    ...PASSIVE,
    id: 'network-switch-poe',
    family: 'network',
    name: 'Network switch with PoE, 12 V feed',
    short: 'network switch',
    description: 'Feeds PoE devices as long as it has power itself: put it on a supply with battery.',
    tagPrefix: 'N',
    place: 'enclosure',
    terminals: needed('+12', '0V'),
    parts: [board('+12', '0V', { watts: 18 }, [10.5, 30])],
    settings: networkSettings(),
    roles: { feed: { plus: '+12', minus: '0V' } },
    symbol: 'network',
    interfaces: ['ethernet'],
  },
];
