import { behaviour } from '../specimens/behaviour';
import { describe, expect, it } from 'vitest';
import { applyEdit, type Plan } from '../plan/index';
import { magnetDoor, safeStrikeDoor, strikeDoor } from '../specimens/doors';
import { singleMistakes } from '../specimens/mistakes';
import { checkContext, runRules, toPutRight } from './index';

describe.each([
  ['magnet', magnetDoor],
  ['strike', strikeDoor],
  ['fail-safe strike', safeStrikeDoor],
])('every single mistake at a %s door', (_, make) => {
  const plan: Plan = make();
  const right = behaviour(checkContext(plan, 'D01'));

  const made = singleMistakes(plan, 'D01').flatMap(({ text, edit }) => {
    const result = applyEdit(plan, edit);
    if (!result.ok) return [];
    const context = checkContext(result.plan, 'D01');
    return [{ text, context, findings: runRules(context) }];
  });

  it('that changes what the door does raises a finding to be put right', () => {
    const changing = made.filter(({ context }) => behaviour(context) !== right);
    expect(changing.length).toBeGreaterThan(50);
    expect(changing.filter(({ findings }) => !findings.some(toPutRight)).map(({ text }) => text)).toEqual([]);
  });

  it('that leaves no way out in some situation is a stop', () => {
    const trapping = made.filter(({ context }) =>
      context.proof.rows.some(({ cells }) => cells.inside.works.length === 0),
    );
    expect(
      trapping
        .filter(({ findings }) => !findings.some(({ severity }) => severity === 'stop'))
        .map(({ text }) => text),
    ).toEqual([]);
  });
});
