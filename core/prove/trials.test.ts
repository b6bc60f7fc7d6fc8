import { describe, expect, it } from 'vitest';
import { doorSchema } from '../plan/schemas/door';
import { entries } from '../door/index';
import { conductorsOf, deviceOf, type Adjusted, type Plan } from '../plan/index';
import { atRest, buildWorld } from '../simulate/index';
import { HARDWARE_SETS } from '../brief/index';
import { magnetDoor, MAGNET_BRIEF, mustApply, strikeDoor, wiredDoor, STRIKE_BRIEF } from '../specimens/doors';
import { situationStimuli } from './situationStimuli';
import { prove, trialAt, trialsOf, type ProofRow, type SituationId } from './index';

const rowOf = (plan: Plan, id: SituationId): ProofRow => {
  const world = buildWorld(plan, 'D01');
  return prove(plan, world, atRest(world)).rows.find(({ situation }) => situation === id)!;
};
const wanting = (plan: Plan, ...expectations: Adjusted[]): Plan =>
  mustApply(plan, { kind: 'setDoor', id: 'D01', patch: { expectations } });

describe('a situation that several devices bring about', () => {
  const plans = HARDWARE_SETS.map(({ id, electricalEgress }) =>
    wiredDoor(id, electricalEgress ? MAGNET_BRIEF : STRIKE_BRIEF),
  );
  it('is tried at every reader, keypad, exit and break glass of every set', () => {
    for (const plan of plans) {
      const world = buildWorld(plan, 'D01');
      const trials = trialsOf(world);
      for (const id of ['credential', 'exit', 'break-glass'] as const) {
        const at = trials.filter(({ situation }) => situation.id === id).map(trialAt);
        expect(new Set(at).size).toBe(at.length);
        const { each, at: worst } = rowOf(plan, id) ?? { each: [], at: null };
        if (at.length > 0) expect(worst).not.toBeNull();
        expect(each).toHaveLength(at.length > 1 ? at.length : 0);
      }
      const credentials = trials.filter(({ situation }) => situation.id.startsWith('credential'));
      expect(credentials.map(({ device }) => device!.id).sort()).toEqual(
        [...entries(world), ...situationStimuli(world).outputs].map(({ device }) => device.id).sort(),
      );
    }
    expect(plans.some((plan) => (rowOf(plan, 'exit')?.each.length ?? 0) > 1)).toBe(true);
  });

  it('is as bad as the worst of them, and names it', () => {
    const plan = plans.find((one) => (rowOf(one, 'exit')?.each.length ?? 0) > 1)!;
    const [first, second] = rowOf(plan, 'exit').each;
    const id = Object.values(plan.devices).find(({ tag }) => tag === second!.tag)!.id;
    const wires = conductorsOf(plan, 'D01').filter((wire) =>
      [wire.from, wire.to].some((end) => deviceOf(end) === id),
    );
    const cut = mustApply(plan, ...wires.map((wire) => ({ kind: 'disconnect' as const, id: wire.id })));
    const { at, each, locks } = rowOf(cut, 'exit');
    expect(each.map(({ tag }) => tag)).toEqual([first!.tag, second!.tag]);
    expect(locks.length).toBeGreaterThan(0);
    // The door is left all the same by its other ways: the row tells both, and its own is the worse or the first.
    expect([first!.tag, second!.tag]).toContain(at);
  });
});

