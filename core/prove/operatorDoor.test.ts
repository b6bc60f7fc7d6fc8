import { describe, expect, it } from 'vitest';
import { autowire } from '../autowire/index';
import { newDevice } from '../brief/index';
import { checkContext, runChecks, toPutRight } from '../checks/index';
import { checkSheet } from '../commission/index';
import { emptyPlan, type Brief, type Plan } from '../plan/index';
import { MAGNET_BRIEF, mustApply } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { metres } from '../units/index';

/** A gate or door that operators move and no lock holds. */
function operated(types: readonly string[], brief: Brief = MAGNET_BRIEF): Plan {
  const door = {
    id: 'D01',
    order: 1,
    name: 'Yard gate',
    brief,
    deadState: null,
    schools: {},
    freePassage: null,
    openingHours: null,
    expectations: [],
    notes: '',
    lastWire: 0,
  };
  const bare = mustApply(emptyPlan('s', 'A gate'), { kind: 'addDoor', door });
  const equipped = types.reduce(
    (plan, type) => mustApply(plan, { kind: 'addDevice', device: newDevice(plan, 'D01', type) }),
    bare,
  );
  return mustApply(equipped, autowire(equipped, 'D01', metres(8)).edit);
}
const bad = (plan: Plan) =>
  runChecks(checkContext(plan, 'D01'))
    .filter(toPutRight)
    .map(({ code }) => code);
const verdicts = (plan: Plan, side: 'inside' | 'outside') =>
  Object.fromEntries(
    checkContext(plan, 'D01').proof.rows.map(({ situation, cells }) => [situation, cells[side].verdict]),
  );

/** A gate whose drive keeps it where it is; a swing leaf gives way to any hand. */
const button = operated(['supply-24v-battery', 'operator-gate-swing', 'safety-edge', 'exit-button']);
const swing = operated(['supply-24v-battery', 'operator-swing', 'exit-button']);
const keyed = operated([
  'supply-24v-battery',
  'supply-12v-battery',
  'operator-gate-swing',
  'safety-edge',
  'keypad-slots',
  'exit-button',
]);

describe('a leaf that an operator alone moves', () => {
  it('asked by a button alone, lacks neither lock nor anything that decides', () => {
    expect(bad(button)).toEqual([]);
  });
  it('is proven to open for whoever asks, while it has power', () => {
    expect(verdicts(button, 'inside')).toMatchObject({ rest: 'pass', exit: 'pass', 'mains-off': 'pass' });
    expect(verdicts(keyed, 'outside')).toMatchObject({ credential: 'pass', 'wrong-credential': 'pass' });
  });
  it('keeps nobody out where a hand pushes it open, and lets everybody out', () => {
    expect(bad(swing)).toContain('not-kept-out');
    expect(verdicts(swing, 'outside')).toMatchObject({ rest: 'fail', forced: 'fail' });
    expect(verdicts(swing, 'inside')).toMatchObject({ rest: 'pass', dead: 'pass' });
  });
  it('is not proven when dead: the plan does not say whether a hand can move it', () => {
    const context = checkContext(button, 'D01');
    const dead = context.proof.rows.find(({ situation }) => situation === 'dead')!;
    expect(dead.cells.inside.verdict).toBe('not-proven');
    expect(dead.cells.inside.missing).toContainEqual({ kind: 'leaf-by-hand' });
    const byHand = operated(['supply-24v-battery', 'operator-gate-swing', 'safety-edge', 'exit-button'], {
      ...MAGNET_BRIEF,
      mechanicalEgress: true,
    });
    expect(verdicts(byHand, 'inside')['dead']).toBe('pass');
  });
  it('is tested by everything that asks it', () => {
    const items = checkSheet(keyed, 'D01').filter(({ task }) => task === 'operator-opens');
    expect(items.map(({ values }) => values['by']).sort()).toEqual(['K1', 'X1']);
  });
  it('has an exit that asks nothing named, and none that does', () => {
    const off = mustApply(keyed, drop(keyed, 'K1.PUSH', 'X1.C'));
    expect(bad(off)).toContain('exit-dead');
    expect(bad(keyed)).not.toContain('exit-dead');
  });
  it('is found where nothing asks it', () => {
    const cut = mustApply(button, drop(button, 'O1.OPEN', 'X1.C'));
    expect(bad(cut)).toContain('operator-unasked');
  });
});

describe('two operators', () => {
  const pair = operated(['supply-24v-battery', 'operator-swing', 'operator-swing', 'exit-button']);
  it('are each asked, and the one that is not is named', () => {
    const found = runChecks(checkContext(pair, 'D01')).filter(({ code }) => code === 'operator-unasked');
    const asked = Object.values(pair.conductors).some(({ from, to }) =>
      [from, to].some((end) => end === 'D01/O2.ACT'),
    );
    expect(found.map(({ at }) => at[0]?.id)).toEqual(asked ? [] : ['D01/O2']);
  });
});
