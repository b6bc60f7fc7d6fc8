import type { DeviceFunction, DeviceType, Terminal } from '../deviceType';
import type { Part } from '../parts';
import {
  board,
  changeover,
  channelTimes,
  choice,
  contact,
  dryInput,
  each,
  needed,
  optional,
  supervisionSetting,
  tamperSetting,
} from '../build';
import { CONTROLLER, dryDoor, RS485_HOST, rolesOf, type DoorPart } from './controllers';
import { networkSettings } from './network';

/** Controllers that carry more than doors: a fire board, alarm and bell outputs, a tamper loop, a switched minus. */

const numbered = <T>(count: number, make: (n: number) => T): T[] =>
  Array.from({ length: count }, (_, index) => make(index + 1));
const times = (count: number) =>
  count === 1
    ? channelTimes('ch1', '')
    : numbered(count, (n) => channelTimes(`ch${n}`, `door ${n} `, n - 1)).flat();

const fireTerminals: Terminal[] = each(optional('FI', 'FC'), { carries: 'signal' });
const fireParts: Part[] = [
  dryInput('fire', 'FI', 'FC', 'board'),
  { kind: 'link', id: 'fireCommon', a: 'FC', b: '0V' },
];
const fireSettings = [
  choice('latch', 'fire board', { latching: 'latching: reset by key', following: 'follows the fire panel' }),
  choice('trigger', 'fire contact', {
    NC: 'opens on alarm: a cut wire releases',
    NO: 'closes on alarm: a cut wire is not noticed',
  }),
];
const fireFunction: DeviceFunction = {
  kind: 'fireInput',
  input: 'fire',
  state: 'dropped',
  latchSetting: 'latch',
  triggerSetting: 'trigger',
};

/** Dry: each door's common is broken on the board before the relay, so that a fail-safe lock loses its power there. */
function dryFireDoor(n: number): DoorPart {
  const door = dryDoor(n, { supervised: true });
  const inside = `~c${n}`;
  const pins = { com: inside, nc: `NC${n}`, no: `NO${n}` };
  return {
    ...door,
    parts: [
      ...door.parts.filter((part) => part.kind !== 'contact'),
      contact(`drop${n}`, 'NC', `COM${n}`, inside, 'dropped', 5),
      ...changeover(`k${n}`, pins, `relay${n}`, 5, 'board'),
    ],
  };
}

/** Wet: the board's lock bus L+ feeds every output, and the fire board drops it. */
function wetFireDoor(n: number): DoorPart {
  const door = dryDoor(n, { supervised: true });
  const { switches: _none, ...roles } = door.roles;
  const pins = { com: '~lock', nc: `NC${n}`, no: `NO${n}` };
  return {
    terminals: [...door.terminals.filter(({ id }) => id !== `COM${n}`), ...optional(`M${n}`)],
    parts: [
      ...door.parts.filter((part) => part.kind !== 'contact'),
      ...changeover(`k${n}`, pins, `relay${n}`, 2, 'board'),
      { kind: 'link', id: `minus${n}`, a: `M${n}`, b: '0V' },
    ],
    channel: door.channel,
    roles: {
      ...roles,
      wet: [
        {
          'fail-safe': { plus: `NC${n}`, minus: `M${n}` },
          'fail-secure': { plus: `NO${n}`, minus: `M${n}` },
        },
      ],
    },
  };
}

