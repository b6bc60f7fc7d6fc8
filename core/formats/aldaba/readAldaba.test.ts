import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { COLLECTIONS, kindOf } from '../../plan/index';
import { NASTY_NUMBERS, NASTY_TEXTS } from '../../specimens/arbitraryValue';
import { magnetDoor, strikeDoor } from '../../specimens/doors';
import { differences } from './differences';
import { fileSchema } from './fileSchema';
import { MOST_PROBLEMS, parseAldaba, readAldaba, type ReadResult } from './readAldaba';
import { writeAldaba } from './writeAldaba';
import { numberTried } from '../../../scripts/testSlice';

type File = Record<string, unknown> &
  Record<'doors' | 'devices' | 'wires' | 'people' | 'keypads', Record<string, unknown>[]>;
const file = (plan = magnetDoor()): File =>
  JSON.parse(JSON.stringify(writeAldaba(plan, { secrets: true }))) as File;
const problemsOf = (result: ReadResult) =>
  result.ok ? [] : result.problems.map(({ path, message }) => `${path}: ${message}`);
const changed = (change: (file: File) => void): ReadResult => {
  const one = file();
  change(one);
  return readAldaba(one);
};

describe('readAldaba', () => {
  it('reads what is written, whatever the order of its keys, with a byte order mark before it', () => {
    const text = JSON.stringify(Object.fromEntries(Object.entries(file()).reverse()));
    expect(parseAldaba(`\uFEFF${text}`)).toEqual({ ok: true, plan: magnetDoor(), notes: [] });
  });
  it('agrees with the one schema that the documentation shows', () => {
    for (const plan of [magnetDoor(), strikeDoor()]) {
      const one = file(plan);
      expect(fileSchema.safeParse(one).success).toBe(true);
      const { wires: _wires, ...less } = one;
      expect(fileSchema.safeParse(less).success).toBe(readAldaba(less).ok);
    }
  });
  it.each<[string, (file: File) => void, string]>([
    ['another format', (one) => (one['format'] = 'other'), 'format: must be "aldaba-site"'],
    ['a later version', (one) => (one['version'] = 2), 'version: must be 1'],
    ['an unknown key at the top', (one) => (one['rooms'] = []), ': unknown key "rooms"'],
    ['a list that is none', (one) => (one['wires'] = {} as never), 'wires: must be a list'],
    ['no site', (one) => delete one['site'], 'site: '],
    ['a key that is misspelt', (one) => (one.wires[2]!['colur'] = 'RD'), 'wires[2]: unknown key "colur"'],
    ['an entry that is nothing', (one) => (one.doors[0] = null as never), 'doors[0]: '],
    [
      'a terminal that is not there',
      (one) => (one.wires[1]!['to'] = 'D01/L9.+'),
      'wires[1].to: there is no terminal "D01/L9.+"',
    ],
    [
      'a door that is not there',
      (one) => (one.wires[1]!['door'] = 'D09'),
      'wires[1].door: there is no door "D09"',
    ],
    [
      'a type that is not there',
      (one) => (one.devices[0]!['type'] = 'teapot'),
      'devices[0].type: "teapot" is not a device type',
    ],
    [
      'a setting that is no value',
      (one) => (one.devices[3]!['settings'] = { hours: 999 }),
      'devices[3].settings.hours: ',
    ],
    ['an id twice', (one) => one.doors.push(one.doors[0]!), 'doors[1].id: there is already a door "D01"'],
    ['a tag twice', (one) => (one.devices[1]!['tag'] = one.devices[0]!['tag']), 'devices[1].tag: the tag '],
    [
      'a wire number twice',
      (one) => (one.wires[1]!['number'] = one.wires[0]!['number']),
      'wires[1].number: the wire number ',
    ],
    [
      'half a character',
      (one) => (one.doors[0]!['name'] = '\ud800'),
      'doors[0].name: holds half a character',
    ],
    ['an id that no address bears', (one) => (one.doors[0]!['id'] = 'a&b'), 'doors[0].id: must be letters'],
  ])('refuses %s, and says where', (_, change, expected) => {
    const found = problemsOf(changed(change));
    expect(
      found.some((text) => text.startsWith(expected)),
      found.join(' | '),
    ).toBe(true);
  });
  it('says what it read as another value than is written, and nothing else', () => {
    const result = changed((one) => {
      one.wires[0]!['gauge'] = '1.0';
      one.wires[1]!['length'] = -0;
      delete one.wires[2]!['cable'];
    });
    expect(result).toMatchObject({ ok: true, notes: [{ path: 'wires[0].gauge', was: '1.0', is: '1mm2' }] });
    expect(result.ok && result.notes).toHaveLength(1);
  });
  it('stops at a hundred problems, and says that there may be more', () => {
    const many = readAldaba({ ...file(), wires: Array(5000).fill({}) });
    expect(!many.ok && [many.problems.length, many.more]).toEqual([MOST_PROBLEMS, true]);
    const dangling = readAldaba({ ...file(), devices: [] });
    expect(!dangling.ok && dangling.problems.length).toBeGreaterThan(5);
    const one = changed((it) => (it['version'] = 2));
    expect(!one.ok && one.more).toBe(false);
  });
  it('takes no more of a kind than a site may have', () => {
    for (const collection of COLLECTIONS) {
      const { list, most } = kindOf(collection);
      const result = readAldaba({ ...file(), [list]: Array(most + 1).fill(null) });
      expect(problemsOf(result)[0]).toContain(`${list}: holds ${most + 1}`);
    }
  });
  it('loses no keypad slot: one that is written twice is refused', () => {
    const one = file(strikeDoor());
    const keypad = (slots: object) =>
      readAldaba({ ...one, keypads: [{ device: 'D01/K1', programmingCode: '1234', slots, times: {} }] });
    const slot = { code: '4711', card: null };
    expect(keypad({ '1': slot, '2': { code: '4712', card: null } })).toMatchObject({ ok: true });
    for (const name of ['01', '001', '1.0', '+1'])
      expect([name, keypad({ '1': slot, [name]: slot }).ok]).toEqual([name, false]);
  });
  it('takes its own export in again, with people who have slots and doors', () => {
    const one = file(strikeDoor());
    const person = { id: 'P1', name: 'x', doors: ['D01'], slots: { 'D01/K1': 3 } };
    const read = readAldaba({ ...one, people: [person] });
    if (!read.ok) throw new Error(problemsOf(read).join());
    for (const secrets of [true, false])
      expect(parseAldaba(JSON.stringify(writeAldaba(read.plan, { secrets })))).toMatchObject({ ok: true });
    for (const bad of [
      { ...person, doors: ['D77'] },
      { ...person, slots: { K77: 1 } },
    ])
      expect(readAldaba({ ...one, people: [bad] }).ok).toBe(false);
  });
  it('never throws, and never lets anything through that it would not read again', () => {
    const value = fc.oneof(
      fc.constantFrom(...NASTY_TEXTS),
      fc.constantFrom(...NASTY_NUMBERS),
      fc.jsonValue({ maxDepth: 2 }),
    );
    const spots = ['site', 'doors', 'devices', 'wires', 'people', 'cables', 'types', 'keypads', 'readings'];
    fc.assert(
      fc.property(fc.constantFrom(...spots), fc.nat(5), fc.string(), value, (list, index, key, put) => {
        const one = file();
        const target = list === 'site' ? one['site'] : (one[list] as unknown[])[index];
        if (typeof target !== 'object' || target === null) return;
        const keys = Object.keys(target);
        const name = keys[key.length % Math.max(1, keys.length)] ?? key;
        (target as Record<string, unknown>)[name] = put;
        const read = readAldaba(one);
        if (!read.ok) return;
        expect(readAldaba(writeAldaba(read.plan, { secrets: true }))).toEqual({
          ok: true,
          plan: read.plan,
          notes: [],
        });
      }),
      { numRuns: numberTried(300) },
    );
    fc.assert(fc.property(fc.string(), (text) => parseAldaba(text).ok === false));
  });
});

