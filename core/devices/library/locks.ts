import type { DeviceType } from '../deviceType';
import type { PartOf } from '../parts';
import { choice, contact, needed, optional, PASSIVE, pigtails, voltageJumper } from '../build';

/** A value for each position of the voltage jumper. */
export const jumper = (at12: number) => ({ setting: 'voltage', values: { '12': at12, '24': at12 * 2 } });
/** A winding takes four times the ohms at twice the volts, for the same watts. */
const jumperOhms = (at12: number) => ({ setting: 'voltage', values: { '12': at12, '24': at12 * 4 } });

export const winding = (id: string, a: string, b: string, ohmsAt12: number): PartOf<'load'> => ({
  kind: 'load',
  id,
  a,
  b,
  ohms: jumperOhms(ohmsAt12),
  maxVolts: jumper(15),
  suppressed: true,
});

export const solenoid = (ohmsAt12: number, over: Partial<PartOf<'coil'>> = {}): PartOf<'coil'> => ({
  kind: 'coil',
  id: 'solenoid',
  a: '+',
  b: '-',
  ohms: jumperOhms(ohmsAt12),
  pullInVolts: jumper(10.2),
  dropOutVolts: jumper(3),
  maxVolts: jumper(15),
  suppressed: false,
  ...over,
});

export const modeScrew = choice('mode', 'fail-safe or fail-secure', {
  'fail-secure': 'fail-secure: stays locked without power',
  'fail-safe': 'fail-safe: unlocks without power',
});

export const magnet = (forceNewtons: number, parts: readonly string[] = ['winding']): DeviceType['lock'] => ({
  kind: 'magnet',
  parts,
  forceNewtons,
  ratedVolts: jumper(12),
  holdShare: 0.85,
  freeNewtons: 150,
});

export const LOCK = {
  ...PASSIVE,
  family: 'lock',
  tagPrefix: 'L',
  place: 'frame',
} as const;

export const byScrew = {
  kind: 'strike',
  mode: { by: 'setting', setting: 'mode', coil: 'solenoid' },
  duty: 'continuous',
} as const;
const ends = { plus: '+', minus: '-' };

