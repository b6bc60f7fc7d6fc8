import { describe, expect, it } from 'vitest';
import { newDevice } from '../brief/index';
import { terminalId, type Edit, type Plan } from '../plan/index';
import { mustApply, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { metres, mm2 } from '../units/index';
import { checkContext, runRules } from './index';

const codes = (plan: Plan, door: string) =>
  runRules(checkContext(plan, door)).map(({ code, values }) => `${code} ${values['tag']}`);

/** Controllers of three doors on one line of A and B, each with its address. */
function line(addresses: readonly number[], terminated: readonly number[]): Plan {
  let plan = wiredDoor('strike-keypad', STRIKE_BRIEF);
  for (const door of ['D02', 'D03']) plan = wiredDoor('strike-keypad', STRIKE_BRIEF, plan, door);
  const type = 'controller-2-dip';
  const ids = addresses.map((address, n) => {
    const door = `D0${n + 1}`;
    const device = newDevice(mustApply(plan, { kind: 'removeDevice', id: `${door}/K1` }), door, type);
    plan = mustApply(
      plan,
      { kind: 'removeDevice', id: `${door}/K1` },
      { kind: 'addDevice', device },
      { kind: 'setSetting', device: device.id, setting: 'address', value: address },
      {
        kind: 'setSetting',
        device: device.id,
        setting: 'terminator',
        value: terminated.includes(n) ? 'on' : 'off',
      },
    );
    return device.id;
  });
  const wires = ids.slice(1).flatMap((id, n): Edit[] =>
    ['A', 'B'].map((pin, k) => ({
      kind: 'connect',
      conductor: {
        id: `D0${n + 2}/W9${k}`,
        door: `D0${n + 2}`,
        number: `W9${k}`,
        from: terminalId(ids[n]!, pin),
        to: terminalId(id, pin),
        colour: 'PK',
        gauge: mm2(0.22),
        length: metres(10),
        cable: '',
        origin: 'hand',
        assumed: [],
      },
    })),
  );
  return mustApply(plan, ...wires);
}

const bus = (plan: Plan) =>
  ['D01', 'D02', 'D03'].flatMap((door) =>
    codes(plan, door)
      .filter((code) => /^(address|bus)-/.test(code))
      .map((code) => `${door} ${code}`),
  );

describe('controllers on one line', () => {
  it('are quiet with an address each and a terminator at either end', () => {
    expect(bus(line([1, 2, 3], [0, 2]))).toEqual([]);
  });
  it('with one address twice are told at the later, with a free one to take', () => {
    const plan = line([1, 2, 2], [0, 2]);
    expect(bus(plan)).toEqual(['D03 address-clash K1']);
    const found = runRules(checkContext(plan, 'D03')).find(({ code }) => code === 'address-clash');
    expect(bus(mustApply(plan, found!.remedy!))).toEqual([]);
  });
  it('with a terminator midway are told at each of them', () => {
    expect(bus(line([1, 2, 3], [0, 1, 2]))).toContain('D02 bus-terminated-midway K1');
  });
});
