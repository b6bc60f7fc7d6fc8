import { describe, expect, it } from 'vitest';
import { checkContext, runChecks } from '../checks/index';
import { checkSheet } from '../commission/index';
import { siteOf } from '../specimens/site';
import { lockStatuses } from '../simulate/index';
import { feedingOf } from './index';

/** Five magnets on one supply that is too small: a board lets go, the voltage comes back, the board starts, and so on. */
const plan = siteOf({ doors: 5, perSupply: 5, ample: false, sets: ['magnet-controller'] });
const context = checkContext(plan, 'D001');

describe('a circuit that never comes to rest', () => {
  it('has no figure anywhere, and nothing is said to be enough', () => {
    const { point } = context.rest;
    expect(point.restless.length).toBeGreaterThan(0);
    const fed = context.budget.voltages;
    expect(fed.length).toBeGreaterThan(0);
    for (const one of fed) {
      expect(feedingOf(one)).toBe('unsettled');
    }
    expect(context.budget.drops.length).toBeGreaterThan(0);
    for (const drop of context.budget.drops) expect(drop.isUnsettled).toBe(true);
    for (const supply of context.budget.supplies) expect(supply.isUnsettled).toBe(true);
    for (const lock of lockStatuses(context.world, point)) {
      expect(lock.volts).toBeNull();
      expect(lock.hold).toBe('weak');
    }
  });
  it('is found, and no cell of it passes', () => {
    const codes = runChecks(context).map(({ code }) => code);
    expect(codes).toContain('restless');
    // From the ratings of what hangs on it, which no circuit is asked for.
    expect(codes).toContain('headroom');
    for (const concluded of ['battery-short', 'battery-sound', 'lock-under-voltage', 'device-under-voltage'])
      expect(codes).not.toContain(concluded);
    const rows = context.proof.rows.filter(({ situation }) =>
      ['rest', 'credential', 'exit'].includes(situation),
    );
    expect(rows).toHaveLength(3);
    for (const { cells } of rows)
      for (const { verdict } of [cells.outside, cells.inside]) expect(verdict).not.toBe('pass');
  });
  it('is told by the two states between which it goes, and by what the lock gets meanwhile', () => {
    const found = runChecks(context).filter(({ code }) => code === 'restless');
    expect(found.length).toBeGreaterThan(0);
    for (const { values } of found) {
      expect(values).toMatchObject({ part: 'electronic', lock: 'L1' });
      expect(Number(values['onVolts'])).toBeLessThan(Number(values['offVolts']));
      expect(Number(values['lowVolts'])).toBeLessThan(Number(values['highVolts']));
    }
  });
  it('asks for no voltage on the test sheet', () => {
    expect(checkSheet(plan, 'D001').filter(({ unit }) => unit === 'V' || unit === 'A')).toEqual([]);
  });
});
