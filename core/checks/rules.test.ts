import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { applyEdit, type Edit, type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { HARDWARE_MISTAKES } from '../specimens/hardwareMistakes';
import { intercomPlan } from '../specimens/intercom';
import { PROOF_MISTAKES } from '../specimens/proofMistakes';
import { door } from '../specimens/ruleEdits';
import { WIRE_MISTAKES } from '../specimens/wireMistakes';
import { checkContext, runChecks, type Finding } from './index';

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

describe('the right wiring', () => {
  it.each(HARDWARE_SETS.map(({ id: name }) => name))('of %s stays quiet', (name) => {
    expect(bad(findingsOf(door(name)))).toEqual([]);
  });
  it('of an intercom set stays quiet at both doors', () => {
    for (const one of ['D01', 'D02']) expect(bad(runChecks(checkContext(intercomPlan(), one)))).toEqual([]);
  });
});
