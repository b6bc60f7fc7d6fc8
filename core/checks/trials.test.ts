import { does } from '../devices/index';
import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import type { Edit, Plan } from '../plan/index';
import { metres } from '../units/index';
import { magnetDoor, mustApply, strikeDoor } from '../specimens/doors';
import { sharedFireSupply, siteRelay } from '../specimens/fireSites';
import { intercomPlan } from '../specimens/intercom';
import { door, drop, set, wire } from '../specimens/ruleEdits';
import { terminalOf } from '../specimens/terminalOf';
import { acts, asks } from './analyses/acts';
import { isWorse, judgedOf, trialsAt } from './trials';
import { checkContext, runRules, toPutRight } from './index';

const trialAt = (plan: Plan, id: string, edit: Edit) => {
  const context = checkContext(plan, id);
  return trialsAt(context, runRules(context), runRules)(edit);
};
const judged = (plan: Plan, id = 'D01') => {
  const context = checkContext(plan, id);
  return judgedOf(context, runRules(context));
};

describe('a change that is tried', () => {
  it('is null where the plan refuses it, or the door goes with it', () => {
    const plan = magnetDoor();
    expect(trialAt(plan, 'D01', { kind: 'disconnect', id: 'D01/W77' })).toBeNull();
    expect(trialAt(plan, 'D01', { kind: 'removeDoor', id: 'D01' })).toBeNull();
  });
  it('leaves the plan that it is tried on as it is', () => {
    const plan = magnetDoor();
    const before = JSON.stringify(plan);
    trialAt(plan, 'D01', drop(plan, 'K1.NC1', 'EB1.1C'));
    expect(JSON.stringify(plan)).toBe(before);
  });
  it('is worse where the door has something new to put right', () => {
    const plan = magnetDoor();
    expect(trialAt(plan, 'D01', drop(plan, 'K1.NC1', 'EB1.1C'))?.worse).toBe(true);
    expect(trialAt(plan, 'D01', wire('PS1.+V', 'PS1.0V'))?.worse).toBe(true);
  });
  it('is not worse where it changes nothing that counts', () => {
    const plan = magnetDoor();
    const note: Edit = { kind: 'setDevice', id: 'D01/K1', patch: { notes: 'beside the riser' } };
    expect(trialAt(plan, 'D01', note)?.worse).toBe(false);
  });
  it('is not worse where it puts the one mistake right', () => {
    const plan = strikeDoor();
    const wrong = mustApply(plan, set('L1', 'mode', 'fail-safe'));
    expect(judged(wrong).findings.some(toPutRight)).toBe(true);
    const trial = trialAt(wrong, 'D01', set('L1', 'mode', 'fail-secure'));
    expect(trial?.worse).toBe(false);
    expect(trial?.judged.findings.filter(toPutRight)).toEqual([]);
  });
});

describe('a change at one door that reaches another', () => {
  const plan = sharedFireSupply();

  it('is worse where it harms the neighbour alone', () => {
    // The first door is right before and after; the second loses the output that a fire drops.
    const feed = Object.values(plan.conductors).find(
      ({ from, to }) => from === 'D01/PS1.L+' && to === 'D02/K1.COM1',
    )!;
    const trial = trialAt(plan, 'D01', { kind: 'disconnect', id: feed.id });
    expect(trial?.judged.findings.filter(toPutRight)).toEqual([]);
    expect(trial?.worse).toBe(true);
  });
  it('is worse where a supply of another voltage is put in for both', () => {
    const edit: Edit = { kind: 'setDevice', id: 'D01/PS1', patch: { type: 'supply-24v-battery' } };
    for (const id of ['D01', 'D02']) expect(trialAt(plan, id, edit)?.worse ?? true).toBe(true);
  });
  it('is worse where a relay of the site stops latching, from either door', () => {
    const edit: Edit = { kind: 'setSetting', device: 'F1', setting: 'latch', value: 'following' };
    for (const id of ['D01', 'D02']) expect(trialAt(siteRelay(), id, edit)?.worse).toBe(true);
  });
  it('is no worse where the neighbour was as bad before', () => {
    const far = Object.values(plan.conductors).find(({ to }) => to === 'D02/L1.+')!;
    const bad = mustApply(plan, { kind: 'setConductor', id: far.id, patch: { length: metres(4000) } });
    expect(judged(bad, 'D02').findings.some(toPutRight)).toBe(true);
    const note: Edit = { kind: 'setDevice', id: 'D01/PS1', patch: { notes: 'shared' } };
    expect(trialAt(bad, 'D01', note)?.worse).toBe(false);
  });
});

describe('a change that takes a door away from its fire relay', () => {
  it('is worse, although no cell fails of what is no longer asked', () => {
    const site = siteRelay();
    const feed = Object.values(site.conductors).find(({ to }) => to === 'F1.2C')!;
    const past = mustApply(site, { kind: 'setConductor', id: feed.id, patch: { to: terminalOf('F1.2NC') } });
    // Straight to the relay of the controller: the fire is gone round, and nothing says so any more.
    const round: Edit = { kind: 'setConductor', id: feed.id, patch: { to: terminalOf('D02/K1.COM1') } };
    expect(trialAt(past, 'D02', round)?.worse).toBe(true);
    const right: Edit = { kind: 'setConductor', id: feed.id, patch: { to: terminalOf('F1.2C') } };
    expect(trialAt(past, 'D02', right)?.worse).toBe(false);
  });
});

describe('worse', () => {
  const right = judged(magnetDoor());
  const plan = magnetDoor();
  const wrongs = [
    drop(plan, 'PS1.+V', 'F1.C'),
    drop(plan, 'R1.D0', 'K1.D0-1'),
    set('F1', 'latch', 'following'),
    wire('F1.C', 'F1.NC'),
  ].map((edit) => judged(mustApply(plan, edit)));

  it('is nothing than itself, and never both ways round', () => {
    for (const one of [right, ...wrongs]) expect(isWorse(one, one)).toBe(false);
    for (const wrong of wrongs) {
      expect(isWorse(right, wrong)).toBe(true);
      expect(isWorse(wrong, right)).toBe(false);
    }
  });
  it('is another mistake in the place of one', () => {
    expect(isWorse(wrongs[1]!, wrongs[2]!)).toBe(true);
    expect(isWorse(wrongs[2]!, wrongs[1]!)).toBe(true);
  });
});

describe('what people do at a door', () => {
  const plans = [...HARDWARE_SETS.map(({ id }) => door(id)), intercomPlan()];
  it('is listed once each, and what asks is part of it', () => {
    for (const one of plans) {
      const { world } = checkContext(one, 'D01');
      const [all, asking] = [acts(world), asks(world)].map((list) => list.map((act) => JSON.stringify(act)));
      expect(new Set(all).size).toBe(all!.length);
      for (const act of asking!) expect(all).toContain(act);
    }
  });
  it('has every button, key, card and glass that the door has', () => {
    for (const one of plans) {
      const { world } = checkContext(one, 'D01');
      const named = new Set(
        acts(world).flatMap((act) => ('device' in act && act.device ? [act.device] : [])),
      );
      const worked = world.inhabitants.filter(
        ({ device, type }) =>
          device.door === 'D01' &&
          does(type, 'button', 'sensor', 'switch', 'breakGlass', 'ownCodes', 'reader', 'busReader'),
      );
      expect(worked.filter(({ device }) => !named.has(device.id)).map(({ device }) => device.id)).toEqual([]);
    }
  });
});
