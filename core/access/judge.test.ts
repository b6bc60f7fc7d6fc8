import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blankCard, blankPerson, type Edit, type Person, type Plan } from '../plan/index';
import { magnetDoor, mustApply, strikeDoor } from '../specimens/doors';
import { judge, mayOpen, type Presented } from './index';

const AT = { day: '2026-11-30', minute: 600 };
const person = (id: string, over: Partial<Person>): Edit => ({
  kind: 'addPerson',
  person: { ...blankPerson(id, id), doors: ['D01'], ...over },
});
const cardOf = (facility: number, number: number, format = 'bits-26'): Presented => ({
  kind: 'card',
  card: { facility, number, format },
});
const at = (plan: Plan, presented: Presented, held: Parameters<typeof judge>[4] = null) =>
  judge(plan, plan.doors['D01']!, presented, AT, held);

describe('a card at a controller', () => {
  const site = (): Plan =>
    mustApply(
      magnetDoor(),
      person('P1', { cards: [blankCard(71, 2001), { ...blankCard(71, 2002), lost: '2026-11-20' }] }),
      person('P2', { doors: [], cards: [{ ...blankCard(900, 17), format: 'bits-34' }] }),
      person('P3', { until: '2026-11-01', cards: [blankCard(71, 2003)] }),
    );
  it('opens for whoever it is, by the rule that says so', () => {
    expect(at(site(), cardOf(71, 2001))).toMatchObject({
      opens: true,
      ground: { kind: 'rule', person: 'P1', rule: { kind: 'by-name' } },
      bits: expect.stringMatching(/^[01]{26}$/),
      as: null,
    });
    expect(at(site(), cardOf(71, 2003))).toMatchObject({
      opens: false,
      ground: { kind: 'rule', person: 'P3', rule: { kind: 'expired' } },
    });
  });
  it('does not open that is lost, or nobody’s', () => {
    expect(at(site(), cardOf(71, 2002))).toMatchObject({
      opens: false,
      ground: { kind: 'lost', person: 'P1' },
    });
    expect(at(site(), cardOf(71, 9))).toMatchObject({ opens: false, ground: { kind: 'nobody' } });
  });
  it('is nothing to one that waits for another frame, until it is set to it', () => {
    const plan = site();
    expect(at(plan, cardOf(900, 17, 'bits-34'))).toMatchObject({
      opens: false,
      ground: { kind: 'unseen', seen: { kind: 'length', came: 34 } },
    });
    const set = mustApply(plan, { kind: 'setSetting', device: 'D01/K1', setting: 'frame', value: 'bits-34' });
    expect(at(set, cardOf(900, 17, 'bits-34'))).toMatchObject({
      opens: false,
      ground: { kind: 'rule', person: 'P2', rule: { kind: 'no-level' } },
    });
    expect(at(set, cardOf(71, 2001))).toMatchObject({ opens: false, ground: { kind: 'unseen' } });
    const odd = mustApply(plan, {
      kind: 'setSetting',
      device: 'D01/K1',
      setting: 'frame',
      value: 'nobody-s',
    });
    expect(at(odd, cardOf(71, 2001))).toMatchObject({ opens: null, ground: { kind: 'no-such-frame' } });
  });
  it('is taken for another one where a frame of as many bits is cut elsewhere', () => {
    const own = {
      id: 'shifted',
      name: 'Shifted',
      bits: 26,
      facility: { from: 2, to: 8 },
      number: { from: 9, to: 25 },
      parities: [],
      fixed: [],
    };
    const plan = mustApply(
      site(),
      { kind: 'addCardFormat', cardFormat: own },
      { kind: 'setSetting', device: 'D01/K1', setting: 'frame', value: 'shifted' },
    );
    // 71 = 0100011|1 and 2001: the last bit of the facility becomes the first of the number.
    const seen = at(plan, cardOf(71, 2001));
    expect(seen).toMatchObject({
      opens: false,
      ground: { kind: 'nobody' },
      as: { facility: 35, number: 67_537 },
    });
    const other = mustApply(plan, person('P9', { cards: [{ ...blankCard(35, 67_537), format: 'shifted' }] }));
    expect(at(other, cardOf(71, 2001))).toMatchObject({
      opens: true,
      ground: { kind: 'rule', person: 'P9' },
    });
  });
  it('opens exactly when the list lets its person in', () => {
    fc.assert(
      fc.property(fc.constantFrom('P1', 'P3'), fc.integer({ min: 1, max: 28 }), (id, day) => {
        const plan = site();
        const when = { day: `2026-${day % 2 ? '10' : '12'}-${String(day).padStart(2, '0')}`, minute: 60 };
        const { cards } = plan.people[id]!;
        const { opens } = judge(plan, plan.doors['D01']!, { kind: 'card', card: cards[0]! }, when);
        expect(opens).toBe(mayOpen(plan, plan.people[id]!, plan.doors['D01']!, when).opens);
      }),
    );
  });
});

