import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blankPerson, COLLECTIONS, kindOf, VERBS, type Edit, type Plan } from '../plan/index';
import { NASTY_TEXTS, nastyValue } from '../specimens/arbitraryValue';
import { magnetDoor, mustApply, strikeDoor } from '../specimens/doors';
import { admit, DEEPEST_BATCH, issuesOf, MOST_EDITS, parseEdit, SCHEMAS, siteSchema } from './index';
import { numberTried } from '../../scripts/testSlice';

const plan = magnetDoor();
const wire = Object.values(plan.conductors)[0]!;
const refusalOf = (value: unknown, at: Plan = plan) => {
  const result = admit(at, value);
  return result.ok ? null : result.refusal;
};
const nested = (depth: number): unknown =>
  depth === 0
    ? { kind: 'disconnect', id: wire.id }
    : { kind: 'batch', label: '', edits: [nested(depth - 1)] };

describe('parseEdit', () => {
  it('takes a patch without inventing defaults', () => {
    const edit = { kind: 'setDoor', id: 'D01', patch: { name: 'x' } };
    expect(parseEdit(edit)).toEqual({ ok: true, edit });
    expect(parseEdit({ kind: 'setSite', patch: {} })).toEqual({
      ok: true,
      edit: { kind: 'setSite', patch: {} },
    });
  });
  it('fills in what an entity may leave out', () => {
    const parsed = parseEdit({ kind: 'addDoor', door: { id: 'D09', order: 1, name: '' } });
    expect(parsed).toMatchObject({
      ok: true,
      edit: {
        door: { deadState: null, schools: {}, notes: '', brief: { escapeRoute: null, readerDistance: 1.5 } },
      },
    });
  });
  it.each([
    ['what is no edit', 'text', ''],
    ['nothing', null, ''],
    ['an unknown kind', { kind: 'explode' }, 'kind'],
    ['an unknown key', { kind: 'disconnect', id: 'x', also: 1 }, ''],
    ['a patch of what is fixed', { kind: 'setDoor', id: 'D01', patch: { id: 'D02' } }, 'patch'],
    [
      'a spot deep in a batch',
      { kind: 'batch', label: '', edits: [{ kind: 'setDoor', id: 'D01', patch: { order: 'x' } }] },
      'edits[0].patch.order',
    ],
    ['a batch without edits', { kind: 'batch', label: '' }, 'kind'],
    ['a label of several lines', { kind: 'batch', label: 'a\nb', edits: [] }, 'label'],
    ['an extra key of a batch', { kind: 'batch', label: '', edits: [], also: 1 }, ''],
  ])('refuses %s, and names the spot', (_, value, spot) => {
    const parsed = parseEdit(value);
    expect(parsed).toMatchObject({ ok: false, refusal: { reason: 'invalid' } });
    if (!parsed.ok) expect(parsed.refusal.id).toBe(spot);
  });
  it('goes no deeper into batches than its bound, and no further than its count', () => {
    expect(parseEdit(nested(DEEPEST_BATCH)).ok).toBe(true);
    expect(parseEdit(nested(DEEPEST_BATCH + 1)).ok).toBe(false);
    expect(parseEdit(nested(5000)).ok).toBe(false);
    const many = {
      kind: 'batch',
      label: '',
      edits: Array(MOST_EDITS + 1).fill({ kind: 'disconnect', id: 'x' }),
    };
    expect(parseEdit(many).ok).toBe(false);
  });
  it('never throws, and what it lets through it lets through again', () => {
    const edit = fc.record({
      kind: fc.constantFrom(...VERBS.keys(), 'batch', 'setSite', 'setSetting'),
      id: nastyValue,
      patch: nastyValue,
      door: nastyValue,
      device: nastyValue,
      setting: nastyValue,
      value: nastyValue,
      label: nastyValue,
      edits: fc.array(nastyValue, { maxLength: 2 }),
    });
    fc.assert(
      fc.property(edit, (value) => {
        const parsed = parseEdit(value);
        if (parsed.ok) expect(parseEdit(parsed.edit)).toEqual(parsed);
      }),
      { numRuns: numberTried(500) },
    );
  });
});

