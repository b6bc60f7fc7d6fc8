import type { DeviceType } from '../deviceType';
import {
  board,
  changeover,
  choice,
  dryInput,
  each,
  needed,
  numberSetting,
  optional,
  PASSIVE,
  channelOf,
  of,
} from '../build';

/** What lets a door go in an emergency, and relays that pass a signal from one circuit to another. */

const RELEASE = { ...PASSIVE, family: 'release' } as const;
export const GLASS = {
  ...RELEASE,
  short: 'break glass',
  tagPrefix: 'EB',
  place: 'inside',
  symbol: 'glass',
  functions: [{ kind: 'breakGlass', state: 'broken' }],
} as const;

export const pole = (n: number | '', state: string, maxAmps: number) =>
  changeover(`p${n || 1}`, { com: `${n}C`, nc: `${n}NC`, no: `${n}NO` }, state, maxAmps);
export const poleTerminals = (...ns: (number | '')[]) =>
  optional(...ns.flatMap((n) => [`${n}C`, `${n}NC`, `${n}NO`]));

const latch = choice('latch', 'latch', {
  latching: 'latching: reset by key',
  following: 'follows the fire panel',
});
/** How the panel works the relay: nobody sees it at the relay's contacts. */
const coil = choice('coil', 'coil', {
  unsaid: 'not said',
  'at-rest': 'energised until an alarm',
  'on-alarm': 'energised by an alarm',
});
const FIRE = {
  ...RELEASE,
  short: 'fire relay',
  tagPrefix: 'F',
  place: 'enclosure',
  symbol: 'flame',
  functions: [{ kind: 'fireRelay', state: 'alarm', latchSetting: 'latch', coilSetting: 'coil' }],
} as const;

export const releases: readonly DeviceType[] = [
  {
    ...GLASS,
    id: 'break-glass-double',
    name: 'Emergency break glass, double pole',
    description: 'Opens both legs of the lock supply. Reset with its key.',
    terminals: poleTerminals(1, 2),
    parts: [...pole(1, 'broken', 3), ...pole(2, 'broken', 3)],
    roles: {
      breakers: [
        { com: '1C', nc: '1NC' },
        { com: '2C', nc: '2NC' },
      ],
    },
  },
  {
    ...GLASS,
    id: 'break-glass-single',
    name: 'Emergency break glass, single pole',
    description: 'Opens one leg of the lock supply. Reset with its key.',
    terminals: poleTerminals(''),
    parts: pole('', 'broken', 3),
    roles: { breakers: [{ com: 'C', nc: 'NC' }] },
  },
  {
    ...GLASS,
    id: 'break-glass-triple',
    name: 'Emergency break glass, triple pole',
    description: 'Opens both legs of the lock supply and reports on the third pole.',
    terminals: poleTerminals(1, 2, 3),
    parts: [...pole(1, 'broken', 3), ...pole(2, 'broken', 3), ...pole(3, 'broken', 1)],
    roles: {
      breakers: [
        { com: '1C', nc: '1NC' },
        { com: '2C', nc: '2NC' },
      ],
    },
  },
  {
    ...GLASS,
    id: 'pull-station',
    name: 'Pull station, two circuits',
    short: 'pull station',
    description:
      'One circuit opens the lock’s power, the other shorts the alarm line. Each keeps to its own three terminals.',
    terminals: poleTerminals(1, 2),
    parts: [...pole(1, 'broken', 3), ...pole(2, 'broken', 1)],
    roles: { breakers: [{ com: '1C', nc: '1NC' }], alarmContact: { a: '2C', b: '2NO' } },
    symbol: 'pull',
  },
  {
    ...FIRE,
    id: 'fire-relay',
    name: 'Fire interface relay',
    description: 'Opens on a fire alarm. Latching: stays released until a person resets it with a key.',
    terminals: poleTerminals(''),
    parts: changeover('k', { com: 'C', nc: 'NC', no: 'NO' }, 'alarm', 5),
    settings: [latch, coil],
    roles: { breakers: [{ com: 'C', nc: 'NC' }] },
  },
  {
    ...FIRE,
    id: 'fire-relay-double',
    name: 'Fire interface relay, two poles',
    description: 'Opens both legs, or two doors, on a fire alarm.',
    terminals: poleTerminals(1, 2),
    parts: [
      ...changeover('k1', { com: '1C', nc: '1NC', no: '1NO' }, 'alarm', 5),
      ...changeover('k2', { com: '2C', nc: '2NC', no: '2NO' }, 'alarm', 5),
    ],
    settings: [latch, coil],
    roles: {
      breakers: [
        { com: '1C', nc: '1NC' },
        { com: '2C', nc: '2NC' },
      ],
    },
  },
  {
    ...RELEASE,
    id: 'alarm-monitor',
    name: 'Alarm monitor module, 12/24 V',
    short: 'monitor module',
    description:
      'Watches a pair ended by 10 kΩ: the resistor is normal, a short is an alarm, an open pair is trouble.',
    tagPrefix: 'M',
    place: 'enclosure',
    terminals: [...needed('V+', 'V-'), ...each(optional('L1', 'L2'), { carries: 'signal' })],
    parts: [
      board('V+', 'V-', { amps: 0.01 }, [9, 30]),
      {
        ...dryInput('line', 'L1', 'L2', 'board'),
        pullOhms: 10_000,
        supervised: { closed: [0, 0.2], open: [0.4, 0.6] },
      },
      { kind: 'link', id: 'common', a: 'L2', b: 'V-' },
    ],
    roles: { feed: { plus: 'V+', minus: 'V-' }, alarmInput: { input: 'L1', common: 'L2' } },
    symbol: 'flame',
  },
];

