import { expect, it } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { doorsInOrder, publicPlan } from '../plan/index';
import { judge, withoutCodes } from './index';

it('judges without codes as with them, but for what hangs on them, which it never calls settled', () => {
  const plan = quillhaven();
  let dropped = 0;
  for (const { id } of doorsInOrder(plan)) {
    const whole = judge(plan, id);
    const alone = withoutCodes(judge(publicPlan(plan), id));
    if (!whole.ok || !alone.ok) throw new Error(`${id} was not judged`);
    const others = whole.verdict.findings.filter(({ station }) => station !== 'program');
    dropped += whole.verdict.findings.length - others.length;
    expect(alone.verdict.findings).toEqual(others);
    expect(alone.verdict.marks).toMatchObject({ program: 'not-begun', 'hand-over': 'not-begun' });
    expect(alone.verdict.summary.toSettle).toBe(
      others.filter(({ severity }) => severity === 'stop' || severity === 'fix').length,
    );
  }
  expect(dropped).toBeGreaterThan(0);
  const none = judge(plan, 'D77');
  expect(withoutCodes(none)).toBe(none);
});