describe('admit', () => {
  it('lets in what the interface makes, and gives the edit as it was read', () => {
    const result = admit(plan, { kind: 'setConductor', id: wire.id, patch: { gauge: '1.0 mm²' } });
    expect(result).toMatchObject({ ok: true, edit: { patch: { gauge: '1mm2' } } });
  });
  it('refuses settings that the type does not take, wherever they come in', () => {
    const device = { id: 'D01/L9', door: 'D01', tag: 'L9', type: 'magnet-lock', place: 'above' };
    expect(
      refusalOf({ kind: 'addDevice', device: { ...device, settings: { voltage: '99' } } }),
    ).toMatchObject({
      reason: 'bad-setting',
      at: 'settings.voltage',
    });
    expect(refusalOf({ kind: 'addDevice', device: { ...device, settings: { none: 1 } } })).toMatchObject({
      reason: 'bad-setting',
    });
    expect(refusalOf({ kind: 'addDevice', device: { ...device, settings: { voltage: '24' } } })).toBeNull();
    expect(refusalOf({ kind: 'setSetting', device: 'D01/L1', setting: 'voltage', value: 24 })).toMatchObject({
      reason: 'bad-setting',
    });
  });
  it('refuses another type whose settings are not those that are set, until they are taken out', () => {
    const strike = strikeDoor();
    const id = 'D01/L1';
    const toMagnet = { kind: 'setDevice', id, patch: { type: 'magnet-lock' } };
    const mode = Object.keys(strike.devices[id]!.settings);
    if (mode.length > 0) expect(refusalOf(toMagnet, strike)?.reason).toMatch(/bad-setting|unknown-terminal/);
  });
  it.each([
    [
      'a person of a door that is not there',
      { kind: 'addPerson', person: { id: 'P', name: 'x', doors: ['D77'] } },
      'doors[0]',
    ],
    [
      'a slot in a keypad that is not there',
      { kind: 'addPerson', person: { id: 'P', name: 'x', slots: { K9: 1 } } },
      'slots',
    ],
    [
      'a cable whose id is not its own',
      { kind: 'setCable', id: 'D01/A', cable: { id: 'D01/A', door: 'D01', name: 'B', make: '4x0.22s' } },
      'id',
    ],
    [
      'a memory under another device',
      {
        kind: 'setMemory',
        device: 'D01/K1',
        memory: { device: 'D01/L1', programmingCode: '', slots: {}, times: {} },
      },
      'device',
    ],
    [
      'a wire from a terminal to itself',
      { kind: 'connect', conductor: { ...wire, id: 'n', number: 'N', to: wire.from } },
      'to',
    ],
    ['a wire number that is taken', { kind: 'connect', conductor: { ...wire, id: 'n' } }, 'number'],
    ['a tag that is taken', { kind: 'setDevice', id: 'D01/L1', patch: { tag: 'K1' } }, 'tag'],
  ])('refuses %s, and names the spot', (_, value, at) => {
    expect(refusalOf(value)).toMatchObject({ at });
  });
  it('refuses keypad slots that are one slot written twice', () => {
    const slots = (name: string) => ({
      kind: 'setMemory',
      device: 'D01/K1',
      memory: {
        device: 'D01/K1',
        programmingCode: '',
        slots: { [name]: { code: null, card: null } },
        times: {},
      },
    });
    for (const name of ['0', '1', '99999']) expect(refusalOf(slots(name))).toBeNull();
    for (const name of ['01', '001', '1.0', ' 1', '-1', '100000', 'x'])
      expect([name, refusalOf(slots(name))?.reason]).toEqual([name, 'invalid']);
  });
  it('does not keep anybody from changing something else about a thing that an older version let in', () => {
    // A device that an old database holds with a value which its type no longer takes.
    const device = { ...plan.devices['D01/L1']!, settings: { voltage: '99' } };
    const old: Plan = { ...plan, devices: { ...plan.devices, 'D01/L1': device } };
    expect(refusalOf({ kind: 'setDevice', id: 'D01/L1', patch: { notes: 'seen' } }, old)).toBeNull();
    expect(
      refusalOf({ kind: 'setSetting', device: 'D01/L1', setting: 'voltage', value: null }, old),
    ).toBeNull();
    expect(
      refusalOf({ kind: 'setSetting', device: 'D01/L1', setting: 'voltage', value: '98' }, old),
    ).not.toBeNull();
  });
});