function fireController(kind: 'dry' | 'wet'): DeviceType {
  const doors = numbered(4, kind === 'dry' ? dryFireDoor : wetFireDoor);
  return {
    ...CONTROLLER,
    id: `controller-4-fire-${kind}`,
    name: `Four-door controller with fire board, ${kind === 'dry' ? 'dry contacts' : 'wet outputs'}`,
    description:
      kind === 'dry'
        ? 'Its fire board breaks the common of every door at once. A lock that is fed past the board does not drop with it.'
        : 'Feeds four locks from one bus that the fire board drops. A lock on a supply of its own does not drop with it.',
    terminals: [
      ...each(needed('+12', '0V'), { maxConductors: 4, sizes: [0.22, 4] }),
      ...doors.flatMap((door) => door.terminals),
      ...fireTerminals,
    ],
    nodes: kind === 'dry' ? numbered(4, (n) => `~c${n}`) : ['~lock'],
    parts: [
      board('+12', '0V', { watts: 3.4 }, [9, 15], { startVolts: 10 }),
      ...(kind === 'wet' ? [contact('drop', 'NC', '+12', '~lock', 'dropped', 8)] : []),
      ...doors.flatMap((door) => door.parts),
      ...fireParts,
    ],
    settings: [
      ...times(4),
      ...numbered(4, (n) => supervisionSetting(`ch${n}.eol`, `door ${n} contact watched by`, n - 1)),
      ...fireSettings,
    ],
    functions: [
      { kind: 'decides', board: 'board', channels: doors.map((door) => door.channel) },
      fireFunction,
    ],
    roles: { ...rolesOf(doors, { plus: '+12', minus: '0V' }), fireInput: { input: 'FI', common: 'FC' } },
    interfaces: ['wiegand', 'supervised-input'],
  };
}

/** One door whose lock hangs on + and on a minus that the controller switches. */
function minusController(): DeviceType {
  const door = dryDoor('');
  const { switches: _none, ...roles } = door.roles;
  return {
    ...CONTROLLER,
    id: 'controller-1-minus',
    name: 'One-door controller, lock on a switched negative',
    description:
      'The positive of the lock is always live; L-NC and L-NO switch its negative. On any other return the lock never switches.',
    terminals: [
      ...each(needed('+12', '0V'), { maxConductors: 4, sizes: [0.22, 2.5] }),
      ...door.terminals.filter(({ id }) => !['COM', 'NC', 'NO'].includes(id)),
      ...optional('L+', 'L-NC', 'L-NO'),
    ],
    parts: [
      board('+12', '0V', { watts: 1.8 }, [9, 15], { startVolts: 10 }),
      ...door.parts.filter((part) => part.kind !== 'contact'),
      { kind: 'link', id: 'feed', a: '+12', b: 'L+' },
      contact('k.nc', 'NC', 'L-NC', '0V', 'relay', 2, 'board'),
      contact('k.no', 'NO', 'L-NO', '0V', 'relay', 2, 'board'),
    ],
    settings: times(1),
    functions: [{ kind: 'decides', board: 'board', channels: [door.channel] }],
    roles: {
      ...rolesOf([{ ...door, roles }], { plus: '+12', minus: '0V' }),
      wet: [{ 'fail-safe': { plus: 'L+', minus: 'L-NC' }, 'fail-secure': { plus: 'L+', minus: 'L-NO' } }],
    },
    interfaces: ['wiegand', 'dry-input'],
  };
}