export const RELAY = {
  ...PASSIVE,
  family: 'relay',
  tagPrefix: 'Q',
  place: 'enclosure',
  symbol: 'relay',
} as const;

export const relays: readonly DeviceType[] = [
  {
    ...RELAY,
    id: 'relay-interposing',
    name: 'Interposing relay, two poles, 12-28 V AC/DC',
    short: 'interposing relay',
    description: 'Turns a voltage, direct or alternating, into two dry contacts.',
    terminals: [...needed('A1', 'A2'), ...poleTerminals(1, 2)],
    parts: [
      {
        kind: 'coil',
        id: 'coil',
        a: 'A1',
        b: 'A2',
        ohms: 320,
        pullInVolts: 9,
        dropOutVolts: 3,
        maxVolts: 30,
        suppressed: true,
        current: 'both',
      },
      ...pole(1, 'coil', 5),
      ...pole(2, 'coil', 5),
    ],
    roles: {
      coil: { plus: 'A1', minus: 'A2' },
      poles: [
        { com: '1C', nc: '1NC', no: '1NO' },
        { com: '2C', nc: '2NC', no: '2NO' },
      ],
    },
  },
  {
    ...RELAY,
    id: 'relay-12v',
    name: 'Relay, one pole, 12 V DC, unsuppressed coil',
    short: 'relay',
    description: 'A plain relay. Its coil wants a diode across it.',
    terminals: [...needed('A1', 'A2'), ...optional('C', 'NC', 'NO')],
    parts: [
      {
        kind: 'coil',
        id: 'coil',
        a: 'A1',
        b: 'A2',
        ohms: 160,
        pullInVolts: 9,
        dropOutVolts: 2,
        maxVolts: 15,
        suppressed: false,
      },
      ...pole('', 'coil', 10),
    ],
    roles: { coil: { plus: 'A1', minus: 'A2' }, poles: [{ com: 'C', nc: 'NC', no: 'NO' }] },
  },
  {
    ...RELAY,
    id: 'relay-24v',
    name: 'Relay, one pole, 24 V DC, with diode',
    short: 'relay, 24 V',
    description: 'A plain relay for 24 V; the diode across its coil makes it polarised: positive on A1.',
    terminals: [...needed('A1', 'A2'), ...optional('C', 'NC', 'NO')],
    parts: [
      {
        kind: 'coil',
        id: 'coil',
        a: 'A1',
        b: 'A2',
        ohms: 640,
        pullInVolts: 17,
        dropOutVolts: 3,
        maxVolts: 30,
        suppressed: true,
      },
      ...pole('', 'coil', 10),
    ],
    roles: { coil: { plus: 'A1', minus: 'A2' }, poles: [{ com: 'C', nc: 'NC', no: 'NO' }] },
  },
  {
    ...RELAY,
    id: 'relay-double-12v',
    name: 'Relay, two poles, 12 V DC, in a socket',
    short: 'two-pole relay',
    description: 'One pole for the lock, one to tell: both move together.',
    terminals: [...needed('A1', 'A2'), ...poleTerminals(1, 2)],
    parts: [
      {
        kind: 'coil',
        id: 'coil',
        a: 'A1',
        b: 'A2',
        ohms: 170,
        pullInVolts: 9,
        dropOutVolts: 1.5,
        maxVolts: 15,
        suppressed: false,
      },
      ...pole(1, 'coil', 8),
      ...pole(2, 'coil', 8),
    ],
    roles: {
      coil: { plus: 'A1', minus: 'A2' },
      poles: [
        { com: '1C', nc: '1NC', no: '1NO' },
        { com: '2C', nc: '2NC', no: '2NO' },
      ],
    },
  },
  {
    ...RELAY,
    id: 'relay-timer',
    name: 'Timer relay, 12/24 V',
    short: 'timer relay',
    description:
      'Holds for the time on its dial after its trigger closes: keeps a door free longer than a key is pressed.',
    terminals: [...needed('V+', 'V-'), ...optional('TR', 'COM', 'NC', 'NO')],
    parts: [
      board('V+', 'V-', { amps: 0.03 }, [10, 30]),
      dryInput('trigger', 'TR', 'V-', 'board'),
      ...changeover('k', { com: 'COM', nc: 'NC', no: 'NO' }, 'relay', 5, 'board'),
    ],
    settings: [of(numberSetting('t.exit', 'relay time', 's', [1, 99], 5), 'exit', 0)],
    functions: [
      {
        kind: 'timer',
        board: 'board',
        channel: channelOf({ relay: 'relay', exitInput: 'trigger', exitSense: 'level', settings: 't' }),
      },
    ],
    roles: { feed: { plus: 'V+', minus: 'V-' } },
    symbol: 'timer',
  },
];
