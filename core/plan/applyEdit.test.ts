import { terminalOf } from '../specimens/terminalOf';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { magnetDoor, mustApply } from '../specimens/doors';
import { mm2, metres } from '../units/index';
import { applyEdit, parseWireLine, completeWireLine, type Edit, type Plan } from './index';
import { numberTried } from '../../scripts/testSlice';

const plan = magnetDoor();
const wires = Object.keys(plan.conductors);
const devices = Object.keys(plan.devices);

const anyEdit: fc.Arbitrary<Edit> = fc.oneof(
  fc.constantFrom(...wires).map((id): Edit => ({ kind: 'disconnect', id })),
  fc.constantFrom(...devices).map((id): Edit => ({ kind: 'removeDevice', id })),
  fc
    .constantFrom(...wires)
    .chain((id) =>
      fc
        .double({ min: 0, max: 90, noNaN: true })
        .map((length): Edit => ({ kind: 'setConductor', id, patch: { length: metres(length) } })),
    ),
  fc.string().map((name): Edit => ({ kind: 'setDoor', id: 'D01', patch: { name } })),
  fc.string().map((name): Edit => ({ kind: 'setSite', patch: { name } })),
  fc
    .constantFrom('7', '12', '17')
    .map((value): Edit => ({ kind: 'setSetting', device: 'D01/PS1', setting: 'battery', value })),
  fc.constant<Edit>({ kind: 'removeDoor', id: 'D01' }),
);

describe('applyEdit', () => {
  it('is taken back exactly by its inverse, over any sequence', () => {
    fc.assert(
      fc.property(fc.array(anyEdit, { maxLength: 12 }), (edits) => {
        let current: Plan = plan;
        const inverses: Edit[] = [];
        for (const edit of edits) {
          const result = applyEdit(current, edit);
          if (!result.ok) continue;
          current = result.plan;
          inverses.unshift(result.inverse);
        }
        expect(mustApply(current, ...inverses)).toEqual(plan);
      }),
      { numRuns: numberTried(200) },
    );
  });
  it('refuses a wire to a terminal that is not there, and changes nothing', () => {
    const conductor = {
      ...Object.values(plan.conductors)[0]!,
      id: 'x',
      number: 'W99',
      to: terminalOf('D01/L1.nowhere'),
    };
    expect(applyEdit(plan, { kind: 'connect', conductor })).toEqual({
      ok: false,
      refusal: { reason: 'unknown-terminal', id: 'D01/L1.nowhere', at: 'to' },
    });
  });
  it('refuses a taken tag, a taken wire number and a setting out of range', () => {
    expect(applyEdit(plan, { kind: 'setDevice', id: 'D01/L1', patch: { tag: 'PS1' } })).toMatchObject({
      ok: false,
    });
    expect(applyEdit(plan, { kind: 'setConductor', id: wires[0]!, patch: { number: 'W02' } })).toMatchObject({
      ok: false,
    });
    expect(
      applyEdit(plan, { kind: 'setSetting', device: 'D01/K1', setting: 'ch1.unlock', value: 0 }),
    ).toMatchObject({ ok: false });
  });
  it('applies a batch whole or not at all', () => {
    const edit: Edit = {
      kind: 'batch',
      label: '',
      edits: [
        { kind: 'disconnect', id: wires[0]! },
        { kind: 'disconnect', id: 'none' },
      ],
    };
    expect(applyEdit(plan, edit)).toMatchObject({ ok: false });
  });
});

describe('parseWireLine', () => {
  it('reads terminals, colour, size and length in any order', () => {
    expect(parseWireLine(plan, 'D01', 'ps1.+v k1.com1 14m BK 1.0')).toEqual({
      ok: true,
      line: { from: 'D01/PS1.+V', to: 'D01/K1.COM1', colour: 'BK', gauge: mm2(1), length: 14, assumed: [] },
    });
    expect(parseWireLine(plan, 'D01', 'PS1.0V L1.- 18AWG 10ft')).toMatchObject({
      ok: true,
      line: { gauge: '18AWG' },
    });
  });
  it.each([
    ['', 'empty'],
    ['PS1.+V', 'no-second'],
    ['PS9.+V K1.COM1', 'unknown-device'],
    ['PS1 K1.COM1', 'no-terminal'],
    ['PS1.X K1.COM1', 'unknown-terminal'],
    ['PS1.+V PS1.+V', 'same-terminal'],
    ['PS1.+V K1.COM1 pretty', 'unknown-word'],
    ['PS1.+V K1.COM1 RD BK', 'twice'],
  ])('says what is wrong with "%s"', (text, code) => {
    expect(parseWireLine(plan, 'D01', text)).toMatchObject({ ok: false, fault: { code } });
  });
  it('never throws, whatever is typed', () => {
    fc.assert(fc.property(fc.string(), (text) => typeof parseWireLine(plan, 'D01', text).ok === 'boolean'));
  });
});

describe('completeWireLine', () => {
  it('offers devices, then their terminals, then colours', () => {
    expect(completeWireLine(plan, 'D01', 'P', 1)).toEqual(['PS1.']);
    expect(completeWireLine(plan, 'D01', 'PS1.', 4)).toEqual(['PS1.+V', 'PS1.0V']);
    expect(completeWireLine(plan, 'D01', 'PS1.+V K1.COM1 r', 16)).toEqual(['RD']);
  });
});
