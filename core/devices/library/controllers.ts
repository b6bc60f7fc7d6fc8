import type { BusPort, Channel, DeviceType, Roles, Terminal } from '../deviceType';
import type { Part, PartOf } from '../parts';
import {
  board,
  changeover,
  channelOf,
  channelTimes,
  choice,
  contact,
  dryInput,
  each,
  needed,
  numberSetting,
  of,
  optional,
  PASSIVE,
  supervisedInput,
  supervisionSetting,
} from '../build';
import { networkSettings } from './network';

export const CONTROLLER = {
  ...PASSIVE,
  family: 'controller',
  short: 'controller',
  tagPrefix: 'K',
  place: 'enclosure',
  symbol: 'controller',
  capacity: { users: 10_000, cards: 20_000 },
} as const;

/** Terminals, parts, channel and roles of one door of a controller; n is printed on its terminals. */
export interface DoorPart {
  readonly terminals: readonly Terminal[];
  readonly parts: readonly Part[];
  readonly channel: Channel;
  readonly roles: Roles;
}

const data = (...ids: string[]): Terminal[] => each(optional(...ids), { carries: 'data' });
const signal = (...ids: string[]): Terminal[] => each(optional(...ids), { carries: 'signal' });
const common = (id: string): Terminal => ({ ...optional(id)[0]!, maxConductors: 4 });

/** A dry relay, an exit input, a door contact input and one or two Wiegand ports. */
export function dryDoor(
  n: number | '',
  { supervised = false, inner = false, wiegand = true } = {},
): DoorPart {
  const pins = { com: `COM${n}`, nc: `NC${n}`, no: `NO${n}` };
  const ground = `G${n}`;
  const lines = wiegand ? [`D0-${n || 1}`, `D1-${n || 1}`] : [];
  const innerLines = inner ? [`D0-${n || 1}i`, `D1-${n || 1}i`] : [];
  const contactInput = supervised
    ? supervisedInput(`dc${n}`, `DC${n}`, ground, 'board', `ch${n || 1}.eol`)
    : [dryInput(`dc${n}`, `DC${n}`, ground, 'board')];
  return {
    terminals: [
      ...optional(pins.com, pins.nc, pins.no),
      ...signal(`EX${n}`, `DC${n}`),
      ...data(...lines, ...innerLines),
      common(ground),
    ],
    parts: [
      ...changeover(`k${n}`, pins, `relay${n}`, 5, 'board'),
      dryInput(`ex${n}`, `EX${n}`, ground, 'board'),
      ...contactInput,
      ...[...lines, ...innerLines].map((line) =>
        dryInput(line.toLowerCase().replace('-', '.'), line, ground, 'board'),
      ),
      { kind: 'link', id: `g${n}`, a: '0V', b: ground },
    ],
    channel: channelOf({
      relay: `relay${n}`,
      exitInput: `ex${n}`,
      contactInput: `dc${n}`,
      settings: `ch${n || 1}`,
      ...(wiegand ? { d0Input: `d0.${n || 1}`, d1Input: `d1.${n || 1}` } : {}),
      ...(inner ? { inner: { d0Input: `d0.${n || 1}i`, d1Input: `d1.${n || 1}i` } } : {}),
    }),
    roles: {
      switches: [pins],
      exitInputs: [{ input: `EX${n}`, common: ground }],
      contactInputs: [{ input: `DC${n}`, common: ground }],
      ...(wiegand ? { dataInputs: [{ d0: lines[0] ?? '', d1: lines[1] ?? '' }] } : {}),
      ...(inner ? { innerDataInputs: [{ d0: innerLines[0] ?? '', d1: innerLines[1] ?? '' }] } : {}),
    },
  };
}

/** The same list of every door's roles, in order. */
export function rolesOf(doors: readonly DoorPart[], feed: Roles['feed']): Roles {
  const all = <K extends keyof Roles>(key: K) =>
    doors.flatMap((door) => (door.roles[key] as readonly unknown[] | undefined) ?? []) as unknown as Roles[K];
  const keys = [
    'switches',
    'exitInputs',
    'contactInputs',
    'dataInputs',
    'innerDataInputs',
    'statusInputs',
    'wet',
  ] as const;
  const lists = Object.fromEntries(
    keys.map((key) => [key, all(key)]).filter(([, list]) => (list as unknown[]).length > 0),
  );
  return { ...(feed ? { feed } : {}), ...lists };
}

