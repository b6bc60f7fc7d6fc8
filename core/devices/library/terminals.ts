import type { Channel, DeviceFunction, DeviceType, Roles, Setting, Terminal } from '../deviceType';
import type { Part } from '../parts';
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
  of,
  optional,
  tamperSetting,
} from '../build';
import { SERIAL } from './controllers';
import { KEYPAD, keypadChannel, keypadParts, keypadRoles, keypadTimes } from './keypads';
import { networkSettings } from './network';

/** Keypads and terminals that are several things at once: a second reader, a bus, alarm and bell outputs, a tamper loop. */

const ownCodes = (bell: string | null = 'ringing'): DeviceFunction => ({
  kind: 'ownCodes',
  board: 'board',
  bell,
});
const decides = (...channels: Channel[]): DeviceFunction => ({ kind: 'decides', board: 'board', channels });

/** A port for a second reader, which the device decides for: two data lines against its ground. */
const port: {
  terminals: Terminal[];
  parts: Part[];
  lines: Pick<Channel, 'd0Input' | 'd1Input'>;
  roles: Roles;
} = {
  terminals: each(optional('D0', 'D1'), { carries: 'data' }),
  parts: [dryInput('d0', 'D0', 'G', 'board'), dryInput('d1', 'D1', 'G', 'board')],
  lines: { d0Input: 'd0', d1Input: 'd1' },
  roles: { dataInputs: [{ d0: 'D0', d1: 'D1' }] },
};

/** What an output of a terminal may be set to follow. */
const outputSetting = (id: string, label: string, initial: string): Setting =>
  choice(
    id,
    label,
    {
      alarm: 'any alarm',
      forced: 'door forced alarm',
      held: 'door held open alarm',
      tamper: 'tamper alarm',
      unlocked: 'as long as the door is unlocked',
      none: 'nothing',
    },
    initial,
  );

const CORE: Terminal[] = [...needed('+12', '0V'), ...optional('COM', 'NC', 'NO', 'PUSH', 'G')];

/** Relay, exit and contact inputs of a network terminal, with what else its board carries. */
function terminal(
  over: Pick<DeviceType, 'id' | 'name' | 'short' | 'description' | 'symbol' | 'capacity'> &
    Partial<DeviceType> & { readonly amps: number; readonly relayAmps?: number },
): DeviceType {
  const {
    amps,
    relayAmps = 2,
    terminals = [],
    parts = [],
    settings = [],
    functions = [],
    roles = {},
    ...rest
  } = over;
  const channel = channelOf({
    relay: 'relay',
    exitInput: 'push',
    contactInput: 'sensor',
    settings: 'ch1',
    ...(roles.dataInputs ? port.lines : {}),
  });
  return {
    ...KEYPAD,
    interfaces: ['dry-input', 'ethernet'],
    ...rest,
    terminals: [...CORE, ...optional('SEN'), ...terminals],
    parts: [
      board('+12', '0V', { amps }, [9, 15]),
      ...changeover('k', { com: 'COM', nc: 'NC', no: 'NO' }, 'relay', relayAmps, 'board'),
      dryInput('push', 'PUSH', 'G', 'board'),
      dryInput('sensor', 'SEN', 'G', 'board'),
      { kind: 'link', id: 'ground', a: '0V', b: 'G' },
      ...parts,
    ],
    settings: [...channelTimes('ch1', ''), ...networkSettings(), ...settings],
    functions: [decides(channel), ownCodes(), ...functions],
    roles: {
      ...keypadRoles,
      contactInputs: [{ input: 'SEN', common: 'G' }],
      ...roles,
    },
  };
}