describe('ids and texts', () => {
  const idOk = (id: string) => SCHEMAS.doors.safeParse({ id, order: 1, name: '' }).success;
  it('of doors and sites are what an address and a file name bear', () => {
    for (const id of ['D01', 'Tür 3', '門', 'Дверь 1', 'a_b-c', '7', 'x'.repeat(60)])
      expect([id, idOk(id)]).toEqual([id, true]);
    for (const id of [
      '',
      ' D01',
      'D01 ',
      'a/b',
      'a&b',
      'a+b',
      'a#b',
      'a=b',
      'a?b',
      'a;b',
      'a:b',
      'a%41',
      'a.b',
      'a\nb',
      'a\u0000b',
      '-a',
      '__proto__',
      'constructor',
      'toString',
      'x'.repeat(61),
      '\ud800',
    ])
      expect([id, idOk(id)]).toEqual([id, false]);
  });
  it('of things inside a site bear more, but nothing that breaks a table, a line or a terminal', () => {
    const ok = (id: string) => SCHEMAS.people.safeParse({ id, name: 'x' }).success;
    for (const id of ['D01/K1', "W01'", 'a&b', 'a:b', '😀']) expect([id, ok(id)]).toEqual([id, true]);
    for (const id of ['', ' a', 'a.b', 'a\nb', 'constructor', 'hasOwnProperty', '\udc00'])
      expect([id, ok(id)]).toEqual([id, false]);
  });
  it('that are let in survive UTF-8 and JSON as they are', () => {
    for (const name of NASTY_TEXTS) {
      const parsed = siteSchema.safeParse({ id: 's', name });
      if (!parsed.success) continue;
      expect(new TextDecoder().decode(new TextEncoder().encode(parsed.data.name))).toBe(name);
      expect(JSON.parse(JSON.stringify(parsed.data))).toEqual(parsed.data);
    }
  });
});

describe('every kind of edit', () => {
  it('has a schema that lets in what applyEdit makes as its inverse', () => {
    const full = mustApply(strikeDoor(), {
      kind: 'addPerson',
      person: {
        ...blankPerson('P1', 'x'),
        doors: ['D01'],
        code: '4711',
        slots: { 'D01/K1': 1 },
      },
    });
    const edits: Edit[] = COLLECTIONS.flatMap((collection): Edit[] => {
      const { verbs, key, as } = kindOf(collection);
      const [id] = Object.keys(full[collection]);
      if (id === undefined) return [];
      return [
        'put' in verbs ? { kind: verbs.put, [key]: id, [as]: null } : { kind: verbs.remove, id },
      ] as unknown as Edit[];
    });
    for (const edit of edits) {
      const there = admit(full, edit);
      if (!there.ok) throw new Error(JSON.stringify(there.refusal));
      const back = admit(there.plan, JSON.parse(JSON.stringify(there.inverse)));
      expect(back.ok && back.plan).toEqual(full);
    }
  });
});

describe('issuesOf', () => {
  it('names the branch of a choice that came nearest', () => {
    const parsed = SCHEMAS.types.safeParse({
      ...JSON.parse('{}'),
      settings: [{ id: 'a', label: '', kind: 'number', unit: '', min: 'x', max: 1, initial: 1 }],
    });
    const issues = parsed.success ? [] : issuesOf(parsed.error.issues);
    expect(issues.map(({ path }) => path)).toContain('settings[0].min');
  });
});
