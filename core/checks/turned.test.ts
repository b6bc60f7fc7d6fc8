import { describe, expect, it } from 'vitest';
import { conductorsOf, type Edit, type Plan, type TerminalId } from '../plan/index';
import { mustApply, strikeDoor } from '../specimens/doors';
import { add, door, drop, wire } from '../specimens/ruleEdits';
import { terminalOf } from '../specimens/terminalOf';
import { checkContext, runRules } from './index';

const codes = (plan: Plan): string[] => runRules(checkContext(plan, 'D01')).map(({ code }) => code);

/** The wires on two terminals of a device changed over. */
const turned = (plan: Plan, one: string, two: string): Edit[] => {
  const [a, b] = [terminalOf(`D01/${one}`), terminalOf(`D01/${two}`)];
  const other = (end: TerminalId) => (end === a ? b : end === b ? a : end);
  return conductorsOf(plan, 'D01').map(({ id, from, to }) => ({
    kind: 'setConductor',
    id,
    patch: { from: other(from), to: other(to) },
  }));
};

describe('a diode across a lock', () => {
  const plan = strikeDoor();
  it('is reversed where the feed flows through it', () => {
    expect(codes(plan)).not.toContain('diode-reversed');
    expect(codes(mustApply(plan, ...turned(plan, 'D1.A', 'D1.K')))).toContain('diode-reversed');
  });
  it('is not where the lock is turned with it: names of terminals conduct nothing', () => {
    const once = mustApply(plan, ...turned(plan, 'L1.+', 'L1.-'));
    expect(codes(once)).not.toContain('diode-reversed');
    const both = mustApply(once, ...turned(once, 'D1.A', 'D1.K'));
    expect(codes(both)).toContain('diode-reversed');
  });
});

describe('a strike with a trickle through it', () => {
  it('is not told as always open: nothing moves', () => {
    const plan = door('strike-keypad');
    const cut = mustApply(plan, drop(plan, 'K1.NO', 'L1.+'));
    const withResistor = mustApply(cut, add(cut, 'eol-2k2', 'E9'));
    const trickle = mustApply(
      withResistor,
      wire('PS1.+V', 'E9.1', { number: 'W90' }),
      wire('E9.2', 'L1.+', { number: 'W91' }),
    );
    const context = checkContext(trickle, 'D01');
    const [lock] = context.proof.rows[0]!.locks;
    expect(lock?.amps).toBeGreaterThan(1e-3);
    expect(lock?.hold).toBe('held');
    expect(codes(trickle)).not.toContain('switch-bypassed');
  });
});

describe('data lines of a reader', () => {
  it('are told by the names on the reader, and put right by one press', () => {
    const plan = door('mortise-bus');
    const wrong = mustApply(plan, ...turned(plan, 'R1.A', 'R1.B'));
    const found = runRules(checkContext(wrong, 'D01')).find(({ code }) => code === 'card-lines-swapped');
    expect(found?.values).toMatchObject({ terminal: 'A', other: 'B', carries: 'difference' });
    expect(codes(mustApply(wrong, found!.remedy!))).not.toContain('card-lines-swapped');
  });
});