describe('what somebody wants instead', () => {
  /** A strike without a lever, with nothing inside that lets anybody out. */
  const glassless = (): Plan => {
    const plan = strikeDoor();
    const inside = Object.values(plan.devices).filter(({ id }) => /^D01\/(X|BG)/.test(id));
    const brief = { ...plan.doors['D01']!.brief, mechanicalEgress: false };
    return mustApply(plan, ...inside.map(({ id }) => ({ kind: 'removeDevice' as const, id })), {
      kind: 'setDoor',
      id: 'D01',
      patch: { brief },
    });
  };
  const mayNotLeave: Adjusted = {
    situation: 'rest',
    side: 'inside',
    wanted: 'may',
    reason: 'a store that nobody is in',
    by: 'T. Yeo',
  };

  it('never makes a way out dispensable: what follows from the brief stays not proven', () => {
    expect(rowOf(glassless(), 'rest').cells.inside.verdict).toBe('fail');
    const { inside } = rowOf(wanting(glassless(), mayNotLeave), 'rest').cells;
    expect(inside).toMatchObject({
      verdict: 'not-proven',
      expectation: 'may',
      adjusted: { by: 'T. Yeo' },
      missing: [{ kind: 'asked-less', reason: 'a store that nobody is in' }],
    });
  });
  it('takes nothing away where what follows from the brief is met as well', () => {
    const { inside } = rowOf(wanting(magnetDoor(), mayNotLeave), 'rest').cells;
    expect(inside).toMatchObject({ verdict: 'pass', expectation: 'may' });
  });
  it('may ask for more, and for less than shut', () => {
    const strict = { ...mayNotLeave, situation: 'rest' as const, wanted: 'must-freely' as const };
    expect(rowOf(wanting(magnetDoor(), strict), 'rest').cells.inside.verdict).toBe('fail');
    const lax: Adjusted = {
      situation: 'dead',
      side: 'outside',
      wanted: 'must-not',
      reason: 'the vault stays shut',
      by: '',
    };
    expect(rowOf(magnetDoor(), 'dead').cells.outside.verdict).toBe('pass');
    expect(rowOf(wanting(magnetDoor(), lax), 'dead').cells.outside.verdict).toBe('fail');
    const open: Adjusted = { ...lax, situation: 'rest', wanted: 'must', reason: 'free in the day' };
    expect(rowOf(wanting(strikeDoor(), open), 'rest').cells.outside.verdict).toBe('fail');
    expect(rowOf(wanting(strikeDoor(), { ...open, wanted: 'may' }), 'rest').cells.outside).toMatchObject({
      verdict: 'pass',
      missing: [],
    });
  });
  it('is said once a cell, with a reason', () => {
    const door = { ...magnetDoor().doors['D01']!, expectations: [mayNotLeave, { ...mayNotLeave, by: 'X' }] };
    expect(doorSchema.safeParse(door).success).toBe(false);
    expect(doorSchema.safeParse({ ...door, expectations: [mayNotLeave] }).success).toBe(true);
    const blank = { ...mayNotLeave, reason: '  ' };
    expect(doorSchema.safeParse({ ...door, expectations: [blank] }).success).toBe(false);
  });
});

describe('what follows a situation by itself', () => {
  it('is told with its time: unlocked by a card, locked again when the time is over', () => {
    const { later } = rowOf(strikeDoor(), 'credential');
    expect(later).toEqual([{ after: 5000, hold: 'held', alarms: [] }]);
  });
  it('is nothing where nothing runs', () => {
    expect(rowOf(strikeDoor(), 'rest').later).toEqual([]);
    expect(rowOf(magnetDoor(), 'fire').later).toEqual([]);
  });
});

describe('rescuers at a door that stays locked without power', () => {
  const asked = (keyOverride: boolean | null, rescuers = true): Plan => {
    const brief = { ...strikeDoor().doors['D01']!.brief, rescuers, keyOverride };
    return mustApply(strikeDoor(), { kind: 'setDoor', id: 'D01', patch: { brief } });
  };
  const outside = (plan: Plan, id: SituationId) => rowOf(plan, id).cells.outside;

  it('get in by a key; where there is none they do not, and where nobody says it is not proven', () => {
    for (const id of ['dead', 'fire'] as const) {
      expect(outside(asked(true), id)).toMatchObject({ verdict: 'pass', works: [{ kind: 'key' }] });
      expect(outside(asked(null), id)).toMatchObject({
        verdict: 'not-proven',
        missing: [{ kind: 'brief', question: 'keyOverride' }],
      });
      expect(outside(asked(false), id)).toMatchObject({
        verdict: 'fail',
        noWayIn: true,
      });
    }
    expect(outside(asked(null), 'rest').verdict).toBe('pass');
    expect(outside(asked(null, false), 'dead').verdict).toBe('pass');
  });
  it('need none at a magnet that lets go', () => {
    const brief = { ...magnetDoor().doors['D01']!.brief, rescuers: true, keyOverride: null };
    const plan = mustApply(magnetDoor(), { kind: 'setDoor', id: 'D01', patch: { brief } });
    expect(outside(plan, 'dead')).toMatchObject({ verdict: 'pass', works: [{ kind: 'unlocked' }] });
  });
});
