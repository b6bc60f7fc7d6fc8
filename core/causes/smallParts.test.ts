import { describe, expect, it } from 'vitest';
import { checkContext, runRules, toPutRight } from '../checks/index';
import { conductorsOf, deviceOf, type Edit, type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { add, bus, id, lobby, move, set } from '../specimens/ruleEdits';
import { smallPartsFor } from './smallParts';
import { searchCauses } from './searchCauses';
import { editOf } from './change';

const first = (plan: Plan) => searchCauses(plan, 'D01').causes[0]?.repair;
const left = (plan: Plan) =>
  runRules(checkContext(plan, 'D01'))
    .filter(toPutRight)
    .map(({ code }) => code);
const candidates = (plan: Plan) => {
  const context = checkContext(plan, 'D01');
  return smallPartsFor(context, runRules(context));
};
/** A device and every wire on it, gone. */
const lose = (plan: Plan, tag: string): Edit[] => [
  ...conductorsOf(plan, 'D01')
    .filter(({ from, to }) => [from, to].some((end) => deviceOf(end) === `D01/${tag}`))
    .map(({ id }): Edit => ({ kind: 'disconnect', id })),
  { kind: 'removeDevice', id: `D01/${tag}` },
];

describe('small parts as repairs', () => {
  it('exchanges a resistor of the wrong value', () => {
    const wrong = mustApply(bus(), { kind: 'setDevice', id: 'D01/E1', patch: { type: 'eol-10k' } });
    expect(left(wrong)).toContain('eol-wrong-value');
    const repair = first(wrong);
    expect(repair?.changes).toEqual([{ kind: 'exchange-part', device: 'D01/E1', type: 'eol-2k2' }]);
    expect(left(mustApply(wrong, repair!.edit))).toEqual([]);
  });
  it('adds the resistor that a supervised contact lacks, wired', () => {
    const plan = bus();
    const wrong = mustApply(
      plan,
      move(plan, 'K1.DC1', 'E1.1', 'to', 'C1.a'),
      { kind: 'disconnect', id: id(plan, 'E1.2', 'C1.a') },
      { kind: 'removeDevice', id: 'D01/E1' },
    );
    expect(left(wrong)).toContain('eol-missing');
    const repair = first(wrong);
    expect(repair?.changes).toMatchObject([{ kind: 'add-parts', types: ['eol-2k2'] }]);
    expect(left(mustApply(wrong, repair!.edit))).toEqual([]);
  });
  it('has the kit of both ready where both are lost', () => {
    const wrong = mustApply(
      bus(),
      ...lose(bus(), 'E1'),
      ...lose(mustApply(bus(), ...lose(bus(), 'E1')), 'E2'),
    );
    const settled = candidates(wrong).filter(
      (candidate) => left(mustApply(wrong, editOf(candidate, ''))).length === 0,
    );
    // Wired as the whole door would be, or with its own wires alone.
    expect(settled.length).toBeGreaterThan(0);
    for (const { changes } of settled)
      expect(changes).toMatchObject([{ kind: 'add-parts', types: ['eol-2k2', 'eol-2k2'] }]);
  });
  it('adds the resistor of an alarm line', () => {
    const wrong = mustApply(lobby(), ...lose(lobby(), 'E1'));
    expect(left(wrong)).not.toEqual([]);
    const repair = first(wrong);
    expect(repair?.changes).toMatchObject([{ kind: 'add-parts', types: ['eol-10k'] }]);
    expect(left(mustApply(wrong, repair!.edit))).toEqual([]);
  });
  it('offers only parts with the same leads, and never the one that is there', () => {
    const plan = mustApply(lobby(), add(lobby(), 'varistor-18v', 'V9'));
    const exchanges = candidates(plan)
      .flatMap(({ changes }) => changes)
      .flatMap((change) => (change.kind === 'exchange-part' ? [change] : []));
    expect(exchanges.map(({ device, type }) => `${device} ${type}`).sort()).toEqual([
      'D01/E1 eol-2k2',
      'D01/E1 eol-4k7',
      'D01/V9 varistor-38v',
    ]);
  });
  it('makes every candidate an edit that the plan accepts', () => {
    for (const plan of [bus(), lobby(), mustApply(bus(), set('K1', 'ch1.eol', 'none'))])
      for (const candidate of candidates(plan))
        expect(() => mustApply(plan, editOf(candidate, 'try'))).not.toThrow();
  });
});