describe('a code at a keypad', () => {
  const memory = {
    device: 'D01/K1',
    programmingCode: '731946',
    slots: { 3: { code: '480216', card: null }, 7: { code: '999111', card: null } },
    times: {},
  };
  const site = (): Plan =>
    mustApply(
      strikeDoor(),
      person('P1', { code: '480216' }),
      person('P2', { code: '516782', slots: { 'D01/K1': 4 } }),
    );
  it('opens where it stands there, whatever the list says; and is not known where nobody has recorded it', () => {
    expect(at(site(), { kind: 'code', code: '480216' })).toMatchObject({
      opens: null,
      ground: { kind: 'not-recorded' },
    });
    const plan = mustApply(site(), { kind: 'setMemory', device: 'D01/K1', memory });
    expect(at(plan, { kind: 'code', code: '480216' })).toMatchObject({
      opens: true,
      ground: { kind: 'held', person: 'P1', slot: 3 },
    });
    expect(at(plan, { kind: 'code', code: '999111' })).toMatchObject({
      opens: true,
      ground: { kind: 'held', person: null, slot: 7 },
    });
    expect(at(plan, { kind: 'code', code: '516782' })).toMatchObject({
      opens: false,
      ground: { kind: 'not-held' },
    });
    expect(
      at(plan, { kind: 'code', code: '516782' }, { slots: { 4: { code: '516782', card: null } } }),
    ).toMatchObject({
      opens: true,
      ground: { kind: 'held', person: 'P2' },
    });
    expect(at(plan, { kind: 'code', code: '' })).toMatchObject({ opens: false });
  });
});

describe('at a terminal with a screen', () => {
  const slots = {
    1: { code: '480216', card: null, fingers: ['P1/1'] },
    2: { code: '480216', card: null },
  };
  const site = (): Plan =>
    mustApply(
      strikeDoor(),
      { kind: 'setDevice', id: 'D01/K1', patch: { type: 'terminal-finger-port' } },
      person('P1', { code: '480216', fingers: 1, slots: { 'D01/K1': 1 } }),
      {
        kind: 'setMemory',
        device: 'D01/K1',
        memory: { device: 'D01/K1', programmingCode: '', slots, times: {} },
      },
    );
  it('a finger opens where it stands, and one that nobody has read in does not', () => {
    expect(at(site(), { kind: 'finger', finger: 'P1/1' })).toMatchObject({
      opens: true,
      ground: { kind: 'held', person: 'P1', slot: 1 },
    });
    expect(at(site(), { kind: 'finger', finger: 'P2/1' })).toMatchObject({ opens: false });
    // What a finger is to something that keeps none nobody has said.
    const other = mustApply(strikeDoor(), person('P1', { fingers: 1 }));
    expect(at(other, { kind: 'finger', finger: 'P1/1' })).toMatchObject({ opens: null });
  });
  it('a code opens with its own number alone', () => {
    const keyed = (slot?: number): Presented => ({
      kind: 'code',
      code: '480216',
      ...(slot === undefined ? {} : { slot }),
    });
    expect([1, 2, 3].map((slot) => at(site(), keyed(slot)).opens)).toEqual([true, true, false]);
    expect(at(site(), keyed()).opens).toBe(false);
  });
});