const alarmRelay: { terminals: Terminal[]; parts: Part[]; function: DeviceFunction; setting: Setting } = {
  terminals: optional('AL-C', 'AL-NC', 'AL-NO'),
  parts: changeover('alarm', { com: 'AL-C', nc: 'AL-NC', no: 'AL-NO' }, 'alarmOut', 1, 'board'),
  function: { kind: 'output', board: 'board', state: 'alarmOut', follows: { setting: 'alarm.follows' } },
  setting: outputSetting('alarm.follows', 'alarm relay follows', 'alarm'),
};
const tamper: { terminals: Terminal[]; parts: Part[]; function: DeviceFunction; setting: Setting } = {
  terminals: each(optional('TMP'), { carries: 'signal' }),
  parts: [dryInput('tamper', 'TMP', 'G', 'board')],
  function: { kind: 'tamper', board: 'board', input: 'tamper', usedSetting: 'tamper' },
  setting: tamperSetting,
};

/** Two relays for two ways through, a bell key and a port for the reader at the other side. */
function gateKeypad(): DeviceType {
  const first = { ...keypadChannel, ...port.lines };
  const second = channelOf({ relay: 'relay2', exitInput: '', settings: 'ch2' });
  return {
    ...KEYPAD,
    id: 'keypad-gate',
    name: 'Gate keypad, two relays, reader port, 12-24 V',
    short: 'gate keypad',
    description:
      'For the street: one code opens the wicket, another asks the gate drive. A reader on its port opens as its own keys do.',
    terminals: [...CORE, ...optional('COM2', 'NC2', 'NO2', 'BELL-A', 'BELL-B'), ...port.terminals],
    parts: [
      ...keypadParts(0.11).filter(({ id }) => id !== 'board'),
      board('+12', '0V', { amps: 0.11 }, [9, 28], { startVolts: 10 }),
      ...changeover('k2', { com: 'COM2', nc: 'NC2', no: 'NO2' }, 'relay2', 2, 'board'),
      contact('bell', 'NO', 'BELL-A', 'BELL-B', 'ringing', 1, 'board'),
      ...port.parts,
    ],
    settings: [
      ...keypadTimes('ch1', ''),
      of(
        choice('ch2.mode', 'second relay', {
          momentary: 'for the unlock time',
          toggle: 'holds until keyed again',
        }),
        'mode',
        1,
      ),
      ...keypadTimes('ch2', 'second relay ', 1),
    ],
    functions: [decides(first, second), ownCodes()],
    roles: {
      ...keypadRoles,
      ...port.roles,
      second: { com: 'COM2', nc: 'NC2', no: 'NO2' },
      bellContact: { a: 'BELL-A', b: 'BELL-B' },
    },
    ip: 'IP65',
    language: 'slots-1000',
    capacity: { users: 999, cards: 999 },
    interfaces: ['dry-input', 'wiegand'],
  };
}

