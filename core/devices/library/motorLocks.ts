import type { DeviceType } from '../deviceType';
import { contact, needed, optional, pigtails, voltageJumper } from '../build';
import { byScrew, jumper, LOCK, magnet, modeScrew, solenoid, winding } from './locks';

/** More locks: magnets by force and weather, bolts and strikes by voltage, mortise locks and what drives them. */

const ends = { plus: '+', minus: '-' };
const built = (state: 'fail-safe' | 'fail-secure') =>
  ({ kind: 'strike', mode: { by: 'build', state, coil: 'solenoid' }, duty: 'continuous' }) as const;

export const motorLocks: readonly DeviceType[] = [
  {
    ...LOCK,
    id: 'magnet-lock-small',
    name: 'Magnet lock, 1200 N, 12/24 V',
    short: 'small magnet',
    description: 'For light inner doors: a strong person pulls it open. Unlocks without power.',
    terminals: needed('+', '-'),
    parts: [winding('winding', '+', '-', 40)],
    settings: [voltageJumper],
    lock: magnet(1200),
    roles: { lock: ends },
    ip: 'IP40',
    symbol: 'magnet',
  },
  {
    ...LOCK,
    id: 'magnet-lock-weather',
    name: 'Magnet lock, 5300 N, sealed, on leads, 12/24 V',
    short: 'sealed magnet',
    description: 'Cast in resin for gates and outside doors. Unlocks without power.',
    terminals: pigtails('needed', { '+': 'RD', '-': 'BK' }),
    parts: [winding('winding', '+', '-', 22)],
    settings: [voltageJumper],
    lock: magnet(5300),
    roles: { lock: ends },
    ip: 'IP67',
    symbol: 'magnet',
  },
  {
    ...LOCK,
    id: 'electric-bolt-secure',
    name: 'Electric bolt, fail-secure, 12 V',
    short: 'electric bolt',
    description:
      'Draws its bolt back while it has power, and stays thrown without power. Never the only way out.',
    terminals: pigtails('needed', { '+': 'RD', '-': 'BK' }),
    parts: [solenoid(16, { ohms: 18, pullInVolts: 10.5, dropOutVolts: 3, maxVolts: 14.5 })],
    lock: { ...built('fail-secure'), jams: true, noHandle: true },
    roles: { lock: ends },
    symbol: 'bolt',
    inrush: 2,
  },
  {
    ...LOCK,
    id: 'strike-fail-secure-24',
    name: 'Electric strike, fail-secure, 24 V DC, full duty',
    short: 'strike',
    description: 'Stays locked without power; may be fed for as long as the door is to be unlocked.',
    terminals: needed('+', '-'),
    parts: [solenoid(133, { ohms: 133, pullInVolts: 20.4, dropOutVolts: 6, maxVolts: 29 })],
    lock: built('fail-secure'),
    roles: { lock: ends },
    symbol: 'strike',
  },
  {
    ...LOCK,
    id: 'strike-rim',
    name: 'Rim strike for panic bars, selectable, 12/24 V DC',
    short: 'rim strike',
    description: 'Stands on the frame for a bar with a rim latch. Fail-safe or fail-secure by a screw.',
    terminals: needed('+', '-'),
    parts: [solenoid(36)],
    settings: [modeScrew, voltageJumper],
    lock: byScrew,
    roles: { lock: ends },
    symbol: 'strike',
  },
  {
    ...LOCK,
    id: 'mortise-lock-lever',
    name: 'Electrified mortise lock, lever inside always free, 12/24 V',
    short: 'mortise lock',
    description:
      'Power couples, or uncouples, the outer lever: a screw decides. The inner lever opens at any time and tells the system.',
    terminals: [
      ...pigtails('needed', { '+': 'RD', '-': 'BK' }),
      ...pigtails('optional', { L1: 'WH', L2: 'YE', LC: 'GN', LNO: 'BU' }, 3),
    ],
    parts: [
      solenoid(60),
      contact('lever', 'NO', 'L1', 'L2', 'turned', 0.2),
      contact('latch', 'NC', 'LC', 'LNO', 'doorOpen', 0.2),
    ],
    settings: [modeScrew, voltageJumper],
    functions: [{ kind: 'lever', state: 'turned' }],
    lock: { ...byScrew, keepsLatch: true },
    roles: {
      lock: ends,
      exitContact: { a: 'L1', b: 'L2' },
      statusContact: { a: 'LC', b: 'LNO' },
    },
    symbol: 'mortise',
  },
  {
    ...LOCK,
    id: 'mortise-interface',
    name: 'Motor lock with its interface, mode on a terminal, 12 V',
    short: 'motor lock',
    description:
      'An interface in the ceiling drives the motor of a mortise lock: fed at FS it unlocks without power, at FSE it stays locked. Its status contact closes while the bolt is thrown.',
    terminals: [...optional('FS', 'FSE'), ...needed('-'), ...optional('ST1', 'ST2', 'L1', 'L2')],
    parts: [
      solenoid(40, { id: 'safe', a: 'FS', ohms: 40, pullInVolts: 10, dropOutVolts: 5, maxVolts: 15 }),
      solenoid(40, { id: 'secure', a: 'FSE', ohms: 40, pullInVolts: 10, dropOutVolts: 5, maxVolts: 15 }),
      contact('status', 'NC', 'ST1', 'ST2', 'doorOpen', 0.5),
      contact('lever', 'NO', 'L1', 'L2', 'turned', 0.5),
    ],
    functions: [{ kind: 'lever', state: 'turned' }],
    place: 'above',
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
      exitContact: { a: 'L1', b: 'L2' },
      statusContact: { a: 'ST1', b: 'ST2' },
    },
    symbol: 'mortise',
    inrush: 3,
  },
  {
    ...LOCK,
    id: 'cabinet-latch',
    name: 'Cabinet latch, fail-secure, 12 V, impulse',
    short: 'cabinet latch',
    description: 'Springs a drawer or locker open on an impulse. A long feed burns its coil.',
    terminals: pigtails('needed', { '+': 'RD', '-': 'BK' }),
    parts: [solenoid(8, { ohms: 8, pullInVolts: 9, dropOutVolts: 2, maxVolts: 13.8 })],
    lock: { ...built('fail-secure'), noHandle: true, duty: { seconds: 10 }, cabinet: true },
    roles: { lock: ends },
    symbol: 'bolt',
  },
  {
    ...LOCK,
    id: 'shear-lock-timed',
    name: 'Shear lock with sensor board, 12/24 V',
    short: 'shear lock',
    description:
      'Its board throws the steps only when its own sensor sees the door closed. Unlocks without power.',
    terminals: [...needed('+', '-'), ...optional('SC', 'SNO')],
    parts: [
      solenoid(22, { id: 'solenoid', dropOutVolts: jumper(7), suppressed: true }),
      contact('sensor', 'NC', 'SC', 'SNO', 'doorOpen', 0.3),
    ],
    settings: [voltageJumper],
    lock: { ...built('fail-safe'), noHandle: true },
    roles: { lock: ends, statusContact: { a: 'SC', b: 'SNO' } },
    symbol: 'shear',
  },
];
