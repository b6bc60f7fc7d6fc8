import type { DeviceType } from '../deviceType';
import { board, channelTimes, each, needed, optional, of, choice, numberSetting } from '../build';
import { CONTROLLER, dryDoor, RS485_HOST, rolesOf } from './controllers';

/** Devices that are set by DIP switches alone: each row means something, and not every combination is allowed. */
function dipController(): DeviceType {
  const doors = [1, 2].map((n) => dryDoor(n, { wiegand: false }));
  return {
    ...CONTROLLER,
    id: 'controller-2-dip',
    name: 'Two-door controller set by DIP switches, readers on a bus',
    description:
      'No menu: eight switches say its address, its terminator, and how its exits and locks behave. Rows 7 and 8 both on are a test mode.',
    terminals: [
      ...needed('+12', '0V'),
      ...doors.flatMap((door) => door.terminals),
      ...each(optional('A', 'B'), { carries: 'bus' }),
    ],
    parts: [
      board('+12', '0V', { watts: 1.9 }, [9, 15], { startVolts: 10 }),
      ...doors.flatMap((door) => door.parts),
    ],
    settings: [
      ...channelTimes('ch1', 'door 1 ').filter(({ id }) => id !== 'ch1.relock' && id !== 'ch1.form'),
      ...channelTimes('ch2', 'door 2 ', 1).filter(({ id }) => id !== 'ch2.relock' && id !== 'ch2.form'),
      numberSetting('address', 'bus address', '', [1, 15], 1),
      choice('terminator', 'bus terminator', { on: 'on: this is the first device', off: 'off' }),
      ...[0, 1].map((channel) =>
        of(
          choice(
            `ch${channel + 1}.relock`,
            `door ${channel + 1} relock`,
            { close: 'when the door closes', time: 'when the time is up' },
            'close',
          ),
          'relock',
          channel,
        ),
      ),
      of(
        choice('ch1.form', 'door 1 exit button contact', { NO: 'normally open', NC: 'normally closed' }),
        'form',
        0,
      ),
    ],
    banks: [
      {
        id: 'S1',
        fields: [
          { setting: 'address', rows: [1, 2, 3, 4], code: 'binary' },
          { setting: 'terminator', rows: [5], code: { on: '1', off: '0' } },
          { setting: 'ch1.form', rows: [6], code: { NO: '0', NC: '1' } },
          { setting: 'ch1.relock', rows: [7], code: { close: '0', time: '1' } },
          { setting: 'ch2.relock', rows: [8], code: { close: '0', time: '1' } },
        ],
        forbidden: [{ 'ch1.relock': 'time', 'ch2.relock': 'time' }],
      },
    ],
    functions: [
      { kind: 'decides', board: 'board', channels: doors.map((door) => door.channel) },
      { kind: 'busHost', board: 'board', bus: { ...RS485_HOST, addressSetting: 'address' } },
    ],
    roles: rolesOf(doors, { plus: '+12', minus: '0V' }),
    interfaces: ['rs485', 'dry-input'],
  };
}

export const dip: readonly DeviceType[] = [dipController()];
