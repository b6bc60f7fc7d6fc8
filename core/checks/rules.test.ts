import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { applyEdit, type Edit, type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { HARDWARE_MISTAKES } from '../specimens/hardwareMistakes';
import { intercomPlan } from '../specimens/intercom';
import { PROOF_MISTAKES } from '../specimens/proofMistakes';
import { door } from '../specimens/ruleEdits';
import { WIRE_MISTAKES } from '../specimens/wireMistakes';
import { checkContext, runChecks, tryRemedies, type Finding } from './index';

const findingsOf = (plan: Plan, ...edits: Edit[]): Finding[] =>
  runChecks(checkContext(mustApply(plan, ...edits), 'D01'));
const bad = (findings: Finding[]) =>
  findings.filter(({ severity }) => severity === 'stop' || severity === 'fix').map(({ code }) => code);

describe.each([...WIRE_MISTAKES, ...HARDWARE_MISTAKES, ...PROOF_MISTAKES])(
  '%s: %s',
  (code, _what, make, edits) => {
    it('fires, with a remedy that settles it where there is one', () => {
      const plan = make();
      const broken = mustApply(plan, ...edits(plan));
      const doors = code === 'channel-beyond' ? 'D02' : 'D01';
      const found = runChecks(checkContext(broken, doors)).find((one) => one.code === code);
      expect(
        found,
        runChecks(checkContext(broken, doors))
          .map((one) => one.code)
          .join(),
      ).toBeDefined();
      if (!found?.remedy) return;
      const fixed = applyEdit(broken, found.remedy);
      if (!fixed.ok) throw new Error(JSON.stringify(fixed.refusal));
      expect(runChecks(checkContext(fixed.plan, doors)).filter((one) => one.code === code)).toEqual([]);
    });
  },
);

describe('two door stations on one channel', () => {
  it('are put right by one press, whose next button does not take it back', () => {
    const plan = mustApply(intercomPlan(), {
      kind: 'setSetting',
      device: 'D02/DS1',
      setting: 'channel',
      value: 1,
    });
    const pressed: string[] = [];
    let now = plan;
    for (let n = 0; n < 4; n += 1) {
      const context = checkContext(now, 'D02');
      const found = tryRemedies(context, runChecks(context));
      const next = found.find(({ code, remedy }) => code.startsWith('channel-') && remedy);
      if (!next?.remedy) break;
      pressed.push(next.code);
      now = mustApply(now, next.remedy);
    }
    expect(pressed).toEqual(['channel-clash']);
    for (const one of ['D01', 'D02'])
      expect([one, bad(runChecks(checkContext(now, one)))]).toEqual([one, []]);
  });
});

describe('the right wiring', () => {
  it.each(HARDWARE_SETS.map(({ id: name }) => name))('of %s stays quiet', (name) => {
    expect(bad(findingsOf(door(name)))).toEqual([]);
  });
  it('of an intercom set stays quiet at both doors', () => {
    for (const one of ['D01', 'D02']) expect(bad(runChecks(checkContext(intercomPlan(), one)))).toEqual([]);
  });
});