export const terminals: readonly DeviceType[] = [
  {
    ...KEYPAD,
    id: 'keypad-port',
    name: 'Keypad, one relay, port for a second reader',
    description: 'Keys outside, and two data lines for a reader on the other side: both open the same door.',
    terminals: [...CORE, ...port.terminals],
    parts: [...keypadParts(0.08), ...port.parts],
    settings: keypadTimes('ch1', ''),
    functions: [decides({ ...keypadChannel, ...port.lines }), ownCodes(null)],
    roles: { ...keypadRoles, ...port.roles },
    language: 'slots-1000',
    capacity: { users: 999, cards: 999 },
    interfaces: ['dry-input', 'wiegand'],
  },
  gateKeypad(),
  {
    ...KEYPAD,
    id: 'keypad-kit',
    name: 'Kit keypad, relay, bell and two-common button',
    short: 'kit keypad',
    description:
      'Comes in a box with a supply and a lock. Its bell key closes two leads; the button’s lead and the bell’s share no common.',
    terminals: [...CORE, ...optional('BELL-A', 'BELL-B'), ...each(optional('GB'), { maxConductors: 2 })],
    parts: [
      ...keypadParts(0.07),
      contact('bell', 'NO', 'BELL-A', 'BELL-B', 'ringing', 1, 'board'),
      { kind: 'link', id: 'second', a: '0V', b: 'GB' },
    ],
    settings: keypadTimes('ch1', ''),
    functions: [decides(keypadChannel), ownCodes()],
    roles: { ...keypadRoles, bellContact: { a: 'BELL-A', b: 'BELL-B' } },
    language: 'overwrite-100',
    capacity: { users: 99, cards: 99 },
  },
  terminal({
    id: 'terminal-face',
    name: 'Face terminal, relay, alarm relay and tamper loop',
    short: 'face terminal',
    description:
      'Looks at faces and reads cards. Its alarm relay follows what a menu says; its lid is watched.',
    symbol: 'finger',
    capacity: { users: 6000, cards: 10_000 },
    amps: 0.45,
    terminals: [...alarmRelay.terminals, ...tamper.terminals],
    parts: [...alarmRelay.parts, ...tamper.parts],
    settings: [alarmRelay.setting, tamper.setting],
    functions: [alarmRelay.function, tamper.function],
    roles: { alarmOut: { a: 'AL-C', b: 'AL-NO' } },
  }),
  terminal({
    id: 'terminal-finger-port',
    name: 'Fingerprint terminal with a port for a reader inside',
    short: 'finger terminal',
    description:
      'Decides by finger, card or code; a card reader on its data lines opens the same door from inside.',
    symbol: 'finger',
    language: 'screen-fingers',
    capacity: { users: 3000, cards: 3000 },
    amps: 0.3,
    terminals: port.terminals,
    parts: port.parts,
    roles: port.roles,
    interfaces: ['dry-input', 'wiegand', 'ethernet'],
  }),
  terminal({
    id: 'terminal-panel-serial',
    name: 'Panel terminal, serial reader, siren output',
    short: 'panel terminal',
    description:
      'A screen inside and a reader outside on a serial line. A dry output works a siren on what its menu says.',
    symbol: 'keypad',
    language: 'screen-names',
    capacity: { users: 5000, cards: 10_000 },
    amps: 0.35,
    terminals: [...each(optional('TX', 'RX'), { carries: 'bus' as const }), ...optional('SIR-A', 'SIR-B')],
    parts: [contact('siren', 'NO', 'SIR-A', 'SIR-B', 'siren', 2, 'board')],
    settings: [outputSetting('siren.follows', 'siren output follows', 'forced')],
    functions: [
      { kind: 'busHost', board: 'board', bus: SERIAL },
      { kind: 'output', board: 'board', state: 'siren', follows: { setting: 'siren.follows' } },
    ],
    roles: { alarmOut: { a: 'SIR-A', b: 'SIR-B' } },
    interfaces: ['dry-input', 'serial', 'ethernet'],
  }),
  terminal({
    id: 'terminal-bus',
    name: 'Terminal on a bus, loop in and loop out, auxiliary in and out',
    short: 'bus terminal',
    description:
      'Readers hang on its pair, in at one side and out at the other. An auxiliary input is a tamper loop, an output follows its menu.',
    symbol: 'reader',
    capacity: { users: 10_000, cards: 10_000 },
    amps: 0.22,
    terminals: [
      ...each(optional('A', 'B', 'A2', 'B2'), { carries: 'bus' as const }),
      ...optional('OUT-A', 'OUT-B'),
      ...tamper.terminals,
    ],
    parts: [
      { kind: 'link', id: 'loopA', a: 'A', b: 'A2' },
      { kind: 'link', id: 'loopB', a: 'B', b: 'B2' },
      contact('out', 'NO', 'OUT-A', 'OUT-B', 'auxOut', 1, 'board'),
      ...tamper.parts,
    ],
    settings: [
      choice('terminator', 'bus terminator', { on: 'on: this is the first device', off: 'off' }),
      outputSetting('out.follows', 'auxiliary output follows', 'unlocked'),
      tamper.setting,
    ],
    functions: [
      {
        kind: 'busHost',
        board: 'board',
        bus: {
          a: 'A',
          b: 'B',
          common: '0V',
          addressSetting: null,
          terminatorSetting: 'terminator',
          unitLoads: 1,
        },
      },
      { kind: 'output', board: 'board', state: 'auxOut', follows: { setting: 'out.follows' } },
      tamper.function,
    ],
    interfaces: ['dry-input', 'rs485', 'ethernet'],
  }),
];
