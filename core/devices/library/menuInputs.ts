import type { DeviceFunction, DeviceType } from '../deviceType';
import { board, changeover, channelOf, channelTimes, dryInput, each, needed, optional } from '../build';
import { CONTROLLER } from './controllers';
import { inputSettings, MENU_ACTS } from './lobby';
import { networkSettings } from './network';

/** Controllers without an exit or contact terminal: their inputs are what a menu makes of them. */

const ACTS = { ...MENU_ACTS, contact: 'door contact: closed while the door is closed' };
/** What the inputs of a door come as from the works, one after the other. */
const FROM_WORKS = ['exit', 'contact', 'none'];

function menuController(doors: number): DeviceType {
  const numbers = Array.from({ length: doors }, (_, index) => index + 1);
  const inputs = numbers.flatMap((door) =>
    FROM_WORKS.map((initial, index) => ({ n: (door - 1) * FROM_WORKS.length + index + 1, door, initial })),
  );
  const pins = (n: number) => ({ com: `COM${n}`, nc: `NC${n}`, no: `NO${n}` });
  const count = doors === 1 ? 'One' : 'Two';
  return {
    ...CONTROLLER,
    id: `controller-${doors}-menu`,
    name: `${count}-door controller, inputs by menu`,
    description: `IN1 to IN${inputs.length} are whatever its menu says: exit, door contact, tamper, interlock, lockdown, fire. Three belong to each door.`,
    terminals: [
      ...needed('+12', '0V'),
      ...numbers.flatMap((n) => optional(...Object.values(pins(n)))),
      ...each(optional(...inputs.map(({ n }) => `IN${n}`)), { carries: 'signal' }),
      ...numbers.flatMap((n) => each(optional(`D0-${n}`, `D1-${n}`), { carries: 'data' })),
      ...each(optional('G'), { maxConductors: 4 * doors }),
    ],
    parts: [
      board('+12', '0V', { watts: 1.4 + 0.4 * doors }, [9, 15], { startVolts: 10 }),
      ...numbers.flatMap((n) => changeover(`k${n}`, pins(n), `relay${n}`, 5, 'board')),
      ...inputs.map(({ n }) => dryInput(`in${n}`, `IN${n}`, 'G', 'board')),
      ...numbers.flatMap((n) => [
        dryInput(`d0.${n}`, `D0-${n}`, 'G', 'board'),
        dryInput(`d1.${n}`, `D1-${n}`, 'G', 'board'),
      ]),
      { kind: 'link', id: 'g', a: '0V', b: 'G' },
    ],
    settings: [
      // How an exit contact rests is said by the input that it is landed on.
      ...numbers.flatMap((n) =>
        channelTimes(`ch${n}`, doors === 1 ? '' : `door ${n} `, n - 1).filter(({ role }) => role !== 'form'),
      ),
      ...inputs.flatMap(({ n, initial }) => inputSettings(n, ACTS, initial)),
      ...networkSettings(),
    ],
    functions: [
      {
        kind: 'decides',
        board: 'board',
        channels: numbers.map((n) =>
          channelOf({ relay: `relay${n}`, d0Input: `d0.${n}`, d1Input: `d1.${n}`, settings: `ch${n}` }),
        ),
      },
      ...inputs.map(({ n, door }): DeviceFunction => ({
        kind: 'input',
        board: 'board',
        input: `in${n}`,
        acts: { setting: `in${n}` },
        restSetting: `in${n}.rest`,
        ofChannel: door - 1,
      })),
    ],
    roles: {
      feed: { plus: '+12', minus: '0V' },
      switches: numbers.map(pins),
      dataInputs: numbers.map((n) => ({ d0: `D0-${n}`, d1: `D1-${n}` })),
    },
    interfaces: ['ethernet', 'wiegand', 'dry-input'],
  };
}

export const menuInputs: readonly DeviceType[] = [menuController(1), menuController(2)];
