import type { DeviceFunction, DeviceType, Setting } from '../deviceType';
import { board, channelTimes, choice, dryInput, each, needed, numberSetting, of, optional } from '../build';
import { CONTROLLER, dryDoor, rolesOf } from './controllers';
import { networkSettings } from './network';

/** Controllers with more to ask than exits and contacts: a lockdown line, an interlock between doors, inputs set by a menu. */

/** What an input may be set to beside its door's own exit and contact, in the words of a menu. */
export const MENU_ACTS = {
  none: 'not used',
  exit: 'exit button',
  tamper: 'tamper loop',
  interlock: 'keeps every door locked: another mantrap door is open',
  lockdown: 'lockdown: nobody in, everybody out',
  fire: 'fire: every door released, by software, while it is asked',
  aux: 'reported only',
};

/** What an input is, and how it rests. */
export const inputSettings = (
  n: number,
  acts: Readonly<Record<string, string>> = MENU_ACTS,
  initial: string = 'none',
): Setting[] => [
  choice(`in${n}`, `input ${n} is`, acts, initial),
  choice(`in${n}.rest`, `input ${n} at rest`, { NO: 'open', NC: 'closed' }, 'NO'),
];

/** Two doors of one room. */
function lobbyController(): DeviceType {
  const doors = [dryDoor(1, { supervised: false }), dryDoor(2, { supervised: false })];
  return {
    ...CONTROLLER,
    id: 'controller-2-lobby',
    name: 'Two-door controller with interlock and lockdown',
    description:
      'Lets one of its two doors be open at a time: each needs a door contact. LD shuts both to those outside, never to those who leave.',
    terminals: [
      ...needed('+12', '0V'),
      ...doors.flatMap((door) => door.terminals),
      ...each(optional('LD', 'LC'), { carries: 'signal' }),
    ],
    parts: [
      board('+12', '0V', { watts: 2.4 }, [9, 15], { startVolts: 10 }),
      ...doors.flatMap((door) => door.parts),
      dryInput('ld', 'LD', 'LC', 'board'),
      { kind: 'link', id: 'lc', a: 'LC', b: '0V' },
    ],
    settings: [
      ...channelTimes('ch1', 'door 1 '),
      ...channelTimes('ch2', 'door 2 ', 1),
      choice('interlock', 'interlock', { on: 'one door at a time', off: 'off' }, 'on'),
      numberSetting('clear', 'both doors stay locked after one has closed', 's', [0, 60], 1),
      choice(
        'exits',
        'exit buttons',
        { pass: 'open whatever the other door does', wait: 'wait for the other door' },
        'pass',
      ),
      ...networkSettings(),
    ],
    functions: [
      { kind: 'decides', board: 'board', channels: doors.map((door) => door.channel) },
      { kind: 'interlock', usedSetting: 'interlock', clearSetting: 'clear', exitsSetting: 'exits' },
      { kind: 'input', board: 'board', input: 'ld', acts: 'lockdown' },
    ],
    roles: {
      ...rolesOf(doors, { plus: '+12', minus: '0V' }),
      lockdownInput: { input: 'LD', common: 'LC' },
    },
    interfaces: ['ethernet', 'wiegand', 'dry-input'],
  };
}

/** One door, and two inputs that are what a menu says. */
function inputController(): DeviceType {
  const door = dryDoor('');
  return {
    ...CONTROLLER,
    id: 'controller-1-inputs',
    name: 'One-door controller with two inputs set by a menu',
    description: 'IN1 and IN2 are whatever its menu says: an exit, a tamper loop, an interlock, a lockdown.',
    terminals: [
      ...needed('+12', '0V'),
      ...door.terminals,
      ...each(optional('IN1', 'IN2'), { carries: 'signal' }),
    ],
    parts: [
      board('+12', '0V', { watts: 1.6 }, [9, 15], { startVolts: 10 }),
      ...door.parts,
      dryInput('in1', 'IN1', 'G', 'board'),
      dryInput('in2', 'IN2', 'G', 'board'),
    ],
    settings: [
      ...channelTimes('ch1', ''),
      of(
        numberSetting('ch1.tries', 'wrong cards or codes until it locks out, 0 for never', '', [0, 10], 0),
        'tries',
        0,
      ),
      of(numberSetting('ch1.lockout', 'locked out for', 's', [10, 900], 60), 'lockout', 0),
      ...inputSettings(1),
      ...inputSettings(2),
      ...networkSettings(),
    ],
    functions: [
      { kind: 'decides', board: 'board', channels: [door.channel] },
      ...[1, 2].map((n): DeviceFunction => ({
        kind: 'input',
        board: 'board',
        input: `in${n}`,
        acts: { setting: `in${n}` },
        restSetting: `in${n}.rest`,
      })),
    ],
    roles: rolesOf([door], { plus: '+12', minus: '0V' }),
    interfaces: ['ethernet', 'wiegand', 'dry-input'],
  };
}

export const lobby: readonly DeviceType[] = [lobbyController(), inputController()];
