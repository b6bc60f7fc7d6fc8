import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { door } from '../specimens/ruleEdits';
import { checkContext, runChecks, toPutRight, tryRemedies, type Finding } from './index';
import { everyNth } from '../../scripts/testSlice';

/** Findings that say a wire is missing: pressing their button must finish the real loop. */
const MISSING: ReadonlySet<string> = new Set(['not-wired', 'loop-broken', 'link-missing']);

const judged = (plan: Plan): readonly Finding[] => {
  const context = checkContext(plan, 'D01');
  return tryRemedies(context, runChecks(context)).filter(toPutRight);
};

/** Presses the first button for a missing wire, again and again. */
function pressAll(start: Plan): { plan: Plan; presses: number; seen: readonly Finding[][] } {
  let plan = start;
  const seen: Finding[][] = [];
  for (let presses = 0; presses < 30; presses += 1) {
    const found = judged(plan);
    seen.push([...found]);
    const next = found.find(({ code, remedy }) => MISSING.has(code) && remedy);
    if (!next?.remedy) return { plan, presses, seen };
    plan = mustApply(plan, next.remedy);
  }
  throw new Error('the buttons never come to an end');
}

describe('a door that is not wired yet', () => {
  it.each(everyNth(HARDWARE_SETS, 6).map(({ id }) => id))(
    '%s is wired by one press, and is sound then',
    (set) => {
      const bare: Plan = { ...door(set), conductors: {}, cables: {} };
      const { plan, presses } = pressAll(bare);
      expect(presses).toBe(1);
      expect(judged(plan).map(({ code }) => code)).toEqual([]);
    },
  );
});

describe('a half-wired door', () => {
  it.each(everyNth(HARDWARE_SETS, 6).map(({ id }) => id))(
    '%s: pressing what is offered never feeds a lock past what breaks its way',
    (set) => {
      const right = door(set);
      const wires = Object.keys(right.conductors);
      fc.assert(
        fc.property(fc.subarray(wires, { minLength: 2, maxLength: wires.length - 1 }), (gone) => {
          const left = Object.fromEntries(
            Object.entries(right.conductors).filter(([id]) => !gone.includes(id)),
          );
          const { plan, seen } = pressAll({ ...right, conductors: left });
          const dangerous = ['switch-bypassed', 'held-in-fire', 'break-not-in-lock-power', 'short-circuit'];
          const before = new Set(seen[0]?.map(({ code }) => code));
          const found = checkContext(plan, 'D01');
          expect(
            runChecks(found)
              .map(({ code }) => code)
              .filter((code) => dangerous.includes(code) && !before.has(code)),
          ).toEqual([]);
        }),
        { numRuns: 3, seed: 20261126 },
      );
    },
    120_000,
  );
});
