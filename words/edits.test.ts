import { describe, expect, it } from 'vitest';
import { COLLECTIONS, kindOf, redactEdit, type Collection, type Edit } from '#core/plan/index';
import { mustApply, strikeDoor } from '../core/specimens/doors';
import { asideWords, editWords, othersWords, thingWords, whyWords } from './index';

const plan = mustApply(
  strikeDoor(),
  {
    kind: 'addPerson',
    person: { id: 'P1', name: 'Ines', role: 'user', doors: ['D01'], code: '480216', card: null, slots: {} },
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
      'Door D04: dead state, ways of wiring',
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