/** A point-to-point serial port: what one end transmits the other receives. */
export const SERIAL: BusPort = {
  a: 'TX',
  b: 'RX',
  common: '0V',
  addressSetting: null,
  terminatorSetting: null,
  unitLoads: 1,
  crossed: true,
};

/** A pair of wires that every reader of the controller hangs on. */
export const RS485_HOST: BusPort = {
  a: 'A',
  b: 'B',
  common: '0V',
  addressSetting: null,
  terminatorSetting: 'terminator',
  unitLoads: 1,
};

const dryController = (
  id: string,
  count: number,
  name: string,
  description: string,
  options: Parameters<typeof dryDoor>[1] & { bus?: boolean; serial?: boolean },
): DeviceType => {
  const doors = Array.from({ length: count }, (_, index) => dryDoor(index + 1, options));
  const eol = options.supervised
    ? doors.map((_, index) =>
        supervisionSetting(`ch${index + 1}.eol`, `door ${index + 1} contact watched by`, index),
      )
    : [];
  const bus = options.bus
    ? {
        terminals: [...each(optional('A', 'B'), { carries: 'bus' as const })],
        settings: [
          choice('terminator', 'bus terminator', { on: 'on: this is the first device', off: 'off' }),
        ],
      }
    : {
        terminals: options.serial ? each(optional('TX', 'RX'), { carries: 'bus' as const }) : [],
        settings: [],
      };
  return {
    ...CONTROLLER,
    id,
    name,
    description,
    terminals: [...needed('+12', '0V'), ...doors.flatMap((door) => door.terminals), ...bus.terminals],
    parts: [
      board('+12', '0V', { watts: 1.4 + 0.4 * count }, [9, 15], { startVolts: 10 }),
      ...doors.flatMap((door) => door.parts),
    ],
    settings: [
      ...doors.flatMap((_, i) => channelTimes(`ch${i + 1}`, `door ${i + 1} `, i)),
      ...eol,
      ...bus.settings,
      ...(options.bus ? networkSettings() : []),
    ],
    functions: [
      { kind: 'decides', board: 'board', channels: doors.map((door) => door.channel) },
      ...(options.serial ? [{ kind: 'busHost', board: 'board', bus: SERIAL } as const] : []),
      ...(options.bus ? [{ kind: 'busHost', board: 'board', bus: RS485_HOST } as const] : []),
    ],
    roles: rolesOf(doors, { plus: '+12', minus: '0V' }),
    interfaces: options.bus
      ? ['ethernet', 'rs485', 'dry-input']
      : options.serial
        ? ['serial', 'dry-input']
        : ['wiegand', 'dry-input'],
  };
};

/** What a PoE switch gives through the controller's own regulator. */
const POE: PartOf<'source'> = {
  kind: 'source',
  id: 'poe',
  a: '+12',
  b: '0V',
  volts: 12.1,
  tolerance: 0.03,
  ohms: 0.1,
  maxAmps: 1.2,
};

/** One-door controller fed over the network, with a jumper between a wet and a dry lock output. */
function poeController(): DeviceType {
  const door = dryDoor('', { inner: true });
  return {
    ...CONTROLLER,
    id: 'controller-1-poe',
    poe: { class: 4 },
    name: 'One-door controller, PoE, wet or dry by jumper',
    description:
      'Fed by its network cable. With the jumper on wet the relay common already has 12 V: no link then. Readers may hang on both sides.',
    terminals: [
      ...each(optional('+12', '0V'), { maxConductors: 4 }),
      ...door.terminals,
      ...each(optional('S'), { carries: 'signal' }),
    ],
    parts: [
      { ...POE, when: { setting: 'switch', is: ['plain'] } },
      {
        ...POE,
        when: { setting: 'switch', is: ['battery'] },
        battery: { ampHours: 9, fullVolts: 12.1, cutOffVolts: 11.9, ohms: 0.05 },
      },
      board('+12', '0V', { watts: 2.4 }, [9, 15], { startVolts: 10 }),
      { kind: 'link', id: 'wet', a: '+12', b: 'COM', when: { setting: 'output', is: ['wet'] } },
      ...door.parts,
      dryInput('status', 'S', 'G', 'board'),
    ],
    settings: [
      of(
        choice('output', 'lock output jumper', {
          wet: 'wet: 12 V on the common',
          dry: 'dry: a plain contact',
        }),
        'output',
      ),
      choice('switch', 'network switch', { battery: 'on a battery', plain: 'dead when the mains fails' }),
      of(numberSetting('hours', 'hours asked of its battery', 'h', [0, 72], 4), 'hours'),
      ...networkSettings(),
      ...channelTimes('ch1', ''),
    ],
    functions: [{ kind: 'decides', board: 'board', channels: [door.channel] }],
    roles: {
      ...rolesOf([door], undefined),
      supply: { plus: '+12', minus: '0V' },
      wet: [{ 'fail-safe': { plus: 'NC', minus: '0V' }, 'fail-secure': { plus: 'NO', minus: '0V' } }],
      statusInputs: [{ input: 'S', common: 'G' }],
    },
    interfaces: ['ethernet', 'wiegand', 'dry-input'],
  };
}

