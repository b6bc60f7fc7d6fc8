import { describe, expect, it } from 'vitest';
import { mustApply } from '../specimens/doors';
import { american, magnetIn } from '../specimens/regionMistakes';
import type { Plan, Region } from '../plan/index';
import { brief, set } from '../specimens/ruleEdits';
import { checkContext, runChecks, toPutRight, tryRemedies } from './index';

const ASKED = ['no-manual-release', 'no-break-glass', 'sensor-loss-holds', 'two-motions', 'fire-line-silent'];
const told = (plan: Plan): Record<string, string> =>
  Object.fromEntries(
    runChecks(checkContext(plan, 'D01'))
      .filter(({ code }) => ASKED.includes(code))
      .map(({ code, severity }) => [code, severity]),
  );
const moved = (plan: Plan, region: Region): Plan => mustApply(plan, { kind: 'setSite', patch: { region } });

describe('one door under several regions', () => {
  it('with a sensor, a plain button and no glass, is told what each asks', () => {
    const plan = magnetIn('europe', 'exit-motion', 'exit-button');
    const latched = mustApply(plan, brief(plan, { ownLatch: true }));
    expect(told(latched)).toEqual({ 'no-break-glass': 'stop', 'fire-line-silent': 'note' });
    expect(told(moved(latched, 'uk'))).toEqual({ 'no-break-glass': 'stop', 'fire-line-silent': 'caution' });
    expect(told(moved(latched, 'north-america'))).toEqual({
      'no-manual-release': 'stop',
      'sensor-loss-holds': 'fix',
      'fire-line-silent': 'note',
    });
  });
  it('built as it is asked across the Atlantic, has nothing to put right there, and no break glass elsewhere', () => {
    const found = (plan: Plan) =>
      runChecks(checkContext(plan, 'D01'))
        .filter(toPutRight)
        .map(({ code }) => code);
    expect(found(american())).toEqual([]);
    expect(found(moved(american(), 'uk'))).toEqual(['no-break-glass']);
  });
  it('offers to set a button that has a time of its own for as long as is asked', () => {
    const plan = mustApply(american(), set('X2', 'hold', 5));
    const context = checkContext(plan, 'D01');
    const [found] = tryRemedies(
      context,
      runChecks(context).filter(({ code }) => code === 'no-manual-release'),
    );
    expect(told(mustApply(plan, found!.remedy!))).toEqual({ 'fire-line-silent': 'note' });
  });
  it('takes a glass for a button where a button is asked: it stays broken', () => {
    expect(told(magnetIn('north-america', 'exit-button', 'break-glass-double'))).toEqual({
      'fire-line-silent': 'note',
    });
  });
});
