import type { ColourCode } from '../units/index';
import type { Channel, DeviceType, Setting, Terminal } from './deviceType';
import type { SettingRole } from './settingRoles';
import type { PartOf } from './parts';

/** Small helpers that keep the library files to what differs between devices. */

/** Usual screw terminals on a board: up to 1.5 mm². */
const BOARD_SIZES = [0.14, 1.5] as const;

/** Terminals that the device cannot work without. */
export const needed = (...ids: string[]): Terminal[] =>
  ids.map((id) => ({ id, maxConductors: 2, use: 'needed', sizes: BOARD_SIZES }));

/** Terminals that may stay empty. */
export const optional = (...ids: string[]): Terminal[] =>
  ids.map((id) => ({ id, maxConductors: 2, use: 'optional', sizes: BOARD_SIZES }));

/** Terminals with something different about all of them. */
export const each = (terminals: readonly Terminal[], over: Partial<Terminal>): Terminal[] =>
  terminals.map((terminal) => ({ ...terminal, ...over }));

/**
 * Coloured leads that come with the device, in connector order. Each ends in a lever connector with room for two:
 * the wire, and a diode or the next device.
 */
export const pigtails = (
  use: Terminal['use'],
  leads: Readonly<Record<string, ColourCode>>,
  first = 1,
): Terminal[] =>
  Object.entries(leads).map(([id, colour], index) => ({
    id,
    maxConductors: 2,
    use,
    form: 'pigtail',
    colour,
    pin: first + index,
    sizes: [0.14, 0.5],
  }));

/** A closed relay or reed contact: about 30 mΩ. */
const CONTACT_OHMS = 0.03;

/** A changeover contact: COM to NC at rest, COM to NO while the state is true. */
export function changeover(
  id: string,
  pins: { com: string; nc: string; no: string },
  state: string,
  maxAmps: number,
  needs?: string,
): PartOf<'contact'>[] {
  return [
    contact(`${id}.nc`, 'NC', pins.com, pins.nc, state, maxAmps, needs),
    contact(`${id}.no`, 'NO', pins.com, pins.no, state, maxAmps, needs),
  ];
}

/** A single contact. */
export const contact = (
  id: string,
  form: 'NO' | 'NC',
  a: string,
  b: string,
  state: string,
  maxAmps: number,
  needs?: string,
): PartOf<'contact'> => ({
  kind: 'contact',
  id,
  form,
  a,
  b,
  state,
  ohms: CONTACT_OHMS,
  maxAmps,
  ...(needs ? { needs } : {}),
});

/** A fuse of a rated current, amps. */
export const fuse = (id: string, a: string, b: string, amps: PartOf<'fuse'>['amps']): PartOf<'fuse'> => ({
  kind: 'fuse',
  id,
  a,
  b,
  amps,
});

/** A circuit board: draws amps (or watts) between its limits. It starts half a volt above its least voltage. */
export const board = (
  plus: string,
  minus: string,
  draw: { amps: number } | { watts: number },
  [minVolts, maxVolts]: readonly [number, number],
  over: Partial<PartOf<'electronic'>> = {},
): PartOf<'electronic'> => ({
  kind: 'electronic',
  id: 'board',
  a: plus,
  b: minus,
  law: 'amps' in draw ? 'current' : 'power',
  draw: 'amps' in draw ? draw.amps : draw.watts,
  minVolts,
  startVolts: minVolts + 0.5,
  maxVolts,
  ...over,
});

/** A dry input pulled up to 5 V through 4.7 kΩ, closed below 1.5 V, open above 3.5 V. */
export const dryInput = (id: string, terminal: string, common: string, boardId: string): PartOf<'input'> => ({
  kind: 'input',
  id,
  a: terminal,
  b: common,
  pullVolts: 5,
  pullOhms: 4700,
  poweredBy: boardId,
  closedBelow: 0.3,
  openAbove: 0.7,
});

/** End-of-line resistance a supervised input is made for, ohms: one across the pair, one more across the contact. */
export const EOL_OHMS = 2200;