/** Two doors with outputs that feed the lock, switching its minus. */
function wetController(): DeviceType {
  const doors = [1, 2].map((n): DoorPart => {
    const dry = dryDoor(n);
    const { switches: _none, ...roles } = dry.roles;
    return {
      terminals: [...dry.terminals.slice(3), ...optional(`L${n}+`, `L${n}-NC`, `L${n}-NO`)],
      parts: [
        ...dry.parts.filter((part) => part.kind !== 'contact'),
        { kind: 'link', id: `feed${n}`, a: '+12', b: `L${n}+` },
        contact(`k${n}.nc`, 'NC', `L${n}-NC`, '0V', `relay${n}`, 2, 'board'),
        contact(`k${n}.no`, 'NO', `L${n}-NO`, '0V', `relay${n}`, 2, 'board'),
      ],
      channel: dry.channel,
      roles: {
        ...roles,
        wet: [
          {
            'fail-safe': { plus: `L${n}+`, minus: `L${n}-NC` },
            'fail-secure': { plus: `L${n}+`, minus: `L${n}-NO` },
          },
        ],
      },
    };
  });
  return {
    ...CONTROLLER,
    id: 'controller-2-wet',
    name: 'Two-door controller, wet outputs, switched negative',
    description:
      'Feeds the lock itself. The negative terminal of each output is switched: a lock on any other return never switches.',
    terminals: [
      ...each(needed('+12', '0V'), { maxConductors: 4, sizes: [0.22, 2.5] }),
      ...doors.flatMap((door) => door.terminals),
    ],
    parts: [
      board('+12', '0V', { watts: 2.4 }, [9, 15], { startVolts: 10 }),
      ...doors.flatMap((door) => door.parts),
    ],
    settings: [...channelTimes('ch1', 'door 1 '), ...channelTimes('ch2', 'door 2 ', 1)],
    functions: [{ kind: 'decides', board: 'board', channels: doors.map((door) => door.channel) }],
    roles: rolesOf(doors, { plus: '+12', minus: '0V' }),
    interfaces: ['wiegand', 'dry-input'],
  };
}

export const controllers: readonly DeviceType[] = [
  dryController(
    'controller-2-dry',
    2,
    'Two-door controller, dry contacts',
    'Two relays that only switch: the lock needs its own supply and a link to the common.',
    {},
  ),
  dryController(
    'controller-1-dry',
    1,
    'One-door controller, dry contact, readers on both sides',
    'One relay and two reader ports, in and out; its door contact may be watched by end-of-line resistors.',
    { inner: true, supervised: true },
  ),
  dryController(
    'controller-4-dry',
    4,
    'Four-door controller, dry contacts, supervised inputs',
    'Four relays that only switch. Each door contact may be watched by end-of-line resistors.',
    { supervised: true },
  ),
  dryController(
    'controller-2-bus',
    2,
    'Two-door controller, readers on an RS-485 bus',
    'An address on the network, and two dry relays. Readers share one pair of wires and are told apart by their address: odd for door 1, even for door 2.',
    { wiegand: false, bus: true, supervised: true },
  ),
  dryController(
    'controller-1-serial',
    1,
    'One-door controller, serial reader',
    'One dry relay. Its reader talks on a serial line: transmit to receive, crossed, with a common 0 V.',
    { wiegand: false, serial: true },
  ),
  poeController(),
  wetController(),
];
