import { describe, expect, it } from 'vitest';
import { mustApply, strikeDoor } from '../specimens/doors';
import {
  blankCard,
  blankPerson,
  applyDelta,
  LOGGED_SECRET,
  planDelta,
  publicDelta,
  publicPlan,
  redactEdit,
  SECRET_COLLECTIONS,
  secretTables,
  touchesSecrets,
  withoutSecrets,
  type Edit,
  type Plan,
} from './index';

const SECRETS = ['480216', '731946', '61234'];
const person = {
  ...blankPerson('P1', 'Ines Calloway'),
  doors: ['D01'],
  code: '480216',
  cards: [blankCard(7, 61234)],
  slots: { 'D01/K1': 3 },
};
const memory = {
  device: 'D01/K1',
  programmingCode: '731946',
  slots: { 3: { code: '480216', card: { facility: 7, number: 61234 } } },
  times: { unlock: 5 },
};
const plan: Plan = mustApply(
  strikeDoor(),
  { kind: 'addPerson', person },
  { kind: 'setMemory', device: 'D01/K1', memory },
);
const shows = (value: unknown) => SECRETS.filter((secret) => JSON.stringify(value).includes(secret));

describe('what is secret', () => {
  it('is codes, card numbers and keypad memories', () => {
    expect([...SECRET_COLLECTIONS].sort()).toEqual(['memories', 'people']);
    expect(shows(plan)).toEqual(SECRETS);
  });
  it('stands in no plan that is shown to anybody, which else is the plan', () => {
    const open = publicPlan(plan);
    expect(shows(open)).toEqual([]);
    expect(open.people['P1']).toEqual({ ...person, code: '', cards: [] });
    expect(open.memories).toEqual({});
    expect({ ...open, ...secretTables(plan) }).toEqual(plan);
    // The plan itself is left as it was.
    expect(shows(plan)).toEqual(SECRETS);
  });
  it('stands in no difference that is shown to anybody', () => {
    const delta = planDelta(strikeDoor(), plan);
    expect(shows(delta)).toEqual(SECRETS);
    expect(shows(publicDelta(delta))).toEqual([]);
    expect(applyDelta(strikeDoor(), publicDelta(delta)).people['P1']?.name).toBe('Ines Calloway');
    const gone = planDelta(plan, mustApply(plan, { kind: 'removePerson', id: 'P1' }));
    expect(publicDelta(gone).gone).toEqual({ people: ['P1'] });
  });
  it('leaves what is not secret alone', () => {
    expect(withoutSecrets('doors', plan.doors['D01']!)).toEqual(plan.doors['D01']);
    expect(withoutSecrets('memories', memory)).toBeNull();
  });
});

describe('redactEdit', () => {
  it.each<[string, Edit]>([
    ['a person added', { kind: 'addPerson', person }],
    ['a code changed', { kind: 'setPerson', id: 'P1', patch: { code: '480216' } }],
    ['a card changed', { kind: 'setPerson', id: 'P1', patch: { cards: [blankCard(7, 61234)] } }],
    ['a keypad recorded', { kind: 'setMemory', device: 'D01/K1', memory }],
    [
      'all of it in a batch in a batch',
      {
        kind: 'batch',
        label: '',
        edits: [
          { kind: 'batch', label: '', edits: [{ kind: 'addPerson', person }] },
          { kind: 'setMemory', device: 'D01/K1', memory },
        ],
      },
    ],
  ])('strikes out of the log what is secret about %s', (_, edit) => {
    const logged = redactEdit(edit);
    expect(shows(edit).length).toBeGreaterThan(0);
    expect(shows(logged)).toEqual([]);
    expect(JSON.stringify(logged)).toContain(LOGGED_SECRET);
  });
  it('keeps the rest, and says what is empty as empty', () => {
    expect(redactEdit({ kind: 'setPerson', id: 'P1', patch: { name: 'Ines', code: '' } })).toEqual({
      kind: 'setPerson',
      id: 'P1',
      patch: { name: 'Ines', code: '' },
    });
    expect(redactEdit({ kind: 'setMemory', device: 'D01/K1', memory: null })).toEqual({
      kind: 'setMemory',
      device: 'D01/K1',
      memory: null,
    });
    const plain: Edit = { kind: 'setSetting', device: 'D01/K1', setting: 'ch1.unlock', value: 9 };
    expect(redactEdit(plain)).toBe(plain);
  });
});

describe('touchesSecrets', () => {
  const batch = (...edits: unknown[]) => ({ kind: 'batch', label: '', edits });
  it('is true of whatever says what a code, a card or a memory is to be, emptied ones too', () => {
    for (const edit of [
      { kind: 'addPerson', person },
      { kind: 'setPerson', id: 'P1', patch: { code: '' } },
      { kind: 'setPerson', id: 'P1', patch: { name: 'Ines', cards: [] } },
      { kind: 'setMemory', device: 'D01/K1', memory },
      { kind: 'setMemory', device: 'D01/K1', memory: null },
      batch(batch({ kind: 'setMemory', device: 'D01/K1', memory: null })),
    ])
      expect([edit, touchesSecrets(edit)]).toEqual([edit, true]);
  });
  it('is false of all else, and of what is no edit', () => {
    for (const edit of [
      { kind: 'addPerson', person: { ...blankPerson('P2', 'Odd'), doors: ['D01'] } },
      { kind: 'setPerson', id: 'P1', patch: { name: 'Ines' } },
      { kind: 'removePerson', id: 'P1' },
      { kind: 'setDoor', id: 'D01', patch: { name: 'x' } },
      batch(),
      null,
      7,
      'setMemory',
      { kind: 'nothing' },
      { kind: 'setPerson', patch: null },
    ])
      expect([edit, touchesSecrets(edit)]).toEqual([edit, false]);
  });
  it('sees what an older time called by another name', () => {
    const old = { kind: 'setPerson', id: 'P1', patch: { card: null } };
    const renew = (_: unknown, value: unknown) => ({ ...(value as object), cards: [] });
    expect([touchesSecrets(old), touchesSecrets(old, renew)]).toEqual([false, true]);
  });
});
