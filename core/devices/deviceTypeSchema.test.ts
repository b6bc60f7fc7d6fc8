import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { typeProblems, type DeviceType } from './index';
import { LIBRARY } from './library/index';
import { applyEdit, emptyPlan, newerVersion, nextTypeId, typeBase, type Edit } from '../plan/index';
import { magnetDoor, mustApply } from '../specimens/doors';
import { parseAldaba, writeAldaba } from '../formats/index';
import { asDeviceType } from './asDeviceType';
import { deviceTypeSchema } from './deviceTypeSchema';
import { numberTried } from '../../scripts/testSlice';

const own = (type: DeviceType, version = 1): DeviceType => ({
  ...type,
  id: `own-${type.id}@${version}`,
  version,
});

describe('deviceTypeSchema', () => {
  it.each(LIBRARY.map((type) => [type.id, type] as const))('takes %s through JSON unchanged', (_, type) => {
    const text = JSON.stringify(own(type));
    const parsed = deviceTypeSchema.parse(JSON.parse(text));
    expect(asDeviceType(parsed)).toEqual(JSON.parse(text));
    expect(typeProblems(asDeviceType(parsed))).toEqual([]);
  });
  it('refuses whatever is not a type, without throwing anything else', () => {
    fc.assert(
      fc.property(fc.anything(), (anything) => {
        expect(deviceTypeSchema.safeParse(anything).success).toBe(false);
      }),
      { numRuns: numberTried(200) },
    );
  });
  it.each<[string, object]>([
    ['an unknown key', { colourful: true }],
    ['an id without a version', { id: 'my-thing' }],
    ['an unknown symbol', { symbol: 'dragon' }],
    ['a housing that is no IP class', { ip: 'waterproof' }],
    ['a part of no kind', { parts: [{ kind: 'flux', id: 'x', a: 'C', b: 'NO' }] }],
  ])('refuses %s', (_, over) => {
    const type = own(LIBRARY.find(({ id }) => id === 'exit-button')!);
    expect(deviceTypeSchema.safeParse({ ...type, ...over }).success).toBe(false);
  });
});

describe('types of a site', () => {
  const reader = own(LIBRARY.find(({ id }) => id === 'reader-wiegand')!);
  const plan = mustApply(magnetDoor(), { kind: 'addType', type: reader });
  const use: Edit = { kind: 'setDevice', id: 'D01/R1', patch: { type: reader.id } };

  it('go out in the site file and come in again', () => {
    const used = mustApply(plan, use, { kind: 'setSite', patch: { colours: { plus: 'OG' } } });
    const read = parseAldaba(JSON.stringify(writeAldaba(used, { secrets: true })));
    expect(read).toEqual({ ok: true, plan: used, notes: [] });
  });
  it('are taken back by the inverse, and not removed while in use', () => {
    const added = applyEdit(magnetDoor(), { kind: 'addType', type: reader });
    if (!added.ok) throw new Error('refused');
    expect(mustApply(added.plan, added.inverse)).toEqual(magnetDoor());
    const used = mustApply(plan, use);
    expect(applyEdit(used, { kind: 'removeType', id: reader.id })).toMatchObject({
      ok: false,
      refusal: { reason: 'in-use' },
    });
  });
  it('keep their version in use until the device is updated', () => {
    const next = own(reader, 2);
    const second: DeviceType = {
      ...next,
      id: nextTypeId(plan, typeBase(reader.id)),
      version: 2,
      name: 'Next',
    };
    const both = mustApply(plan, use, { kind: 'addType', type: second });
    expect(both.devices['D01/R1']?.type).toBe(reader.id);
    expect(newerVersion(both, reader.id)?.version).toBe(2);
    expect(newerVersion(both, second.id)).toBeNull();
  });
  it('refuse a type that would leave a wire hanging, and one that is not whole', () => {
    const bare: DeviceType = {
      ...reader,
      id: 'bare@1',
      terminals: reader.terminals.slice(0, 2),
      parts: [],
      roles: {},
      functions: [],
    };
    const withBare = mustApply(plan, { kind: 'addType', type: bare });
    expect(applyEdit(withBare, { kind: 'setDevice', id: 'D01/R1', patch: { type: 'bare@1' } })).toMatchObject(
      {
        ok: false,
        refusal: { reason: 'unknown-terminal' },
      },
    );
    const broken: DeviceType = { ...reader, id: 'broken@1', parts: [] };
    expect(applyEdit(emptyPlan('s', 's'), { kind: 'addType', type: broken })).toMatchObject({
      ok: false,
      refusal: { reason: 'bad-type' },
    });
  });
});
