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
