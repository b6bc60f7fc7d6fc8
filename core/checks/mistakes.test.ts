import { describe, expect, it } from 'vitest';
import { applyEdit, type Plan } from '../plan/index';
import { magnetDoor, safeStrikeDoor, strikeDoor } from '../specimens/doors';
import { singleMistakes } from '../specimens/mistakes';
import { checkContext, runChecks, type CheckContext } from './index';

/** What a door does in every situation, as one line: locks, ways out, alarms. */
const behaviour = ({ proof }: CheckContext): string =>
  proof.rows
    .map(({ situation, locks, cells, alarms }) => {
      const ways = cells.inside.works.map((means) => ('tag' in means ? means.tag : means.kind));
      return [situation, ...locks.map(({ hold }) => hold), ...ways, ...alarms].join(' ');
    })
    .join('\n');

describe.each([
  ['magnet', magnetDoor],
  ['strike', strikeDoor],
  ['fail-safe strike', safeStrikeDoor],
])('every single mistake at a %s door', (_, make) => {
  const plan: Plan = make();
  const right = behaviour(checkContext(plan, 'D01'));

  it('that changes what the door does raises a finding to be put right', { timeout: 120_000 }, () => {
    const missed: string[] = [];
    let changed = 0;
    for (const mistake of singleMistakes(plan, 'D01')) {
      const result = applyEdit(plan, mistake.edit);
      if (!result.ok) continue;
      const context = checkContext(result.plan, 'D01');
      if (behaviour(context) === right) continue;
      changed += 1;
      const found = runChecks(context).some(({ severity }) => severity === 'stop' || severity === 'fix');
      if (!found) missed.push(mistake.text);
    }
    expect(changed).toBeGreaterThan(50);
    expect(missed).toEqual([]);
  });

  it('that leaves no way out in some situation is a stop', { timeout: 120_000 }, () => {
    for (const mistake of singleMistakes(plan, 'D01')) {
      const result = applyEdit(plan, mistake.edit);
      if (!result.ok) continue;
      const context = checkContext(result.plan, 'D01');
      const trapped = context.proof.rows.some(({ cells }) => cells.inside.works.length === 0);
      if (!trapped) continue;
      const stops = runChecks(context).filter(({ severity }) => severity === 'stop');
      expect(stops.length, mistake.text).toBeGreaterThan(0);
    }
  });
});