export const locks: readonly DeviceType[] = [
  {
    ...LOCK,
    id: 'magnet-lock',
    name: 'Magnet lock, single, 12/24 V',
    short: 'magnet lock',
    description: 'Holds the door closed with 2700 N while it has power. Unlocks without power.',
    terminals: needed('+', '-'),
    parts: [winding('winding', '+', '-', 27.9)],
    settings: [voltageJumper],
    lock: magnet(2700),
    roles: { lock: ends },
    ip: 'IP40',
    symbol: 'magnet',
  },
  {
    ...LOCK,
    id: 'magnet-lock-monitored',
    name: 'Magnet lock, monitored, 12/24 V',
    short: 'monitored magnet',
    description: 'A magnet with a bond contact: COM to NO only while it really holds the armature.',
    terminals: [...needed('+', '-'), ...optional('COM', 'NO', 'NC')],
    parts: [
      {
        ...solenoid(24),
        id: 'winding',
        dropOutVolts: jumper(9),
        suppressed: true,
      },
      { ...contact('bond.no', 'NO', 'COM', 'NO', 'winding', 0.3), unless: 'doorOpen' },
      { ...contact('bond.nc', 'NC', 'COM', 'NC', 'winding', 0.3), unless: 'doorOpen' },
    ],
    settings: [voltageJumper],
    lock: magnet(5300),
    roles: { lock: ends, statusContact: { a: 'COM', b: 'NO' } },
    ip: 'IP40',
    symbol: 'magnet',
  },
  {
    ...LOCK,
    id: 'magnet-lock-double',
    name: 'Magnet lock, double, 12/24 V',
    short: 'double magnet',
    description: 'Two windings for a pair of leaves. Each is fed by its own terminals.',
    terminals: needed('1+', '1-', '2+', '2-'),
    parts: [winding('winding1', '1+', '1-', 27.9), winding('winding2', '2+', '2-', 27.9)],
    settings: [voltageJumper],
    lock: magnet(2700, ['winding1', 'winding2']),
    roles: { lock: { plus: '1+', minus: '1-' }, lockToo: [{ plus: '2+', minus: '2-' }] },
    ip: 'IP40',
    symbol: 'magnet',
  },
  {
    ...LOCK,
    id: 'magnet-lock-cabinet',
    name: 'Cabinet magnet, 12 V',
    short: 'cabinet magnet',
    description: 'A small magnet of 300 N for drawers and display cases. Unlocks without power.',
    terminals: pigtails('needed', { '+': 'RD', '-': 'BK' }),
    parts: [{ ...winding('winding', '+', '-', 100), ohms: 100, maxVolts: 14 }],
    lock: {
      kind: 'magnet',
      parts: ['winding'],
      forceNewtons: 300,
      ratedVolts: 12,
      holdShare: 0.85,
      freeNewtons: 60,
    },
    roles: { lock: ends },
    symbol: 'magnet',
  },
  {
    ...LOCK,
    id: 'strike',
    name: 'Electric strike, selectable, 12/24 V DC',
    short: 'strike',
    description: 'Keeps the latch of a mechanical lock. Fail-safe or fail-secure by a screw on its face.',
    terminals: needed('+', '-'),
    parts: [solenoid(48)],
    settings: [modeScrew, voltageJumper],
    lock: byScrew,
    roles: { lock: ends },
    symbol: 'strike',
  },
  {
    ...LOCK,
    id: 'strike-fail-secure',
    name: 'Electric strike, fail-secure, 12 V DC',
    short: 'strike',
    description: 'Stays locked without power; power releases the latch. For a short release only.',
    terminals: pigtails('needed', { '+': 'RD', '-': 'BK' }),
    parts: [solenoid(30, { ohms: 30, pullInVolts: 10.2, dropOutVolts: 2.5, maxVolts: 14 })],
    lock: {
      kind: 'strike',
      mode: { by: 'build', state: 'fail-secure', coil: 'solenoid' },
      duty: { seconds: 60 },
    },
    roles: { lock: ends },
    symbol: 'strike',
  },
  {
    ...LOCK,
    id: 'strike-fail-safe-24',
    name: 'Electric strike, fail-safe, 24 V DC, full duty',
    short: 'strike',
    description: 'Unlocks without power. Made to be fed all day; draws 0.18 A at 24 V.',
    terminals: needed('+', '-'),
    parts: [solenoid(133, { ohms: 133, pullInVolts: 20.4, dropOutVolts: 6, maxVolts: 29 })],
    lock: {
      kind: 'strike',
      mode: { by: 'build', state: 'fail-safe', coil: 'solenoid' },
      duty: 'continuous',
    },
    roles: { lock: ends },
    symbol: 'strike',
  },
  {
    ...LOCK,
    id: 'strike-ac',
    name: 'Electric strike, fail-secure, 8-14 V AC/DC',
    short: 'strike, AC',
    description: 'The classic entry strike: buzzes on AC, silent on DC. Stays locked without power.',
    terminals: needed('1', '2'),
    parts: [
      solenoid(12, {
        a: '1',
        b: '2',
        ohms: 14,
        pullInVolts: 7.5,
        dropOutVolts: 3,
        maxVolts: 15,
        current: 'both',
      }),
    ],
    lock: {
      kind: 'strike',
      mode: { by: 'build', state: 'fail-secure', coil: 'solenoid' },
      duty: { seconds: 60 },
    },
    roles: { lock: { plus: '1', minus: '2' } },
    symbol: 'strike',
  },
  {
    ...LOCK,
    id: 'strike-monitored',
    name: 'Electric strike, selectable, latch contact, 12/24 V DC',
    short: 'monitored strike',
    description: 'As the selectable strike, with a contact that is closed while a latch is in the keep.',
    terminals: [...needed('+', '-'), ...optional('LC', 'LNO')],
    parts: [solenoid(48), contact('latch', 'NC', 'LC', 'LNO', 'doorOpen', 0.3)],
    settings: [modeScrew, voltageJumper],
    lock: byScrew,
    roles: { lock: ends, statusContact: { a: 'LC', b: 'LNO' } },
    symbol: 'strike',
  },
  {
    ...LOCK,
    id: 'mortise-lock',
    name: 'Electrified mortise lock, 12 V, many cores',
    short: 'mortise lock',
    description:
      'A lever lock with a motor coupling. The feed terminal decides: FS unlocks without power, FSE stays locked. Inside, the lever always opens.',
    terminals: [
      ...pigtails('optional', { FS: 'RD', FSE: 'OG' }),
      ...pigtails('needed', { '-': 'BK' }, 3),
      ...pigtails('optional', { COM: 'WH', LEVER: 'YE', CYL: 'GN', BOLT: 'BU', OUT: 'VT' }, 4),
    ],
    parts: [
      solenoid(60, { id: 'safe', a: 'FS', ohms: 60, pullInVolts: 10, dropOutVolts: 4, maxVolts: 15 }),
      solenoid(60, { id: 'secure', a: 'FSE', ohms: 60, pullInVolts: 10, dropOutVolts: 4, maxVolts: 15 }),
      contact('lever', 'NO', 'COM', 'LEVER', 'turned', 0.2),
      contact('cylinder', 'NO', 'COM', 'CYL', 'keyed', 0.2),
      contact('bolt', 'NO', 'COM', 'BOLT', 'boltIn', 0.2),
      contact('out', 'NC', 'COM', 'OUT', 'doorOpen', 0.2),
    ],
    functions: [{ kind: 'lever', state: 'turned' }],
    lock: {
      kind: 'strike',
      mode: {
        by: 'terminal',
        safe: { coil: 'safe', terminal: 'FS' },
        secure: { coil: 'secure', terminal: 'FSE' },
      },
      keepsLatch: true,
      duty: 'continuous',
    },
    roles: {
      lockBy: { 'fail-safe': { plus: 'FS', minus: '-' }, 'fail-secure': { plus: 'FSE', minus: '-' } },
      exitContact: { a: 'LEVER', b: 'COM' },
      statusContact: { a: 'OUT', b: 'COM' },
    },
    symbol: 'mortise',
  },
  {
    ...LOCK,
    id: 'electric-bolt',
    name: 'Electric bolt, fail-safe, 12 V',
    short: 'electric bolt',
    description:
      'Throws a bolt into the frame while it has power. It jams when thrown before the door is closed.',
    terminals: [
      ...pigtails('needed', { '+': 'RD', '-': 'BK' }),
      ...pigtails('optional', { SC: 'GN', SNO: 'WH' }, 3),
    ],
    parts: [
      solenoid(16, { ohms: 18, pullInVolts: 10.5, dropOutVolts: 3, maxVolts: 14.5 }),
      contact('sensor', 'NC', 'SC', 'SNO', 'doorOpen', 0.2),
    ],
    lock: {
      kind: 'strike',
      mode: { by: 'build', state: 'fail-safe', coil: 'solenoid' },
      jams: true,
      noHandle: true,
      duty: 'continuous',
    },
    roles: { lock: ends, statusContact: { a: 'SC', b: 'SNO' } },
    symbol: 'bolt',
    inrush: 2,
  },
  {
    ...LOCK,
    id: 'shear-lock',
    name: 'Shear lock, 12/24 V',
    short: 'shear lock',
    description:
      'A hidden magnet with steps that carry 5300 N sideways. It jams if it fires before the door is fully closed.',
    terminals: [...needed('+', '-'), ...optional('SC', 'SNO')],
    parts: [
      solenoid(20, { id: 'solenoid', dropOutVolts: jumper(7), suppressed: true }),
      contact('sensor', 'NC', 'SC', 'SNO', 'doorOpen', 0.3),
    ],
    settings: [voltageJumper],
    lock: {
      kind: 'strike',
      mode: { by: 'build', state: 'fail-safe', coil: 'solenoid' },
      jams: true,
      noHandle: true,
      duty: 'continuous',
    },
    roles: { lock: ends, statusContact: { a: 'SC', b: 'SNO' } },
    symbol: 'shear',
  },
  {
    ...LOCK,
    id: 'exit-bar-electric',
    name: 'Panic bar with electric latch retraction, 24 V',
    short: 'electric panic bar',
    description: 'Power pulls the latch back; dead it stays latched, and the bar always opens from inside.',
    terminals: needed('+', '-'),
    parts: [solenoid(32, { ohms: 32, pullInVolts: 21, dropOutVolts: 8, maxVolts: 28 })],
    place: 'inside',
    lock: {
      kind: 'strike',
      mode: { by: 'build', state: 'fail-secure', coil: 'solenoid' },
      duty: 'continuous',
    },
    roles: { lock: ends },
    symbol: 'bar',
    inrush: 4,
  },
  {
    ...LOCK,
    id: 'gate-lock',
    name: 'Gate lock, fail-secure, 12 V, weatherproof',
    short: 'gate lock',
    description: 'A rim lock for gates: an impulse of power releases the latch, a spring throws it again.',
    terminals: each2(needed('+', '-')),
    parts: [solenoid(15, { ohms: 15, pullInVolts: 9.5, dropOutVolts: 2, maxVolts: 14.5 })],
    lock: {
      kind: 'strike',
      mode: { by: 'build', state: 'fail-secure', coil: 'solenoid' },
      duty: { seconds: 30 },
    },
    roles: { lock: ends },
    ip: 'IP55',
    symbol: 'gate',
  },
];

/** Gate terminals take thicker wire: the cable is long. */
function each2(terminals: DeviceType['terminals']): DeviceType['terminals'] {
  return terminals.map((terminal) => ({ ...terminal, sizes: [0.5, 2.5] }));
}