/**
 * A supervised input, pulled up through the end-of-line value: 2.2 kΩ (half the voltage) is closed, 4.4 kΩ
 * (two thirds) open, a short or an open pair trouble. Without supervision (a setting) it is a plain dry input.
 */
export const supervisedInput = (
  id: string,
  terminal: string,
  common: string,
  boardId: string,
  setting: string,
): PartOf<'input'>[] => [
  { ...dryInput(id, terminal, common, boardId), when: { setting, is: ['none'] } },
  {
    ...dryInput(id, terminal, common, boardId),
    pullOhms: EOL_OHMS,
    supervised: { closed: [0.4, 0.58], open: [0.6, 0.78] },
    when: { setting, is: ['eol'] },
  },
];

/** A choice between two words. */
export const choice = (
  id: string,
  label: string,
  options: Readonly<Record<string, string>>,
  initial: string = Object.keys(options)[0] ?? '',
): Setting => ({
  id,
  label,
  kind: 'choice',
  options: Object.entries(options).map(([value, text]) => ({ value, label: text })),
  initial,
});

export const numberSetting = (
  id: string,
  label: string,
  unit: string,
  [min, max]: readonly [number, number],
  initial: number,
  dip?: number,
): Setting => ({ id, label, kind: 'number', unit, min, max, initial, ...(dip ? { dip } : {}) });

export const supervisionSetting = (id: string, label: string, channel: number): Setting =>
  of(choice(id, label, { none: 'plain contact', eol: 'two end-of-line resistors, 2.2 kΩ' }), 'eol', channel);

/** A setting with what it is for, and whose channel's. */
export const of = (setting: Setting, role: SettingRole, channel?: number): Setting => ({
  ...setting,
  role,
  ...(channel === undefined ? {} : { channel }),
});

/** Whether a tamper loop is landed on its input. */
export const tamperSetting = choice('tamper', 'tamper loop', {
  off: 'not used',
  on: 'watched: closed while every lid is on',
});

export const voltageJumper = choice('voltage', 'voltage jumper', { '12': '12 V', '24': '24 V' });

/** Address and terminator of a bus device. */
export const busSettings = (bits: number): Setting[] => [
  numberSetting('address', 'bus address', '', [1, 2 ** bits - 1], 1, bits),
  choice('terminator', 'bus terminator', { off: 'off', on: 'on: this is the last device' }),
];

/** Times of one channel, in seconds, as every controller and keypad of this library keeps them. */
export const channelTimes = (prefix: string, name: string, channel = 0): Setting[] => [
  of(numberSetting(`${prefix}.unlock`, `${name}unlock time`, 's', [1, 99], 5), 'unlock', channel),
  of(numberSetting(`${prefix}.exit`, `${name}exit time`, 's', [1, 99], 5), 'exit', channel),
  of(
    choice(
      `${prefix}.relock`,
      `${name}relock`,
      {
        close: 'when the door closes',
        time: 'when the time is up',
        open: 'as soon as it opens: one person per release',
      },
      'close',
    ),
    'relock',
    channel,
  ),
  of(
    numberSetting(`${prefix}.held`, `${name}door held open alarm after`, 's', [5, 600], 30),
    'held',
    channel,
  ),
  of(
    choice(
      `${prefix}.rex`,
      `${name}request to exit`,
      { unlocks: 'unlocks the door', reports: 'reports only: the lever opens it' },
      'unlocks',
    ),
    'rex',
    channel,
  ),
  of(
    choice(`${prefix}.form`, `${name}exit button contact`, { NO: 'normally open', NC: 'normally closed' }),
    'form',
    channel,
  ),
];

/** A channel whose parts and settings carry the same ending. */
export const channelOf = (over: Partial<Channel> & Pick<Channel, 'relay' | 'settings'>): Channel => ({
  exitInput: '',
  contactInput: null,
  d0Input: null,
  d1Input: null,
  ...over,
});

/** What most types share, to be overridden. */
export const PASSIVE: Pick<DeviceType, 'version' | 'settings' | 'functions' | 'roles' | 'ip'> = {
  version: 1,
  settings: [],
  functions: [],
  roles: {},
  ip: 'IP20',
};