describe('writeAldaba', () => {
  it('gives the same text for the same plan, however its entries came', () => {
    const plan = magnetDoor();
    const turned = { ...plan, conductors: Object.fromEntries(Object.entries(plan.conductors).reverse()) };
    expect(JSON.stringify(writeAldaba(turned, { secrets: true }))).toBe(
      JSON.stringify(writeAldaba(plan, { secrets: true })),
    );
  });
  it('gives a copy: who changes it does not change the plan', () => {
    const plan = magnetDoor();
    const out = writeAldaba(plan, { secrets: true }) as unknown as File;
    out.doors[0]!['name'] = 'other';
    expect(plan.doors['D01']?.name).toBe('Door D01');
  });
});

describe('differences', () => {
  it('are none where what was added is all that differs', () => {
    expect(differences({ a: 1, b: [{ c: 'x' }] }, { a: 1, b: [{ c: 'x', d: 2 }], e: null }, 'x')).toEqual([]);
    expect(differences(-0, 0, 'x')).toEqual([]);
  });
  it('name the spot, what was and what is', () => {
    expect(differences({ a: [{ b: '1.0' }, 2] }, { a: [{ b: '1mm2' }, 2] }, 'w')).toEqual([
      { path: 'w.a[0].b', was: '1.0', is: '1mm2' },
    ]);
    expect(differences({ a: { b: 1 } }, {}, 'w')).toEqual([{ path: 'w.a', was: '{"b":1}', is: null }]);
  });
});
