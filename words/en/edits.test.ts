import { describe, expect, it } from 'vitest';
import {
  COLLECTIONS,
  kindOf,
  redactEdit,
  blankPerson,
  type Collection,
  type Edit,
  type Plan,
} from '#core/plan/index';
import { magnetDoor, mustApply, strikeDoor } from '../../core/specimens/doors';
import {
  asideWords,
  differenceWords,
  editWords,
  othersWords,
  thingWords,
  typedWords,
  whyWords,
} from './index';

const plan = mustApply(
  strikeDoor(),
  {
    kind: 'addPerson',
    person: {
      ...blankPerson('P1', 'Ines'),
      doors: ['D01'],
      code: '480216',
    },
  },
  {
    kind: 'setMemory',
    device: 'D01/K1',
    memory: { device: 'D01/K1', programmingCode: '731946', slots: {}, times: {} },
  },
  {
    kind: 'addReading',
    reading: {
      id: 'R1',
      door: 'D01',
      check: 'card',
      value: 1,
      passed: true,
      low: 0,
      high: 2,
      by: '',
      at: '2026-11-01T10:00:00.000Z',
      meter: '',
      serial: '',
      withdrawn: null,
      note: '',
    },
  },
);

/** Every edit of a kind, made from what the plan holds of it. */
function editsOf(collection: Collection): Edit[] {
  const { verbs, as, key } = kindOf(collection);
  const [id, entity] = Object.entries(plan[collection])[0] ?? ['x', { id: 'x', name: 'Own type' }];
  if ('put' in verbs)
    return [
      { kind: verbs.put, [key]: id, [as]: entity },
      { kind: verbs.put, [key]: id, [as]: null },
    ] as unknown as Edit[];
  return [
    { kind: verbs.add, [as]: entity },
    { kind: verbs.remove, id },
    ...(verbs.set ? [{ kind: verbs.set, id, patch: { notes: 'x', name: 'y' } }] : []),
  ] as unknown as Edit[];
}

describe('editWords', () => {
  it.each(COLLECTIONS.map((one) => [one]))(
    'says what every edit of %s does, and shows nothing secret',
    (collection) => {
      for (const edit of editsOf(collection)) {
        const words = editWords(redactEdit(edit));
        expect(words).toMatch(/^\S.{5,}$/);
        expect(words).not.toMatch(/undefined|null|\[object|480216|731946|••/);
        expect(words.charAt(0)).toBe(words.charAt(0).toUpperCase());
      }
    },
  );
  it('names the thing and what of it', () => {
    expect(editWords({ kind: 'setDoor', id: 'D04', patch: { deadState: null, schools: {} } })).toBe(
      'Door D04: fail-safe or fail-secure, wiring methods',
    );
    expect(editWords({ kind: 'removeDevice', id: 'D04/L1' })).toBe('Device D04/L1 removed');
    expect(editWords({ kind: 'setCable', id: 'D01/L1', cable: null })).toBe('Cable D01/L1 removed');
    expect(editWords({ kind: 'setSetting', device: 'D01/K1', setting: 'ch1.unlock', value: null })).toBe(
      'D01/K1: ch1.unlock = as delivered',
    );
    expect(editWords({ kind: 'batch', label: 'wire the door', edits: [1, 2, 3] })).toBe('Wire the door (3)');
    expect(editWords({ kind: 'restored' })).toContain('backup');
  });
  it('says something of whatever stands in an old log', () => {
    for (const body of [
      null,
      7,
      'x',
      {},
      { kind: 'gone' },
      { kind: 'addDoor' },
      { kind: 'setPerson' },
      { kind: 'batch' },
      { kind: 'setMemory', memory: '••••' },
    ])
      expect(editWords(body).length).toBeGreaterThan(3);
  });
});

describe('words of saving', () => {
  const refusal = { reason: 'number-taken', id: 'W07' } as const;
  it('say why a change stands aside, and that it is kept', () => {
    for (const why of [
      { kind: 'refused', refusal },
      { kind: 'too-large' },
      { kind: 'not-understood', message: '' },
      { kind: 'not-understood', message: 'At x: y.' },
      { kind: 'breaks-server' },
    ] as const)
      expect(whyWords(why)).toMatch(/^[A-Z“].*\.$/);
    const words = asideWords({
      edit: { kind: 'disconnect', id: 'D01/W07' },
      why: { kind: 'refused', refusal },
    });
    expect(words).toContain('could not be saved');
    expect(words).toContain('It is kept');
    expect(words).toContain('W07');
  });
  it('name each author once, and somebody where nobody said who', () => {
    expect(othersWords(['Mirela', 'Mirela', ''], 2)).toBe(
      'Changes by Mirela, somebody came in meanwhile; yours are kept.',
    );
    expect(othersWords(['Mirela'], 0)).toBe('Changes by Mirela came in.');
  });
  it('name what an undo would replace', () => {
    expect(thingWords('doors', 'D01', plan.doors['D01']!)).toBe('door D01');
    expect(thingWords('people', 'P1', plan.people['P1']!)).toBe('person Ines');
    expect(thingWords('conductors', 'D01/W07', null)).toBe('wire D01/W07');
  });
});

describe('differenceWords', () => {
  const plan = magnetDoor();
  const door = plan.doors['D01']!;
  const at = { collection: 'doors', id: 'D01' } as const;

  it('say a field at a time what is there now and what would be', () => {
    expect(
      differenceWords({
        ...at,
        before: { ...door, name: 'Theirs', order: 3 },
        after: { ...door, name: 'Binding shop', order: 1 },
      }),
    ).toEqual([
      'door D01, place in the list: 3 now, 1 then',
      'door D01, name: “Theirs” now, “Binding shop” then',
    ]);
  });
  it('say where a thing would be gone, or there again, and nothing of what stays', () => {
    expect(differenceWords({ ...at, before: door, after: null })).toEqual(['door D01 would be gone']);
    expect(differenceWords({ ...at, before: null, after: door })).toEqual(['door D01 would be there again']);
    expect(differenceWords({ ...at, before: door, after: { ...door } })).toEqual([]);
  });
  it('never show a secret', () => {
    const person = { id: 'P1', name: 'Ines', code: '4711', doors: ['D01'], slots: {}, cards: [] };
    const before = { ...person, role: 'user' as const, notes: '' } as unknown as Plan['people'][string];
    const [line, ...more] = differenceWords({
      collection: 'people',
      id: 'P1',
      before,
      after: { ...before, code: '0815' },
    });
    expect([line, more]).toEqual(['person Ines, code: would be what it was before', []]);
  });
});

describe('typedWords', () => {
  it('give every text that was typed, whatever the edit', () => {
    expect(typedWords({ kind: 'setDoor', id: 'D08', patch: { notes: 'Shim the keep', name: '' } })).toEqual([
      'notes: Shim the keep',
      'name: (nothing)',
    ]);
    expect(typedWords({ kind: 'setSetting', device: 'D01/K1', setting: 'ch1.unlock', value: 7 })).toEqual([
      'device: D01/K1',
      'setting: ch1.unlock',
      'value: 7',
    ]);
    const batch: Edit = {
      kind: 'batch',
      label: 'two',
      edits: [
        { kind: 'disconnect', id: 'D01/W01' },
        { kind: 'setDoor', id: 'D01', patch: { notes: 'a' } },
      ],
    };
    expect(typedWords(batch)).toEqual(['notes: a']);
  });
});
