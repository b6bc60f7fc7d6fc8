import { describe, expect, it } from 'vitest';
import { type DeviceType, type DryInput } from '../devices/index';
import { LIBRARY } from '../devices/library/index';
import { loneDevice } from '../specimens/loneDevice';
import { inputsOf, type InputPurpose } from './index';

const placed = (type: DeviceType) => ({ device: loneDevice(type), type });
const withInputs = LIBRARY.filter(({ parts }) => parts.some(({ kind }) => kind === 'input'));

/** What the terminals' roles say of a pin, told apart from what the behaviour reads. */
function byRole({ roles }: DeviceType, pin: string): InputPurpose | null {
  const has = (inputs: readonly DryInput[] | undefined) =>
    inputs?.some(({ input }) => input === pin) === true;
  if (has(roles.exitInputs) || roles.operator?.activate.input === pin) return 'exit';
  if (has(roles.contactInputs)) return 'contact';
  if (has(roles.statusInputs)) return 'status';
  const fires = [roles.fireInput, roles.egress?.fire, roles.operator?.fire];
  if (fires.some((one) => one?.input === pin)) return 'fire';
  if (roles.egress?.bypass?.input === pin) return 'bypass';
  if (roles.egress?.push?.input === pin) return 'exit';
  if (roles.alarmInput?.input === pin) return 'alarm';
  if (roles.bellInput?.input === pin) return 'bell';
  const lines = [...(roles.dataInputs ?? []), ...(roles.innerDataInputs ?? [])];
  return lines.some(({ d0, d1 }) => d0 === pin || d1 === pin) ? 'data' : null;
}

describe('inputs', () => {
  it.each(withInputs.map((type) => [type.id, type] as const))(
    'of %s are there for what its roles and its behaviour both say',
    (_, type) => {
      for (const input of inputsOf([placed(type)])) {
        const role = byRole(type, input.pin);
        // A relay's trigger has no role of its own: its behaviour alone tells what it is for.
        if (role !== null) expect([input.pin, input.purpose]).toEqual([input.pin, role]);
        else expect(['exit', 'tamper', 'lockdown', 'rearm', 'other']).toContain(input.purpose);
      }
    },
  );
  it.each(withInputs.map((type) => [type.id, type] as const))(
    'of %s belong to the channel of their place',
    (_, type) => {
      const { exitInputs, contactInputs } = type.roles;
      for (const { purpose, pin, channel } of inputsOf([placed(type)])) {
        if (channel === null) continue;
        const list = purpose === 'exit' ? exitInputs : purpose === 'contact' ? contactInputs : undefined;
        if (list) expect([pin, list.findIndex(({ input }) => input === pin)]).toEqual([pin, channel]);
      }
    },
  );
  it('of a plain and a supervised part on one terminal are for the same', () => {
    const doubled = withInputs.filter(({ parts }) =>
      parts.some(
        (one, index) =>
          one.kind === 'input' &&
          parts.slice(index + 1).some((two) => two.kind === 'input' && two.a === one.a),
      ),
    );
    expect(doubled.length).toBeGreaterThan(0);
    for (const type of doubled) {
      const inputs = inputsOf([placed(type)]);
      for (const one of inputs)
        for (const two of inputs.filter(({ pin }) => pin === one.pin)) expect(two.purpose).toBe(one.purpose);
    }
  });
  it('of several devices keep their device', () => {
    const [one, two] = withInputs;
    const list = inputsOf([
      placed(one!),
      { ...placed(two!), device: { ...placed(two!).device, id: 'D01/Z2' } },
    ]);
    expect(new Set(list.map(({ device }) => device))).toEqual(new Set(['D01/Z1', 'D01/Z2']));
    for (const { id, device, part } of list) expect(id).toBe(`${device}:${part}`);
  });
});