/** One door with everything: readers on both sides, alarm and auxiliary relays, a tamper loop, a fire input. */
function fullController(): DeviceType {
  const door = dryDoor('', { inner: true, supervised: true });
  const pins = { com: 'AL-C', nc: 'AL-NC', no: 'AL-NO' };
  const follows = {
    alarm: 'any alarm',
    forced: 'door forced alarm',
    held: 'door held open alarm',
    tamper: 'tamper alarm',
    unlocked: 'as long as the door is unlocked',
    none: 'nothing',
  };
  return {
    ...CONTROLLER,
    id: 'controller-1-full',
    name: 'One-door controller, alarm and auxiliary outputs, tamper loop, fire input',
    description:
      'Readers on both sides, a relay for the lock, one for alarms and one that follows a menu. The fire input breaks the lock’s common.',
    terminals: [
      ...needed('+12', '0V'),
      ...door.terminals,
      ...optional(...Object.values(pins), 'AUX-A', 'AUX-B'),
      ...each(optional('TMP'), { carries: 'signal' }),
      ...fireTerminals,
    ],
    nodes: ['~c'],
    parts: [
      board('+12', '0V', { watts: 2.6 }, [9, 28], { startVolts: 10 }),
      ...door.parts.filter((part) => part.kind !== 'contact'),
      contact('drop', 'NC', 'COM', '~c', 'dropped', 5),
      ...changeover('k', { com: '~c', nc: 'NC', no: 'NO' }, 'relay', 5, 'board'),
      ...changeover('alarm', pins, 'alarmOut', 2, 'board'),
      contact('aux', 'NO', 'AUX-A', 'AUX-B', 'auxOut', 1, 'board'),
      dryInput('tamper', 'TMP', 'G', 'board'),
      ...fireParts,
    ],
    settings: [
      ...times(1),
      supervisionSetting('ch1.eol', 'door contact watched by', 0),
      choice('alarm.follows', 'alarm relay follows', follows, 'alarm'),
      choice('aux.follows', 'auxiliary output follows', follows, 'unlocked'),
      tamperSetting,
      ...fireSettings,
      ...networkSettings(),
    ],
    functions: [
      { kind: 'decides', board: 'board', channels: [door.channel] },
      { kind: 'output', board: 'board', state: 'alarmOut', follows: { setting: 'alarm.follows' } },
      { kind: 'output', board: 'board', state: 'auxOut', follows: { setting: 'aux.follows' } },
      { kind: 'tamper', board: 'board', input: 'tamper', usedSetting: 'tamper' },
      fireFunction,
    ],
    roles: {
      ...rolesOf([door], { plus: '+12', minus: '0V' }),
      fireInput: { input: 'FI', common: 'FC' },
      alarmOut: { a: 'AL-C', b: 'AL-NO' },
    },
    interfaces: ['ethernet', 'wiegand', 'supervised-input'],
  };
}

/** A panel that decides for the doors whose readers hang on its bus. */
const busPanel = (count: number): DeviceType => {
  const doors = numbered(count, (n) => dryDoor(n, { wiegand: false, supervised: true }));
  return {
    ...CONTROLLER,
    id: `panel-${count}-bus`,
    name: `Panel for ${count} doors, readers on an RS-485 bus, alarm output`,
    short: 'panel',
    description:
      'Takes the readers’ bus, keeps deciding when the network is lost, and works one alarm output for all its doors.',
    terminals: [
      ...needed('+12', '0V'),
      ...doors.flatMap((door) => door.terminals),
      ...each(optional('A', 'B'), { carries: 'bus' }),
      ...optional('AL-A', 'AL-B'),
    ],
    parts: [
      board('+12', '0V', { watts: 3 + 0.5 * count }, [9, 28], { startVolts: 10 }),
      ...doors.flatMap((door) => door.parts),
      contact('alarm', 'NO', 'AL-A', 'AL-B', 'alarmOut', 2, 'board'),
    ],
    settings: [
      ...times(count),
      ...numbered(count, (n) => supervisionSetting(`ch${n}.eol`, `door ${n} contact watched by`, n - 1)),
      choice('terminator', 'bus terminator', { on: 'on: this is the first device', off: 'off' }),
      ...networkSettings(),
    ],
    functions: [
      { kind: 'decides', board: 'board', channels: doors.map((door) => door.channel) },
      { kind: 'busHost', board: 'board', bus: RS485_HOST },
      { kind: 'output', board: 'board', state: 'alarmOut', follows: 'alarm' },
    ],
    roles: { ...rolesOf(doors, { plus: '+12', minus: '0V' }), alarmOut: { a: 'AL-A', b: 'AL-B' } },
    interfaces: ['ethernet', 'rs485', 'supervised-input'],
  };
};

export const boards: readonly DeviceType[] = [
  minusController(),
  fullController(),
  fireController('dry'),
  fireController('wet'),
  busPanel(4),
];
