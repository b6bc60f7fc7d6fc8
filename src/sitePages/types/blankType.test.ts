import { describe, expect, it } from 'vitest';
import { deviceTypeSchema } from '#core/devices/deviceTypeSchema';
import { typeProblems, type DeviceType, type PartKind } from '#core/devices/index';
import { applyEdit, emptyPlan, type Edit } from '#core/plan/index';
import { blankFunction, FUNCTION_KINDS } from '#core/functions/index';
import { BLANK_TYPE, blankLock, blankPart, freeId, slug } from './blankType';

const PARTS: readonly PartKind[] = [
  'contact',
  'coil',
  'load',
  'electronic',
  'source',
  'input',
  'output',
  'varistor',
  'diode',
  'resistor',
  'link',
];
const asFile = (type: DeviceType): unknown => JSON.parse(JSON.stringify(type));

describe('what a new thing in the type editor starts as', () => {
  it('is a whole type that a site takes as it is', () => {
    expect(deviceTypeSchema.safeParse(asFile(BLANK_TYPE)).success).toBe(true);
    expect(typeProblems(BLANK_TYPE)).toEqual([]);
    const edit: Edit = { kind: 'addType', type: BLANK_TYPE };
    expect(applyEdit(emptyPlan('s', 'Bench'), edit).ok).toBe(true);
  });

  it.each(PARTS)('%s: a part that the schema takes and the type bears', (kind) => {
    const part = blankPart(kind, 'extra', ['V+', 'V-'], 'board');
    expect(part.kind).toBe(kind);
    const type = { ...BLANK_TYPE, parts: [...BLANK_TYPE.parts, part] };
    expect(deviceTypeSchema.safeParse(asFile(type)).error?.issues ?? []).toEqual([]);
    // A contact moves with a state that a function is still to name: that alone is asked for.
    const asked = typeProblems(type).map(({ path }) => path);
    expect(asked).toEqual(kind === 'contact' ? ['parts[1].state'] : []);
  });

  it.each(FUNCTION_KINDS)('%s: a function that the schema takes', (kind) => {
    const one = blankFunction(kind, 'board');
    expect(one.kind).toBe(kind);
    const file = asFile({ ...BLANK_TYPE, functions: [one] });
    expect(deviceTypeSchema.safeParse(file).error?.issues ?? []).toEqual([]);
  });

  it('asks for the input that a fire input or an operator reads, by name, and for nothing that has none', () => {
    for (const kind of ['fireInput', 'operator'] as const) {
      const problems = typeProblems({ ...BLANK_TYPE, functions: [blankFunction(kind, 'board')] });
      expect([kind, problems.length > 0]).toEqual([kind, true]);
      for (const { path } of problems) expect(path).toMatch(/functions|settings/);
    }
  });

  it.each(['magnet', 'strike'] as const)('%s: a lock that the schema takes and the type bears', (kind) => {
    const part = blankPart('coil', 'solenoid', ['V+', 'V-'], 'board');
    const lock = blankLock(kind, part.id)!;
    const type: DeviceType = {
      ...BLANK_TYPE,
      family: 'lock',
      parts: [...BLANK_TYPE.parts, part],
      lock,
      roles: { lock: { plus: 'V+', minus: 'V-' } },
    };
    expect(deviceTypeSchema.safeParse(asFile(type)).error?.issues ?? []).toEqual([]);
    expect(typeProblems(type)).toEqual([]);
  });
  it('is no lock where none is wanted', () => {
    expect(blankLock('none', 'solenoid')).toBeUndefined();
  });
});

describe('ids that the editor makes', () => {
  it('are free, and counted from the second on', () => {
    expect(freeId([], 'board')).toBe('board');
    expect(freeId(['board'], 'board')).toBe('board2');
    expect(freeId(['board', 'board2', 'board3'], 'board')).toBe('board4');
  });
  it('are made of small letters, digits and dashes, whatever the name', () => {
    for (const name of ['Exit  Button, lit', 'Türöffner 24 V', '—', '', 'x'.repeat(90), '門の鍵', ' a/b\\c '])
      expect(slug(name)).toMatch(/^[a-z0-9][a-z0-9-]{0,39}$/);
    expect(slug('Exit Button, 24 V')).toBe('exit-button-24-v');
    expect(slug('—')).toBe('own-device');
  });
});
